import type { Kit } from '$lib/core/kit';
import type { CrankFault } from '$lib/core/knit';
import { type Departure, departure } from '$lib/core/read';
import type { Read } from '$lib/core/tomble';
import { planProject } from '$lib/store/projects';
import type { Project } from '$lib/store/records/project';

/** Parts of a brief that change no row. */
const WORDS: readonly string[] = ['name', 'ownSteps', 'ownPlaces', 'ownRows', 'ownWaits', 'pompom', 'patches'];

/** Whether a change of a brief can change no row. */
export const isOfWords = (change: object): boolean => Object.keys(change).every((key) => WORDS.includes(key));

/** What a window knows of a project. */
export interface Known {
  readonly kit: Kit | null | undefined;
  readonly project: Project | null;
  readonly planned: Read | null;
  /** Rows that hang on the machine. */
  readonly rows: number;
  readonly faults: readonly CrankFault[];
}

/**
 * How the plan that a project would have departs from what hangs on the machine, or null where it does not, where nothing hangs there,
 * or where the piece is done.
 */
export function departing({ kit, project, planned, rows, faults }: Known, next: Project): Departure | null {
  if (!kit || !project || !planned?.ok || rows === 0 || project.measured) return null;
  const then = planProject(kit, next, faults);
  return then.ok ? departure(planned.value, then.value, rows) : null;
}
