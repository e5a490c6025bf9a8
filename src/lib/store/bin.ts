import { group, max } from 'd3-array';
import type { Table } from 'dexie';
import type { TombleDb } from './db';
import { eventsOf } from './events';
import { ownPhotos } from './photos';
import type { Binned, BinEntry } from './records/bin-entry';
import type { CrankEvent } from './records/crank-event';
import { restorable } from './restorable';

/** Days for which what was deleted can be had back. */
export const DAYS_KEPT = 30;
const DAY_MS = 24 * 3600 * 1000;

/** Records of one table, by their keys. */
export interface Picked {
  readonly table: string;
  readonly keys: readonly (string | number)[];
}

type Raw = Record<string, unknown>;
const tableOf = (db: TombleDb, name: string): Table<Raw, string | number> => db.table(name);
const primaryOf = (record: Raw): string => String(record['id']);

/** A record as it lies in the bin: events without the number that the data base gave them, which another browser gives to others. */
function own(table: string, record: Raw): Raw {
  if (table !== 'events') return record;
  const { id: _, ...event } = record;
  return event;
}

/**
 * Deletes something: all of its records move into the bin, in one transaction.
 *
 * @param title what it is called
 * @param picked what belongs to it, read in that transaction
 * @returns id of the entry in the bin, or null where nothing was there any more
 * @example await throwAway(db, 'person', 'Lio', () => [{ table: 'people', keys: ['lio'] }])
 */
export const throwAway = (
  db: TombleDb,
  what: Binned,
  title: string,
  picked: () => readonly Picked[] | Promise<readonly Picked[]>,
  now = new Date()
): Promise<string | null> =>
  db.transaction('rw', db.tables, async () => {
    const records: BinEntry['records'] = [];
    for (const { table, keys } of await picked()) {
      const kept = tableOf(db, table);
      for (const record of await kept.bulkGet([...keys]))
        if (record) records.push({ table, record: own(table, record) });
      await kept.bulkDelete([...keys]);
    }
    if (records.length === 0) return null;
    const entry: BinEntry = { id: crypto.randomUUID(), deletedAt: now.toISOString(), what, title, records };
    await db.bin.add(entry);
    return entry.id;
  });

/** The records of an entry as they are kept today, or null where one of them cannot be put back. */
function readable({ records }: BinEntry): BinEntry['records'] | null {
  const all = records.flatMap(({ table, record }) => {
    const today = restorable(table, record);
    return today ? [{ table, record: today }] : [];
  });
  return all.length === records.length ? all : null;
}

/**
 * Puts everything of an entry back where it was. What is there again already, from a backup for example, stays as it is.
 *
 * @returns whether it was in the bin and could be put back
 */
export const takeBack = (db: TombleDb, id: string): Promise<boolean> =>
  db.transaction('rw', db.tables, async () => {
    const entry = await db.bin.get(id);
    const all = entry && readable(entry);
    if (!all) return false;
    for (const table of new Set(all.map((r) => r.table))) {
      const kept = tableOf(db, table);
      const records = all.flatMap((r) => (r.table === table ? [r.record] : []));
      if (table === 'events') {
        await addEvents(db, records as unknown as CrankEvent[]);
      } else {
        const there = await kept.bulkGet(records.map(primaryOf));
        await kept.bulkAdd(records.filter((_, i) => !there[i]));
      }
    }
    await db.bin.delete(id);
    return true;
  });

/** Puts back what happened to projects. What another window has kept for them meanwhile comes after it. */
async function addEvents(db: TombleDb, events: readonly CrankEvent[]): Promise<void> {
  const keys = events.flatMap(({ key }) => key ?? []);
  const known = new Set((await db.events.where('key').anyOf(keys).toArray()).map(({ key }) => key));
  const back = events.filter(({ key }) => key === undefined || !known.has(key));
  for (const [id, own] of group(back, ({ projectId }) => projectId)) {
    const since = await eventsOf(db, id);
    let turn = max(own, (event) => event.turn) ?? -1;
    for (const event of since) if (event.turn !== undefined && event.turn <= turn) await db.events.update(event.id!, { turn: ++turn }); // prettier-ignore
  }
  await db.events.bulkAdd(back);
}

/** Empties entries of the bin for good, with what another window may have kept for their projects after they went. */
export const eraseForGood = (db: TombleDb, ids: readonly string[]): Promise<void> =>
  db.transaction('rw', db.tables, async () => {
    const entries = (await db.bin.bulkGet([...ids])).flatMap((entry) => entry ?? []);
    const projects = entries.flatMap(({ records }) =>
      records.flatMap(({ table, record }) => (table === 'projects' ? [String(record['id'])] : []))
    );
    await db.bin.bulkDelete([...ids]);
    const alive = new Set((await db.projects.bulkGet(projects)).flatMap((project) => project?.id ?? []));
    const gone = projects.filter((id) => !alive.has(id));
    await db.events.where('projectId').anyOf(gone).delete();
    await ownPhotos(db, 'projects', gone).delete();
  });

/** Empties the bin of what was deleted more than 30 days ago. */
export async function purge(db: TombleDb, now = new Date()): Promise<void> {
  const before = new Date(now.getTime() - DAYS_KEPT * DAY_MS).toISOString();
  const old = await db.bin.where('deletedAt').below(before).primaryKeys();
  if (old.length > 0) await eraseForGood(db, old);
}

/** An entry of the bin without its records. */
export interface BinLine extends Omit<BinEntry, 'records'> {
  /** How many records of each table it holds. */
  readonly holds: Readonly<Record<string, number>>;
  /** Bytes it takes on the disk, as text and pictures. */
  readonly bytes: number;
  /** The day it is emptied by itself. */
  readonly until: string;
  readonly readable: boolean;
}

const weightOf = (record: Raw): number =>
  Object.entries(record).reduce(
    (sum, [key, value]) =>
      sum + key.length + (value instanceof Uint8Array ? value.length : (JSON.stringify(value)?.length ?? 0)),
    0
  );

/** What lies in the bin, what was deleted last first. One entry at a time is read: pictures weigh much. */
export async function binLines(db: TombleDb): Promise<BinLine[]> {
  const lines: BinLine[] = [];
  await db.bin
    .orderBy('deletedAt')
    .reverse()
    .each((entry) => {
      const { records, ...line } = entry;
      const holds: Record<string, number> = {};
      let bytes = 0;
      for (const { table, record } of records) {
        holds[table] = (holds[table] ?? 0) + 1;
        bytes += weightOf(record);
      }
      const until = new Date(Date.parse(line.deletedAt) + DAYS_KEPT * DAY_MS).toISOString();
      lines.push({ ...line, holds, bytes, until, readable: readable(entry) !== null });
    });
  return lines;
}
