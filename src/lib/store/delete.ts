import { type Picked, throwAway } from './bin';
import type { TombleDb } from './db';
import { ownPhotos } from './photos';
import type { Binned } from './records/bin-entry';

/** A record and its photographs; nothing where it is not there. */
const withPhotos = async (db: TombleDb, table: string, id: string): Promise<Picked[]> =>
  (await db.table(table).get(id))
    ? [
        { table, keys: [id] },
        { table: 'photos', keys: await ownPhotos(db, table, [id]).primaryKeys() }
      ]
    : [];

/** Everything that belongs to a project: itself, what happened at the crank, and its photographs. */
async function ofProject(db: TombleDb, id: string): Promise<Picked[]> {
  const picked = await withPhotos(db, 'projects', id);
  const events = await db.events.where('projectId').equals(id).primaryKeys();
  return picked.length > 0 ? [...picked, { table: 'events', keys: events }] : [];
}

/** Deletes a project with its history and its photographs; it lies in the bin. */
export async function removeProject(db: TombleDb, id: string, now = new Date()): Promise<string | null> {
  const title = (await db.projects.get(id))?.brief.name ?? id;
  return throwAway(db, 'project', title, () => ofProject(db, id), now);
}

/** Tables of the things that are deleted by themselves. */
const TABLES = {
  yarn: 'yarns',
  machine: 'machines',
  person: 'people',
  series: 'series',
  conversion: 'conversions',
  photo: 'photos'
} as const satisfies Partial<Record<Binned, string>>;

/**
 * Deletes a single record with its photographs; it lies in the bin.
 *
 * @example await removeOne(db, 'person', person.id, person.name)
 */
export const removeOne = (db: TombleDb, what: keyof typeof TABLES, id: string, title: string): Promise<string | null> =>
  throwAway(db, what, title, () => withPhotos(db, TABLES[what], id));

/** Deletes a measurement that gauges are learned from: a swatch, or what a finished piece taught. */
export const removeMeasured = async (db: TombleDb, id: string, title: string): Promise<string | null> =>
  throwAway(db, (await db.swatches.get(id)) ? 'swatch' : 'piece', title, () => [
    { table: 'swatches', keys: [id] },
    { table: 'observations', keys: [id] }
  ]);

/**
 * Takes out a project that was only looked at: nothing was changed in it and no row knitted. Any other stays.
 *
 * @returns whether it went
 */
export const discardUntouched = (db: TombleDb, id: string): Promise<boolean> =>
  db.transaction('rw', db.projects, db.events, db.photos, async () => {
    const project = await db.projects.get(id);
    const used = (await db.events.where({ projectId: id }).count()) + (await ownPhotos(db, 'projects', [id]).count());
    if (!project || used > 0 || project.past.length > 0 || project.future.length > 0 || project.measured) return false;
    await db.projects.delete(id);
    return true;
  });
