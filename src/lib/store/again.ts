import { withRefs } from '$lib/core/kinds/refs';
import { Project } from './records/project';

/** Machines and yarns to be taken in the place of others, by their ids. */
export type Swaps = ReadonlyMap<string, string>;

/**
 * The same thing once more, as a project of its own that is not begun: it is planned with what is known now, what the finished
 * piece taught included, on other machines and in other yarns where some are named.
 *
 * @example again(project, new Map([['y-oat', 'y-tide']]), 'Hat for the second child')
 */
export function again(
  { brief, forWhom }: Pick<Project, 'brief' | 'forWhom'>,
  swaps: Swaps,
  name: string,
  now = new Date()
): Project {
  const at = now.toISOString();
  return Project.parse({
    id: crypto.randomUUID(),
    brief: { ...withRefs(brief, ({ id }) => swaps.get(id) ?? id), name },
    forWhom,
    createdAt: at,
    updatedAt: at
  });
}
