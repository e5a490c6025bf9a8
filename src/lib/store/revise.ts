import type { TombleDb } from './db';
import type { Project } from './records/project';

/** A project that was to be changed is no longer there: it was thrown away, perhaps in another window. */
export class Gone extends Error {
  override readonly name = 'Gone';
}

/**
 * Changes a project as it is kept at this moment, whoever wrote it last, and counts the change: a page that did not see
 * the change before this one cannot take it back by writing all it remembers.
 *
 * @param change what becomes of the project; itself when nothing changes
 * @returns the project as it is kept now
 * @throws Gone when it is not there
 * @example await reviseProject(db, id, (stored) => ({ ...stored, rested }))
 */
export const reviseProject = (db: TombleDb, id: string, change: (stored: Project) => Project): Promise<Project> =>
  db.transaction('rw', db.projects, async () => {
    const stored = await db.projects.get(id);
    if (!stored) throw new Gone(id);
    const next = change(stored);
    if (next === stored) return stored;
    const kept = { ...next, rev: stored.rev + 1, updatedAt: new Date().toISOString() };
    await db.projects.put(kept);
    return kept;
  });
