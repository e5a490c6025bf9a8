import type { TombleDb } from './db';
import { Photo } from './records/photo';

/** Most pictures of one project: a piece from all sides, and what went wrong. */
export const MOST_PHOTOS = 12;

/** Photographs that belong to some records of a table. */
export const ownPhotos = (db: TombleDb, table: string, ids: readonly string[]) =>
  db.photos.where('[owner.table+owner.id]').anyOf(ids.map((id) => [table, id]));

/** Pictures of a project, the first taken first. */
export const photosOf = async (db: TombleDb, projectId: string): Promise<Photo[]> =>
  (await ownPhotos(db, 'projects', [projectId]).toArray()).sort((a, b) => a.takenAt.localeCompare(b.takenAt));

/**
 * Keeps a picture of a project.
 *
 * @param bytes as `shrinkPhoto` made them
 * @throws RangeError when the project has as many as are kept
 */
export async function addPhoto(db: TombleDb, projectId: string, bytes: Uint8Array, now = new Date()): Promise<string> {
  const photo = Photo.parse({
    id: crypto.randomUUID(),
    owner: { table: 'projects', id: projectId },
    type: 'image/jpeg',
    // A copy of its own: what comes from a worker may lie in a larger buffer.
    bytes: new Uint8Array(bytes),
    takenAt: now.toISOString()
  });
  await db.transaction('rw', db.photos, async () => {
    const there = await ownPhotos(db, 'projects', [projectId]).count();
    if (there >= MOST_PHOTOS)
      throw new RangeError(`A piece has at most ${MOST_PHOTOS} photographs; received one more.`);
    await db.photos.add(photo);
  });
  return photo.id;
}

/** Writes what a picture shows. */
export const captionPhoto = (db: TombleDb, id: string, caption: string): Promise<number> =>
  db.photos.update(id, { caption: Photo.shape.caption.parse(caption) });
