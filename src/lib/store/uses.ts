import { type Ref, refsOf, withRefs } from '$lib/core/kinds/refs';
import type { TombleDb } from './db';
import { removeOne } from './delete';
import { replanned } from './projects';
import type { Project } from './records/project';
import { reviseProject } from './revise';

/** A thing of the kit that projects may use. */
export interface Thing {
  readonly what: 'machine' | 'yarn';
  readonly id: string;
}

const uses = (project: Project, { what, id }: Thing): boolean =>
  refsOf(project.brief).some((ref) => ref.what === what && ref.id === id && !ref.path.startsWith('strands.'));

/** Projects that use a thing, the one that was changed last first. */
export async function usesOf(db: TombleDb, thing: Thing): Promise<Project[]> {
  const all = await db.projects.orderBy('updatedAt').reverse().toArray();
  return all.filter((project) => uses(project, thing));
}

/**
 * Deletes a thing of the kit, which lies in the bin then, and puts another one in its place in every project, all or nothing;
 * each project can undo it for itself, as any edit.
 *
 * @param title what it is called
 * @param by id of what takes its place; null leaves the projects as they are
 * @returns id of the entry in the bin
 */
export const deleteThing = (db: TombleDb, thing: Thing, title: string, by: string | null): Promise<string | null> =>
  db.transaction('rw', db.tables, async () => {
    const entry = await removeOne(db, thing.what, thing.id, title);
    if (by === null) return entry;
    const swap = (ref: Ref): string => (ref.what === thing.what && ref.id === thing.id ? by : ref.id);
    for (const { id } of await usesOf(db, thing))
      await reviseProject(db, id, (project) => replanned(project, withRefs(project.brief, swap)));
    return entry;
  });
