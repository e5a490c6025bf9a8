import Dexie from 'dexie';
import type { TombleDb } from './db';
import { eventsOf, inTurn, lastEvent } from './events';
import { CrankEvent } from './records/crank-event';
import { keysOn, PREFIX, type Shelf } from './shelf';

/**
 * Writes down what happened at the crank before the data base is asked to keep it. The data base answers some turns
 * later, and a page that is closed in between would lose those rows; this storage is written before the call
 * returns. A full or closed storage only takes that second safety away, so its refusal is not passed on.
 *
 * @param event with its key
 * @returns whether it is written down
 */
export function jot(shelf: Shelf, event: CrankEvent): boolean {
  try {
    shelf.setItem(PREFIX + event.key, JSON.stringify(event));
    return shelf.getItem(PREFIX + event.key) !== null;
  } catch {
    // The data base still keeps the row.
    return false;
  }
}

/** Crosses out what the data base has kept. */
export function strike(shelf: Shelf, event: CrankEvent): void {
  try {
    shelf.removeItem(PREFIX + event.key);
  } catch {
    // What stays is written again at the next visit, and refused there as known.
  }
}

/** What was jotted down and not struck, in the order it happened; lines that are no events are left for nobody and thrown away. */
export function jotted(shelf: Shelf): CrankEvent[] {
  const events = keysOn(shelf).flatMap((key) => {
    try {
      return [CrankEvent.parse(JSON.parse(shelf.getItem(key) ?? ''))];
    } catch {
      shelf.removeItem(key);
      return [];
    }
  });
  return events.sort((a, b) => inTurn(a, b) || (String(a.key) < String(b.key) ? -1 : 1));
}

/** Whether an event says once more what another window has said since: the same step was confirmed in both. */
const saidAgain = (event: CrankEvent, since: readonly CrankEvent[]): boolean =>
  event.what.do === 'confirm' &&
  since.some(({ what }) => what.do === 'confirm' && what.step === (event.what as { step: string }).step);

/**
 * Writes one thing that happened at the crank. Written twice, as after a page was closed in the middle, it is kept once:
 * its key is unique. Where another window went on meanwhile it comes after what that one did, and a step that was
 * confirmed in both is confirmed once.
 *
 * @returns whether it is kept as something that happened
 */
export const record = (db: TombleDb, event: CrankEvent): Promise<boolean> =>
  db.transaction('rw', db.events, async () => {
    // A copy: the data base writes its own number into what it is given.
    const kept = { ...event };
    const last = await lastEvent(db, event.projectId);
    if (event.turn !== undefined && last?.turn !== undefined && last.turn >= event.turn && last.key !== event.key) {
      const all = await eventsOf(db, event.projectId);
      if (all.some(({ key }) => key === event.key)) return true;
      if (
        saidAgain(
          event,
          all.filter((e) => (e.turn ?? -1) >= event.turn!)
        )
      )
        return false;
      kept.turn = all.at(-1)!.turn! + 1;
    }
    try {
      await db.events.add(kept);
    } catch (error) {
      if (!(error instanceof Dexie.ConstraintError)) throw error;
    }
    return true;
  });

/** Writes several things that happened, one after the other, in one transaction: all of them or none. */
export const recordAll = (db: TombleDb, events: readonly CrankEvent[]): Promise<void> =>
  db.transaction('rw', db.events, async () => {
    for (const event of events) await record(db, event);
  });

/**
 * Brings into the data base what a page closed in the middle of cranking had not got there.
 *
 * @returns how many events had been left over
 */
export async function recover(db: TombleDb, shelf: Shelf): Promise<number> {
  const left = jotted(shelf);
  for (const event of left) {
    await record(db, event);
    strike(shelf, event);
  }
  return left.length;
}
