import { describe, expect, it } from 'vitest';
import { JPEG_HEAD } from '../../../tests/support/pictures';
import { contents, freshDb } from '../../../tests/support/store';
import { hashOfContents, NOTHING } from '$lib/formats/bundle/contents';
import { readBundle } from '$lib/formats/bundle/read';
import { writeBundle } from '$lib/formats/bundle/write';
import { contentsOf, joined } from './backup';
import { binLines, DAYS_KEPT, eraseForGood, purge, takeBack } from './bin';
import { bringIn, goBack } from './bring-in';
import { binnedHere } from './binned';
import type { TombleDb } from './db';
import { removeMeasured, removeOne, removeProject } from './delete';
import { eventOf, eventsOf } from './events';
import { record } from './journal';
import { addPhoto } from './photos';
import { progressOf } from './records/crank-event';
import { seed } from './seed';

const NOW = new Date('2026-12-02T10:00:00Z');
const later = (days: number): Date => new Date(NOW.getTime() + days * 24 * 3600 * 1000);
const ID = 'demo-lantern';

/** The demo village with a photograph of a piece that is on a machine. */
async function furnished(): Promise<TombleDb> {
  const db = freshDb();
  await seed(db, true);
  await addPhoto(db, ID, JPEG_HEAD, NOW);
  return db;
}
/** All that is kept, without the numbers a data base gives to events, and without what leads back. */
async function all(db: TombleDb): Promise<string> {
  const { settings: _, ...tables } = await contents(db);
  const events = (await db.events.orderBy('[projectId+turn]').toArray()).map(({ id: _id, ...event }) => event);
  return JSON.stringify({ ...tables, events });
}
const backupOf = async (db: TombleDb) => {
  const read = readBundle(writeBundle(await contentsOf(db), NOW));
  if (!read.ok) throw new RangeError(read.reasons.join(' '));
  return read.contents;
};

describe('the bin', () => {
  it('holds a project with its history and photographs, lists it, and gives all of it back', async () => {
    const db = await furnished();
    const before = await all(db);
    const rows = (await eventsOf(db, ID)).length;
    const entry = (await removeProject(db, ID, NOW))!;
    expect(await db.projects.get(ID)).toBeUndefined();
    expect(await db.events.where({ projectId: ID }).count()).toBe(0);
    expect(await db.photos.count()).toBe(0);
    const [line] = await binLines(db);
    expect(line).toMatchObject({ id: entry, what: 'project', deletedAt: NOW.toISOString(), holds: { projects: 1, events: rows, photos: 1 }, until: later(DAYS_KEPT).toISOString() }); // prettier-ignore
    expect(line!.bytes).toBeGreaterThan(JPEG_HEAD.length + 100 * rows);
    expect(await takeBack(db, entry)).toBe(true);
    expect(await all(db)).toBe(before);
    expect(await takeBack(db, entry)).toBe(false);
  });

  it.each([
    ['yarn', (db: TombleDb) => removeOne(db, 'yarn', 'y-tide', 'Tide')],
    ['machine', (db: TombleDb) => removeOne(db, 'machine', 'm22', 'Small wheel')],
    ['person', async (db: TombleDb) => removeOne(db, 'person', (await db.people.toCollection().first())!.id, 'Lio')],
    ['swatch', async (db: TombleDb) => removeMeasured(db, (await db.swatches.toCollection().first())!.id, 'Tide')],
    ['piece', async (db: TombleDb) => removeMeasured(db, (await db.observations.toCollection().first())!.id, 'Tide')]
  ] as const)('holds a %s, and gives it back', async (what, remove) => {
    const db = await furnished();
    const before = await all(db);
    const entry = (await remove(db))!;
    expect(await all(db)).not.toBe(before);
    expect((await binLines(db))[0]).toMatchObject({ what });
    await takeBack(db, entry);
    expect(await all(db)).toBe(before);
  });

  it('gives nothing back that could not be read: what came with a backup may have been changed by hand', async () => {
    const db = await furnished();
    const before = await all(db);
    for (const record of [
      { table: 'projects', record: { id: 'p' } },
      { table: 'yarns', record: { id: 5, name: 'x' } },
      { table: 'photos', record: { id: 'a', owner: { table: 'projects', id: ID }, type: 'image/png', takenAt: NOW.toISOString(), bytes: 'none' } }, // prettier-ignore
      { table: 'settings', record: { key: 'seeded', value: false } },
      { table: 'bin', record: { id: 'x' } },
      { table: 'newer', record: { id: 'x' } }
    ]) {
      await db.bin.add({ id: 'odd', deletedAt: NOW.toISOString(), what: 'project', title: 'Odd', records: [record] });
      expect(await takeBack(db, 'odd'), record.table).toBe(false);
      expect((await binLines(db))[0]).toMatchObject({ readable: false });
      await db.bin.delete('odd');
      expect(await all(db)).toBe(before);
    }
  });

  it('what is not there is not deleted twice', async () => {
    const db = await furnished();
    await removeProject(db, ID);
    expect(await removeProject(db, ID)).toBeNull();
    expect(await removeOne(db, 'yarn', 'nobody', 'Nobody')).toBeNull();
    expect(await db.bin.count()).toBe(1);
  });

  it('keeps for 30 days, then it goes for good, with what another window kept for it meanwhile', async () => {
    const db = await furnished();
    await removeProject(db, ID, NOW);
    await record(db, eventOf(ID, { do: 'row', yarn: 'x' }, 5000));
    await purge(db, later(DAYS_KEPT - 0.1));
    expect(await db.bin.count()).toBe(1);
    await purge(db, later(DAYS_KEPT + 0.1));
    expect([await db.bin.count(), await db.events.where({ projectId: ID }).count()]).toEqual([0, 0]);
  });

  it('a row that another window keeps after the project went comes after those that lie in the bin', async () => {
    const db = await furnished();
    const before = progressOf((await eventsOf(db, ID)).map(({ what }) => what)).rows;
    const entry = (await removeProject(db, ID))!;
    // That window had not seen the last rows.
    for (let i = 0; i < 3; i++) await record(db, eventOf(ID, { do: 'row', yarn: 'x' }, i));
    await takeBack(db, entry);
    const events = await eventsOf(db, ID);
    expect(progressOf(events.map(({ what }) => what)).rows).toBe(before + 3);
    const turns = events.flatMap(({ turn }) => turn ?? []);
    expect(new Set(turns).size).toBe(turns.length);
  });

  it('emptied for good while the project was put back from a backup, it takes nothing of it along', async () => {
    const db = await furnished();
    const backup = await backupOf(db);
    const entry = (await removeProject(db, ID))!;
    await bringIn(db, () => ({ ...backup, bin: [] }));
    await db.bin.add({ id: entry, deletedAt: NOW.toISOString(), what: 'project', title: 'x', records: [{ table: 'projects', record: { id: ID } }] }); // prettier-ignore
    const rows = await db.events.where({ projectId: ID }).count();
    await eraseForGood(db, [entry]);
    expect(await db.events.where({ projectId: ID }).count()).toBe(rows);
    expect(await db.photos.count()).toBe(1);
  });
});

