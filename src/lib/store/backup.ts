import type { Contents, TableName } from '$lib/formats/bundle/contents';
import { isListName, keyOf, lineOf, TABLE_NAMES, TABLES } from '$lib/formats/bundle/contents';
import { withUnknown } from '$lib/core/quantity';
import { group, sort } from 'd3-array';
import { joinedBins, withoutBinned } from './binned';
import type { TombleDb } from './db';
import { inTurn } from './events';

/** Settings that are of this browser alone. */
export const OWN_SETTINGS: readonly string[] = ['before-restore', 'backup-place', 'backup-at', 'brought-in'];

const isShared = ({ key }: { key: string }): boolean => !OWN_SETTINGS.includes(key);

/**
 * A record as it is read today: what versions since it was written have added has its usual value, and what only a newer version
 * knows of it stays. One that no version could have written stays as it is; reading the backup back names it.
 */
export function completed(table: TableName, record: object): object {
  // A picture is no part of what its schema says; what lies in the bin or waits for a newer version is left as it is.
  if (table === 'photos' || table === 'bin' || !isListName(table)) return record;
  const read = TABLES[table].safeParse(record);
  if (!read.success) return record;
  const whole = withUnknown(record, read.data) as Record<string, unknown>;
  if (table !== 'events') return whole;
  const { id: _, ...event } = whole;
  return event;
}

/** Everything a browser holds at one moment. */
export const contentsOf = (db: TombleDb): Promise<Contents> =>
  db.transaction('r', db.tables, async () => {
    const entries = TABLE_NAMES.map(async (table) => {
      const records: object[] = await db[table].toArray();
      return [table, records.map((record) => completed(table, record))] as const;
    });
    const all = Object.fromEntries(await Promise.all(entries)) as unknown as Contents;
    // They come in the order of their numbers; turns that were counted go before that.
    const events = sort(all.events, ({ projectId }) => projectId, ({ turn }) => turn ?? -1); // prettier-ignore
    return { ...all, events, settings: all.settings.filter(isShared) };
  });

/** How a backup and what is here compare, record by record. */
export type Comparison = Readonly<
  Record<
    TableName,
    { readonly fresh: number; readonly changed: number; readonly same: number; readonly onlyHere: number }
  >
>;

/** Records of a table by what tells them apart, each as a line. Events from before they had keys are told apart by their number. */
function byKey(contents: Contents, table: TableName): Map<string, string> {
  const lines = new Map<string, string>();
  for (const record of contents[table]) {
    let key = keyOf(table, record);
    for (let again = 1; table === 'events' && lines.has(key); again++) key = `${keyOf(table, record)} ${again}`;
    // What lies in a bin never changes.
    lines.set(key, table === 'bin' ? key : lineOf(table, record));
  }
  return lines;
}

/** What a backup would bring: new, changed, the same, and what only this browser has. */
export function compared(here: Contents, backup: Contents): Comparison {
  const rows = TABLE_NAMES.map((table) => {
    const [own, theirs] = [byKey(here, table), byKey(backup, table)];
    const count = { fresh: 0, changed: 0, same: 0, onlyHere: 0 };
    for (const [key, line] of theirs) {
      const mine = own.get(key);
      count[mine === undefined ? 'fresh' : mine === line ? 'same' : 'changed'] += 1;
    }
    for (const key of own.keys()) if (!theirs.has(key)) count.onlyHere += 1;
    return [table, count] as const;
  });
  return Object.fromEntries(rows) as Comparison;
}

/** `merge` keeps what only this browser has, and in its bin what was deleted here; `replace` leaves what the backup holds and nothing else. */
export type How = 'merge' | 'replace';

type Event = Contents['events'][number];

/**
 * Two histories of one piece as one, in the order of their turns. Events that have no key are from before there were any: of
 * those the longer history is taken whole.
 */
function history(here: readonly Event[], backup: readonly Event[]): Event[] {
  const keyless = [here, backup].map((events) => events.filter(({ key }) => key === undefined));
  const keyed = new Map([...here, ...backup].flatMap((event) => (event.key === undefined ? [] : [[event.key, event]])));
  const old = keyless[0]!.length > keyless[1]!.length ? keyless[0]! : keyless[1]!;
  return [...old, ...keyed.values()].sort(inTurn);
}

/** What a browser holds once a backup was brought in. Where both have a record, the one of the backup stands. */
export function joined(here: Contents, whole: Contents, how: How): Contents {
  if (how === 'replace') return whole;
  const backup = withoutBinned(here, whole);
  const merged = TABLE_NAMES.map((table) => {
    const records = new Map<string, object>();
    for (const record of [...here[table], ...backup[table]]) records.set(keyOf(table, record), record);
    return [table, [...records.values()]] as const;
  });
  const [own, theirs] = [here, backup].map(({ events }) => group(events, (event) => event.projectId));
  const ids = [...new Set([...own!.keys(), ...theirs!.keys()])].sort();
  const events = ids.flatMap((id) => history(own!.get(id) ?? [], theirs!.get(id) ?? []));
  return { ...(Object.fromEntries(merged) as unknown as Contents), events, bin: joinedBins(here, whole) };
}
