import type { Machine, Yarn } from '$lib/core/kit';
import type { TombleDb } from './db';
import { makeWay } from './examples';

/**
 * Keeps a yarn of the knitter's own that is new; examples nobody uses make way for it.
 *
 * @example await addYarn(db, yarn)
 */
export const addYarn = (db: TombleDb, yarn: Yarn, now = new Date()): Promise<unknown> =>
  db.transaction('rw', db.tables, async () => {
    await db.yarns.put({ ...yarn, addedAt: now.toISOString() });
    await makeWay(db);
  });

/** Keeps a machine of the knitter's own that is new; examples nobody uses make way for it. */
export const addMachine = (db: TombleDb, machine: Machine, now = new Date()): Promise<unknown> =>
  db.transaction('rw', db.tables, async () => {
    await db.machines.put({ ...machine, addedAt: now.toISOString() });
    await makeWay(db);
  });
