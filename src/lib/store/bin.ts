import type { TombleDb } from './db';

/** Throws a project away so that it can be had back. */
export async function removeProject(db: TombleDb, id: string): Promise<void> {
  await db.projects.where({ id }).modify((project) => {
    project.deletedAt = new Date().toISOString();
    project.rev += 1;
  });
}

/**
 * Takes out a project that was only looked at: nothing was changed in it and no row knitted. Any other stays.
 *
 * @returns whether it went
 */
export const discardUntouched = (db: TombleDb, id: string): Promise<boolean> =>
  db.transaction('rw', db.projects, db.events, db.photos, async () => {
    const project = await db.projects.get(id);
    const used =
      (await db.events.where({ projectId: id }).count()) + (await db.photos.where({ projectId: id }).count());
    if (!project || used > 0 || project.past.length > 0 || project.future.length > 0 || project.measured) return false;
    await db.projects.delete(id);
    return true;
  });

/** Takes a project back out of the bin. */
export async function restoreProject(db: TombleDb, id: string): Promise<void> {
  await db.projects.where({ id }).modify((project) => {
    project.deletedAt = null;
    project.rev += 1;
  });
}

/** What was thrown away so long ago is past its undo. */
const A_DAY_MS = 24 * 3600 * 1000;

/** Empties the bin of what was thrown away before a moment: a day ago where none is named. */
export async function purge(db: TombleDb, before = new Date(Date.now() - A_DAY_MS)): Promise<void> {
  await db.transaction('rw', db.projects, db.events, db.photos, async () => {
    const gone = await db.projects
      .filter((p) => p.deletedAt !== null && p.deletedAt < before.toISOString())
      .primaryKeys();
    await db.projects.bulkDelete(gone);
    await db.events.where('projectId').anyOf(gone).delete();
    await db.photos.where('projectId').anyOf(gone).delete();
  });
}
