import { type Ref, refsOf, withRefs } from '$lib/core/kinds/refs';
import type { TombleDb } from './db';
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

/** Projects that use a thing, the one that was changed last first; those that were thrown away are left out. */
export async function usesOf(db: TombleDb, thing: Thing): Promise<Project[]> {
  const all = await db.projects.orderBy('updatedAt').reverse().toArray();
  return all.filter((project) => project.deletedAt === null && uses(project, thing));
}

/**
 * Deletes a thing of the kit and puts another one in its place in every project, all or nothing; each project can undo it
 * for itself, as any edit.
 *
 * @param by id of what takes its place; null leaves the projects as they are
 */
export async function deleteThing(db: TombleDb, thing: Thing, by: string | null): Promise<void> {
  const table = thing.what === 'machine' ? db.machines : db.yarns;
  await db.transaction('rw', table, db.projects, async () => {
    await table.delete(thing.id);
    if (by === null) return;
    const swap = (ref: Ref): string => (ref.what === thing.what && ref.id === thing.id ? by : ref.id);
    for (const { id } of await usesOf(db, thing))
      await reviseProject(db, id, (project) => replanned(project, withRefs(project.brief, swap)));
  });
}
