import type { Table } from 'dexie';
import { withUnknown } from '$lib/core/quantity';
import { type Contents, keyOf, lineOf, type TableName, TABLE_NAMES } from '$lib/formats/bundle/contents';
import { completed, OWN_SETTINGS } from './backup';
import { ownPhotos } from './photos';
import { noteBroughtIn } from './brought-in';
import { canonical } from './canonical';
import type { TombleDb } from './db';
import type { CrankEvent } from './records/crank-event';
import type { Photo } from './records/photo';

/**
 * Contents are brought in by their differences: records that become other ones or go, and records that come. All of it is read,
 * worked out and written in one transaction, so that what other windows keep meanwhile is either seen or comes after it.
 */

/** What a table lost and got, by the keys of the data base. */
interface TableCopy {
  /** Records as they were kept, that became others or went. */
  readonly gone: readonly object[];
  /** Keys of records that came. */
  readonly added: readonly (string | number)[];
}

/** What there was before contents were brought in, as far as it differs. */
export interface Copy {
  readonly at: string;
  readonly tables: Readonly<Partial<Record<TableName, TableCopy>>>;
}

/** Settings key of the copy to go back to. */
const COPY = 'before-restore';

interface Difference {
  /** Records that are written, with those they take the place of. */
  readonly puts: readonly object[];
  readonly gone: readonly object[];
  /** Keys that are deleted. */
  readonly deletes: readonly (string | number)[];
  /** Keys of records that come, where they are known before they are written. */
  readonly added: readonly (string | number)[];
}

const primaryOf = (table: TableName, record: object): string | number => {
  const r = record as { id?: string | number; key?: string };
  return table === 'settings' ? r.key! : r.id!;
};

const isSameBytes = (a: Uint8Array, b: Uint8Array): boolean =>
  a.length === b.length && a.every((byte, i) => byte === b[i]);

/** Whether a record is what is wanted already: as it is read today, whatever else is kept of it. */
function isSame(table: TableName, kept: object, wanted: object): boolean {
  // What lies in a bin never changes.
  if (table === 'bin') return true;
  if (table === 'newer') return lineOf(table, kept) === lineOf(table, wanted);
  if (table !== 'photos') {
    const today = completed(table, kept);
    return canonical(today) === canonical(withUnknown(today, wanted));
  }
  const { bytes: a, ...facts } = kept as Photo;
  const { bytes: b, ...others } = wanted as Photo;
  return canonical(facts) === canonical(others) && isSameBytes(a, b);
}

/** Differences of a table whose records have keys of their own. */
function differenceOf(table: TableName, kept: readonly object[], wanted: readonly object[]): Difference {
  const own = new Map(kept.map((record) => [keyOf(table, record), record]));
  const [puts, gone, added]: [object[], object[], (string | number)[]] = [[], [], []];
  const stay = new Set<string>();
  for (const record of wanted) {
    const key = keyOf(table, record);
    if (stay.has(key)) throw new RangeError(`${table} must hold each record once; received ${key} twice`);
    stay.add(key);
    const mine = own.get(key);
    if (mine === record || (mine && isSame(table, mine, record))) continue;
    puts.push(record);
    if (mine) gone.push(mine);
    else added.push(primaryOf(table, record));
  }
  const leave = kept.filter((record) => !stay.has(keyOf(table, record)));
  return { puts, gone: [...gone, ...leave], deletes: leave.map((record) => primaryOf(table, record)), added };
}

/** Events without a key, from before they had one: told apart by all they say, by project. */
const keylessOf = (events: readonly CrankEvent[]): Map<string, CrankEvent[]> => {
  const found = new Map<string, CrankEvent[]>();
  for (const event of events)
    if (event.key === undefined) found.set(event.projectId, [...(found.get(event.projectId) ?? []), event]);
  return found;
};

const said = (events: readonly CrankEvent[] = []): string => canonical(events.map(({ id: _, ...event }) => event));

