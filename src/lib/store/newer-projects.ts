import { type Contents, NOTHING } from '$lib/formats/bundle/contents';
import { contentsOf } from './backup';
import { throwAway } from './bin';
import type { TombleDb } from './db';
import { type Newer, type NewerRecord, isRecord } from './records/newer';

/** A project that only a newer version can read. */
export interface NewerProject {
  readonly id: string;
  readonly name: string;
}

/** Whether a record is of a project: the project itself, what happened to it, a photograph of it. */
function isOf(id: string, { table, record }: NewerRecord): boolean {
  if (table === 'projects') return record['id'] === id;
  const owner = record['owner'] as { table?: unknown; id?: unknown } | undefined;
  return record['projectId'] === id || (owner?.table === 'projects' && owner.id === id);
}

const nameOf = (record: NewerRecord['record']): string => {
  const { name } = (record['brief'] ?? {}) as { name?: unknown };
  return typeof name === 'string' && name !== '' ? name.slice(0, 80) : 'A project without a name';
};

/** Projects that wait for a newer version, by their names. */
export async function newerProjects(db: TombleDb): Promise<NewerProject[]> {
  const records = (await db.newer.where('id').startsWith('projects/').toArray()).filter(isRecord);
  return records
    .map(({ record }) => ({ id: String(record['id']), name: nameOf(record) }))
    .sort((a, b) => a.name.localeCompare(b.name));
}

const ofProject = (newer: readonly Newer[], id: string): NewerRecord[] =>
  newer.filter(isRecord).filter((record) => isOf(id, record));

/** Deletes such a project with all that belongs to it; it lies in the bin. */
export const removeNewer = (db: TombleDb, { id, name }: NewerProject): Promise<string | null> =>
  throwAway(db, 'project', name, async () => [
    { table: 'newer', keys: ofProject(await db.newer.toArray(), id).map((record) => record.id) }
  ]);

/** A project with all that belongs to it and the kit, to be written as a backup that any version which knows it can read. */
export async function onlyProject(db: TombleDb, id: string): Promise<Contents> {
  const { machines, yarns, swatches, observations, projects, events, photos, newer } = await contentsOf(db);
  return {
    ...NOTHING,
    machines,
    yarns,
    swatches,
    observations,
    projects: projects.filter((project) => project.id === id),
    events: events.filter((event) => event.projectId === id),
    photos: photos.filter(({ owner }) => owner.table === 'projects' && owner.id === id),
    newer: ofProject(newer, id)
  };
}
