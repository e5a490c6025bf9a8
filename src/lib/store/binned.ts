import { type Contents, keyOf, TABLE_NAMES, type TableName } from '$lib/formats/bundle/contents';
import type { BinEntry } from './records/bin-entry';

const place = (table: string, key: string): string => `${table}/${key}`;

/** What entries of a bin hold, by table and key; what happened at the crank is told by its project. */
const heldBy = (bin: readonly BinEntry[]): Set<string> =>
  new Set(
    bin.flatMap(({ records }) =>
      records.flatMap(({ table, record }) => (table === 'events' ? [] : [place(table, keyOf(table as TableName, record))]))
    )
  ); // prettier-ignore

/** The project that a record belongs to by its table, or itself. */
function placeOf(table: TableName, record: object): string {
  const { projectId, owner } = record as { projectId?: string; owner?: { table: string; id: string } };
  if (table === 'events') return place('projects', String(projectId));
  return place(table, keyOf(table, record)) + (table === 'photos' && owner ? ` ${place(owner.table, owner.id)}` : '');
}

/** What is in the bin here and in nothing else here: it does not come back by a merge. */
function heldBack(here: Contents): (table: TableName, record: object) => boolean {
  const held = heldBy(here.bin);
  for (const table of TABLE_NAMES)
    if (table !== 'events' && table !== 'bin') for (const record of here[table]) held.delete(place(table, keyOf(table, record))); // prettier-ignore
  return (table, record) =>
    held.size > 0 &&
    placeOf(table, record)
      .split(' ')
      .some((at) => held.has(at));
}

/**
 * A backup without what was deleted here: what lies in the bin stays there when the backup is merged.
 *
 * @example joined(here, withoutBinned(here, backup), 'merge')
 */
export function withoutBinned(here: Contents, backup: Contents): Contents {
  if (here.bin.length === 0) return backup;
  const back = heldBack(here);
  const entries = TABLE_NAMES.map((table) => [table, (backup[table] as readonly object[]).filter((record) => !back(table, record))]); // prettier-ignore
  return Object.fromEntries(entries) as unknown as Contents;
}

/** Entries of the bin here of which a backup holds something that is not here otherwise. */
export function binnedHere(here: Contents, backup: Contents): BinEntry[] {
  const back = heldBack(here);
  const inBackup = new Set(
    TABLE_NAMES.flatMap((table) =>
      table === 'events' || table === 'bin' ? [] : (backup[table] as readonly object[]).filter((r) => back(table, r)).map((r) => place(table, keyOf(table, r)))
    )
  ); // prettier-ignore
  return here.bin.filter((entry) => [...heldBy([entry])].some((at) => inBackup.has(at)));
}

/** The bins of both as one; what the backup had deleted and is here stays here. */
export function joinedBins(here: Contents, backup: Contents): BinEntry[] {
  const alive = new Set(
    TABLE_NAMES.flatMap((table) =>
      table === 'events' || table === 'bin' ? [] : (here[table] as readonly object[]).map((r) => place(table, keyOf(table, r)))
    )
  ); // prettier-ignore
  const own = new Set(here.bin.map(({ id }) => id));
  const held = heldBy(here.bin);
  const theirs = backup.bin.filter(
    (entry) => !own.has(entry.id) && ![...heldBy([entry])].some((at) => alive.has(at) || held.has(at))
  );
  return [...here.bin, ...theirs];
}