/** Differences of events: what happened never changes, so one of the same key is the same. */
function eventDifference(kept: readonly CrankEvent[], wanted: readonly CrankEvent[]): Difference {
  const [own, theirs] = [kept, wanted].map((events) => new Set(events.flatMap(({ key }) => key ?? [])));
  const [old, then] = [keylessOf(kept), keylessOf(wanted)];
  const others = [...new Set([...old.keys(), ...then.keys()])].filter((id) => said(old.get(id)) !== said(then.get(id)));
  const comes = [
    ...others.flatMap((id) => then.get(id) ?? []),
    ...wanted.filter(({ key }) => key !== undefined && !own!.has(key))
  ];
  const leave = [
    ...others.flatMap((id) => old.get(id) ?? []),
    ...kept.filter(({ key }) => key !== undefined && !theirs!.has(key))
  ];
  // The data base gives what comes a number of its own.
  return {
    puts: comes.map(({ id: _, ...event }) => event),
    gone: leave,
    deletes: leave.map(({ id }) => id!),
    added: []
  };
}

/** What a browser holds, as it is kept: events with the numbers the data base gave them, settings of this browser left out. */
async function rawContents(db: TombleDb): Promise<Contents> {
  const entries = TABLE_NAMES.map(async (table) => [table, await (db[table] as Table<object>).toArray()] as const);
  const all = Object.fromEntries(await Promise.all(entries)) as unknown as Contents;
  return { ...all, settings: all.settings.filter(({ key }) => !OWN_SETTINGS.includes(key)) };
}

/** The same as it is read today, for whoever joins it with something else. */
function readable(raw: Contents): Contents {
  const entries = TABLE_NAMES.map((table) => {
    const records: readonly object[] = raw[table];
    // Events keep the numbers of the data base here: what happened is told by its key.
    return [table, table === 'events' ? records : records.map((r) => completed(table, r))] as const;
  });
  return Object.fromEntries(entries) as unknown as Contents;
}

/**
 * Makes of what a browser holds what is wanted, in one transaction: all of it or nothing. Only differences are written. What is
 * replaced or goes, and what comes, is kept in the same transaction, so that one can go back.
 *
 * @param wanted makes it of what is here at that moment; it must not wait for anything
 * @returns how many records came, changed and went
 * @example await bringIn(db, (here) => joined(here, backup, 'merge'))
 */
export async function bringIn(
  db: TombleDb,
  wanted: (here: Contents) => Contents,
  now = new Date()
): Promise<{ readonly put: number; readonly gone: number }> {
  return db.transaction('rw', db.tables, async () => {
    const raw = await rawContents(db);
    const then = wanted(readable(raw));
    const tables: Partial<Record<TableName, TableCopy>> = {};
    const sum = { put: 0, gone: 0 };
    const touched = new Set<string | undefined>();
    for (const table of TABLE_NAMES) {
      const settings = then.settings.filter(({ key }) => !OWN_SETTINGS.includes(key));
      const difference =
        table === 'events'
          ? eventDifference(raw.events, then.events)
          : differenceOf(table, raw[table], table === 'settings' ? settings : then[table]);
      const added = await written(db, table, difference);
      const { gone } = difference;
      for (const record of [...gone, ...difference.puts]) touched.add(projectOf(table, record));
      if (gone.length + added.length > 0) tables[table] = { gone, added };
      sum.put += difference.puts.length;
      sum.gone += difference.deletes.length;
    }
    // Where nothing differed, the copy of the last time still leads back.
    if (Object.keys(tables).length > 0) await keepCopy(db, { at: now.toISOString(), tables }, touched);
    return sum;
  });
}

/** Which project a record is or happened to. */
const projectOf = (table: TableName, record: object): string | undefined => {
  const { id, projectId } = record as { id?: string; projectId?: string };
  return table === 'projects' ? id : table === 'events' ? projectId : undefined;
};

/** Keeps the copy to go back to, and tells other windows which projects are others now. */
async function keepCopy(db: TombleDb, copy: Copy, touched: ReadonlySet<string | undefined>): Promise<void> {
  await db.settings.put({ key: COPY, value: copy });
  await noteBroughtIn(db, { at: copy.at, projects: [...touched].filter((id) => id !== undefined) });
}

