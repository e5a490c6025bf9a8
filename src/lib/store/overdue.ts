import type { TombleDb } from './db';

/** Days after which work that is in no backup is spoken of. */
const DAYS = 14;
const DAY_MS = 24 * 3600 * 1000;

/** Since when there is work that no backup holds, or null: days since the last one, or since the first use. */
export async function overdue(db: TombleDb, now = new Date()): Promise<number | null> {
  const since = (await db.settings.get('backup-at'))?.value ?? (await db.settings.get('first-use'))?.value;
  if (typeof since !== 'string') return null;
  const days = Math.floor((now.getTime() - Date.parse(since)) / DAY_MS);
  if (!(days >= DAYS)) return null;
  return (await db.projects.where('updatedAt').above(since).count()) > 0 ? days : null;
}

/** Puts down that everything is in a backup now. */
export const backedUp = (db: TombleDb, now = new Date()): Promise<string> =>
  db.settings.put({ key: 'backup-at', value: now.toISOString() });
