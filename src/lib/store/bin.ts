import type { TombleDb } from './db';

/** Throws a project away so that it can be had back. */
export async function removeProject(db: TombleDb, id: string): Promise<void> {
  await db.projects.update(id, { deletedAt: new Date().toISOString() });
}

/** Takes a project back out of the bin. */
export async function restoreProject(db: TombleDb, id: string): Promise<void> {
  await db.projects.update(id, { deletedAt: null });
}

/** Empties the bin of what was thrown away before a moment. */
export async function purge(db: TombleDb, before: Date): Promise<void> {
  await db.transaction('rw', db.projects, db.events, async () => {
    const gone = await db.projects
      .filter((p) => p.deletedAt !== null && p.deletedAt < before.toISOString())
      .primaryKeys();
    await db.projects.bulkDelete(gone);
    await db.events.where('projectId').anyOf(gone).delete();
  });
}
