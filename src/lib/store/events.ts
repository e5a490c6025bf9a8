import Dexie from 'dexie';
import type { TombleDb } from './db';
import type { CrankAction, CrankEvent } from './records/crank-event';

// Several rows may fall into one millisecond; the count tells them apart within a page, the last part between pages.
let happened = 0;

/**
 * Something that happened at the crank just now.
 *
 * @param turn how many things had happened to the project before, as this page knows it
 */
export function eventOf(projectId: string, what: CrankAction, turn: number): CrankEvent {
  const at = new Date().toISOString();
  const count = String(++happened).padStart(9, '0');
  return { projectId, at, key: `${at} ${count} ${crypto.randomUUID().slice(0, 8)}`, turn, what };
}

/** Which of two events happened first: by their turns, because a clock may be set back; those from before had none. */
export const inTurn = (a: CrankEvent, b: CrankEvent): number =>
  (a.turn ?? -1) - (b.turn ?? -1) || (a.id ?? Infinity) - (b.id ?? Infinity);

/** Everything that happened at the crank of a project, in order. */
export const eventsOf = async (db: TombleDb, projectId: string): Promise<CrankEvent[]> =>
  (await db.events.where('projectId').equals(projectId).toArray()).sort(inTurn);

/** What happened last to a project, by its turns; where none were counted yet, by its number. */
export const lastEvent = async (db: TombleDb, projectId: string): Promise<CrankEvent | undefined> =>
  (await db.events.where('[projectId+turn]').between([projectId, Dexie.minKey], [projectId, Dexie.maxKey]).last()) ??
  db.events.where('projectId').equals(projectId).last();

/** How much happened to a project, and what last: tells in one look whether another window went on or other rows came in. */
export interface Pulse {
  readonly count: number;
  readonly last: CrankEvent | undefined;
}

export const pulseOf = async (db: TombleDb, projectId: string): Promise<Pulse> => ({
  count: await db.events.where('projectId').equals(projectId).count(),
  last: await lastEvent(db, projectId)
});
