import { isListName, TABLES } from '$lib/formats/bundle/contents';
import { withUnknown } from '$lib/core/quantity';
import { olderRecord } from './older-record';

type Raw = Record<string, unknown>;

/** Lists of which nothing is ever deleted by itself. */
const NEVER_DELETED: readonly string[] = ['settings', 'habits', 'bin'];

/** Whether something looks like what waits for a newer version: a record of a table, or a file. */
function isNewer({ id, table, record, bytes, listed, dataVersion }: Raw): boolean {
  const isObject = (value: unknown): boolean => typeof value === 'object' && value !== null && !Array.isArray(value);
  if (typeof id !== 'string' || typeof dataVersion !== 'number') return false;
  if (bytes !== undefined && !(bytes instanceof Uint8Array)) return false;
  return typeof table === 'string' ? isObject(record) : bytes !== undefined && isObject(listed);
}

/**
 * A record of the bin as it is kept today, or null where it cannot be put back: this version has no place for it, or cannot read
 * it. What lies in the bin may be from an older version, a newer one, or a backup that was changed by hand.
 *
 * @example restorable('projects', { id: 'p' }) // null
 */
export function restorable(table: string, record: Raw): Raw | null {
  if (table === 'newer') return isNewer(record) ? record : null;
  if (!isListName(table) || NEVER_DELETED.includes(table)) return null;
  if (table === 'photos' && !(record['bytes'] instanceof Uint8Array)) return null;
  const older = olderRecord(table, record);
  const read = TABLES[table].safeParse(older);
  return read.success ? (withUnknown(older, read.data) as Raw) : null;
}
