import { expect, test } from 'vitest';
import { freshDb } from '../../../tests/support/store';
import { addPhoto, captionPhoto, MOST_PHOTOS, photosOf } from './photos';

const at = (minute: number): Date => new Date(Date.UTC(2026, 10, 20, 18, minute));

test('pictures of a project stand in the order they were taken, with what they show', async () => {
  const db = freshDb();
  const late = await addPhoto(db, 'p', new Uint8Array([2]), at(9));
  const early = await addPhoto(db, 'p', new Uint8Array([1]), at(3));
  await addPhoto(db, 'other', new Uint8Array([3]), at(1));
  await captionPhoto(db, late, 'brim up');
  expect((await photosOf(db, 'p')).map(({ id, caption }) => [id, caption])).toEqual([[early, ''], [late, 'brim up']]); // prettier-ignore
  expect([...(await photosOf(db, 'p'))[0]!.bytes]).toEqual([1]);
});

test('one too many, and one too large, change nothing', async () => {
  const db = freshDb();
  for (let i = 0; i < MOST_PHOTOS; i++) await addPhoto(db, 'p', new Uint8Array([i]), at(i));
  await expect(addPhoto(db, 'p', new Uint8Array([1]), at(50))).rejects.toThrow('at most 12 photographs');
  await expect(addPhoto(db, 'q', new Uint8Array(5 * 1024 * 1024), at(50))).rejects.toThrow();
  expect(await db.photos.count()).toBe(MOST_PHOTOS);
});