describe('the bin in a backup', () => {
  it('goes out and comes back whole, pictures and all', async () => {
    const db = await furnished();
    await removeProject(db, ID, NOW);
    await removeOne(db, 'yarn', 'y-plum', 'Plum');
    const backup = await backupOf(db);
    const other = freshDb();
    await bringIn(other, () => backup);
    expect(hashOfContents(await contentsOf(other))).toBe(hashOfContents(await contentsOf(db)));
    for (const { id } of await other.bin.toArray()) await takeBack(other, id);
    expect((await other.photos.toArray())[0]!.bytes).toEqual(JPEG_HEAD);
    expect(await other.projects.get(ID)).toBeDefined();
  });

  it('what was deleted here stays in the bin when a backup is merged, and is named; nothing of it comes', async () => {
    const db = await furnished();
    const backup = await backupOf(db);
    await removeProject(db, ID);
    await removeOne(db, 'yarn', 'y-plum', 'Plum');
    const before = await all(db);
    const named = binnedHere(await contentsOf(db), backup).map(({ title }) => title);
    expect(named.sort()).toEqual([backup.projects.find(({ id }) => id === ID)!.brief.name, 'Plum'].sort());
    await bringIn(db, (here) => joined(here, backup, 'merge'));
    expect(await all(db)).toBe(before);
    // Replaced, it is what the backup holds; and one can go back.
    await bringIn(db, (here) => joined(here, backup, 'replace'));
    expect(await db.projects.get(ID)).toBeDefined();
    expect(await db.bin.count()).toBe(0);
    await goBack(db);
    expect(await all(db)).toBe(before);
  });

  it('what was deleted in the backup and is here stays here; what both deleted lies there once', async () => {
    const db = await furnished();
    const other = freshDb();
    await bringIn(other, () => ({ ...NOTHING }));
    const both = await backupOf(db);
    await bringIn(other, () => both);
    await removeOne(other, 'yarn', 'y-plum', 'Plum');
    await removeOne(other, 'yarn', 'y-tide', 'Tide');
    await removeOne(db, 'yarn', 'y-tide', 'Tide');
    const backup = await backupOf(other);
    await bringIn(db, (here) => joined(here, backup, 'merge'));
    expect(await db.yarns.get('y-plum')).toBeDefined();
    expect(await db.yarns.get('y-tide')).toBeUndefined();
    expect((await db.bin.toArray()).map(({ title }) => title)).toEqual(['Tide']);
  });
});
