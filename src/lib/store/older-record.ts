import { olderOptions } from '$lib/core/plan';

type Raw = Record<string, unknown>;
const isRaw = (value: unknown): value is Raw => typeof value === 'object' && value !== null && !Array.isArray(value);

/** A brief as versions before this one wrote it, with what has another name or place today put there. */
export const olderBrief = (brief: unknown): unknown =>
  isRaw(brief) && isRaw(brief['options']) ? { ...brief, options: olderOptions(brief['options']) } : brief;

function project(record: Raw): Raw {
  const renewed: Raw = { ...record };
  if ('brief' in record) renewed['brief'] = olderBrief(record['brief']);
  for (const key of ['past', 'future'])
    if (Array.isArray(record[key])) renewed[key] = (record[key] as unknown[]).map(olderBrief);
  // What was deleted lies in the bin.
  if (record['deletedAt'] === null) delete renewed['deletedAt'];
  return renewed;
}

/** Pictures were of projects only. */
function photo(record: Raw): Raw {
  if (!('projectId' in record) || 'owner' in record) return record;
  const { id, projectId, ...others } = record;
  return { id, owner: { table: 'projects', id: projectId }, ...others };
}

/**
 * A record as versions before this one wrote it, with what has another name or place today put there. What has only been
 * added since is filled in by the schema of its table.
 *
 * @example olderRecord('photos', { id: 'a', projectId: 'p' }) // { id: 'a', owner: { table: 'projects', id: 'p' } }
 */
export function olderRecord(table: string, record: unknown): unknown {
  if (!isRaw(record)) return record;
  return table === 'projects' ? project(record) : table === 'photos' ? photo(record) : record;
}
