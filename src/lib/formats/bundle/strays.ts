import type { Contents } from './contents';

/** Records that belong to projects which are not there. */
export interface Strays {
  readonly projects: number;
  readonly events: number;
  readonly photos: number;
}

/**
 * Rows and photographs of projects that are not in the same backup, or null where there are none. They are kept, because what is
 * lost elsewhere may come back, and named.
 */
export function straysOf({ projects, events, photos, newer }: Contents): Strays | null {
  const known = new Set(projects.map(({ id }) => id));
  for (const record of newer) if ('table' in record && record.table === 'projects') known.add(String(record.record['id'])); // prettier-ignore
  const loose = events.filter(({ projectId }) => !known.has(projectId));
  const pictures = photos.filter(({ owner }) => owner.table === 'projects' && !known.has(owner.id));
  const ids = new Set([...loose.map(({ projectId }) => projectId), ...pictures.map(({ owner }) => owner.id)]);
  return ids.size > 0 ? { projects: ids.size, events: loose.length, photos: pictures.length } : null;
}