/** Writes a difference; the keys of what came. */
async function written(
  db: TombleDb,
  table: TableName,
  { puts, deletes, added }: Difference
): Promise<readonly (string | number)[]> {
  const kept = db[table] as Table<object, string | number>;
  await kept.bulkDelete([...deletes]);
  if (table !== 'events') {
    await kept.bulkPut([...puts]);
    return added;
  }
  return kept.bulkAdd([...puts], { allKeys: true });
}

/** What is kept to go back to: a copy of what differs, or a bundle, as it was before copies were kept; null for nothing. */
export async function keptCopy(db: TombleDb): Promise<Copy | Uint8Array | null> {
  const kept = (await db.settings.get(COPY))?.value;
  if (kept instanceof Uint8Array) return kept;
  return typeof kept === 'object' && kept !== null && 'tables' in kept ? (kept as Copy) : null;
}

/**
 * Goes back to before contents were brought in: what came goes, what was replaced or went is there again. What happened since
 * stays where it belongs to neither. Where one is then is kept in the place of the copy, so that one can go forth again.
 *
 * @returns whether there was anything to go back to
 */
export const goBack = (db: TombleDb, now = new Date()): Promise<boolean> =>
  db.transaction('rw', db.tables, async () => {
    const copy = await keptCopy(db);
    if (!copy || copy instanceof Uint8Array) return false;
    const tables: Partial<Record<TableName, TableCopy>> = {};
    const projects = new Set<string>();
    for (const table of TABLE_NAMES) {
      const { gone, added } = copy.tables[table] ?? { gone: [], added: [] };
      const kept = db[table] as Table<object, string | number>;
      const leave = (await kept.bulkGet([...added])).flatMap((record) => record ?? []);
      const there = await kept.bulkGet(gone.map((record) => primaryOf(table, record)));
      const others = there.flatMap((record) => record ?? []);
      await kept.bulkDelete(leave.map((record) => primaryOf(table, record)));
      // An event that a window has written down once more meanwhile is there already.
      const back = table === 'events' ? await withoutKnown(db, gone as readonly CrankEvent[]) : gone;
      await kept.bulkPut([...back]);
      const had = new Set(others.map((record) => primaryOf(table, record)));
      const came = back.map((record) => primaryOf(table, record)).filter((key) => !had.has(key));
      if (table === 'projects') for (const { id } of leave as { id: string }[]) projects.add(id);
      if (leave.length + others.length + came.length > 0) tables[table] = { gone: [...leave, ...others], added: came };
    }
    for (const [table, records] of await ofProjects(db, [...projects]))
      tables[table] = { added: [], ...tables[table], gone: [...(tables[table]?.gone ?? []), ...records] };
    const touched = new Set(
      (['projects', 'events'] as const).flatMap((table) => [
        ...(tables[table]?.gone ?? []).map((record) => projectOf(table, record)),
        ...(copy.tables[table]?.gone ?? []).map((record) => projectOf(table, record))
      ])
    );
    await keepCopy(db, { at: now.toISOString(), tables }, touched);
    return true;
  });

/** Events whose key is not kept under another number. */
async function withoutKnown(db: TombleDb, events: readonly CrankEvent[]): Promise<CrankEvent[]> {
  const keys = events.flatMap(({ key }) => key ?? []);
  const known = new Set((await db.events.where('key').anyOf(keys).toArray()).map(({ key }) => key));
  return events.filter(({ key }) => key === undefined || !known.has(key));
}

/** Takes away the rows and photographs of projects that went, and says what they were. */
async function ofProjects(db: TombleDb, ids: string[]): Promise<(readonly ['events' | 'photos', readonly object[]])[]> {
  const found: (readonly ['events' | 'photos', readonly object[]])[] = [];
  for (const table of ids.length > 0 ? (['events', 'photos'] as const) : []) {
    const of = table === 'events' ? db.events.where('projectId').anyOf(ids) : ownPhotos(db, 'projects', ids);
    found.push([table, await of.toArray()]);
    await of.delete();
  }
  return found;
}

/** Whether there is anything to go back to; without reading it. */
export const hasCopy = async (db: TombleDb): Promise<boolean> =>
  (await db.settings.where('key').equals(COPY).count()) > 0;
