import { unzipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import { nextBundle, nextFiles } from '../../../tests/support/next-version';
import { freshDb } from '../../../tests/support/store';
import { readBundle } from '$lib/formats/bundle/read';
import { writeBundle } from '$lib/formats/bundle/write';
import { DATA_VERSION } from '$lib/formats/bundle/manifest';
import { adopt } from './adopt';
import { contentsOf, joined } from './backup';
import { takeBack } from './bin';
import { bringIn } from './bring-in';
import { TombleDb } from './db';
import { changeMachine, changeYarn } from './kit';
import { newerProjects, onlyProject, removeNewer } from './newer-projects';
import { changePerson } from './people';
import { edited, settled } from './projects';
import { reviseProject } from './revise';
import { loadKit } from './kit';
import { isRecord } from './records/newer';

const NOW = new Date('2027-03-02T10:00:00Z');
const contentsIn = (bytes: Uint8Array) => {
  const read = readBundle(bytes);
  if (!read.ok) throw new RangeError(read.reasons.join(' '));
  return read.contents;
};
/** A browser that took a backup of the next version in. */
async function furnished(): Promise<TombleDb> {
  const db = freshDb();
  await bringIn(db, (here) => joined(here, contentsIn(nextBundle()), 'merge'));
  return db;
}
/** Files of a backup that are read back, as text: a difference is seen where it is. */
const filesOf = (bytes: Uint8Array): Record<string, string> =>
  Object.fromEntries(
    Object.entries(unzipSync(bytes))
      .filter(([path]) => path !== 'manifest.json' && path !== 'README.txt' && !path.startsWith('csv/'))
      .map(([path, file]) => [path, Buffer.from(file).toString('latin1')])
  );

describe('a backup of the next version', () => {
  it('comes in, goes out, comes back and goes out again byte for byte', async () => {
    const next = Object.fromEntries(Object.entries(nextFiles).map(([path, file]) => [path, Buffer.from(file).toString('latin1')])); // prettier-ignore
    const out = writeBundle(await contentsOf(await furnished()), NOW);
    expect(filesOf(out)).toEqual(next);
    const db = freshDb();
    await bringIn(db, () => contentsIn(out));
    const again = writeBundle(await contentsOf(db), NOW);
    expect(Buffer.compare(again, out)).toBe(0);
  });

  it('a project of an unknown kind, with an unknown choice, step or picture waits whole; one with a mere field more is there', async () => {
    const db = await furnished();
    expect((await db.projects.toArray()).map(({ id }) => id)).toEqual(['p-known']);
    const names = (await newerProjects(db)).map(({ id }) => id);
    expect(names.sort()).toEqual(['p-event', 'p-key', 'p-kind', 'p-option', 'p-photo']);
    // All that belongs to it waits with it, also rows that could be read.
    const waiting = (await db.newer.toArray()).filter(isRecord);
    for (const id of names) expect(waiting.filter(({ record }) => record['projectId'] === id)).toHaveLength(3);
    expect(await db.events.count()).toBe(3);
  });

  it('can be deleted, lies in the bin, and is taken back; or is handed out alone', async () => {
    const db = await furnished();
    const before = writeBundle(await contentsOf(db), NOW);
    const [first] = (await newerProjects(db)).filter(({ id }) => id === 'p-photo');
    const alone = contentsIn(writeBundle(await onlyProject(db, 'p-photo'), NOW));
    expect(alone.projects).toEqual([]);
    expect(alone.newer.map(({ id }) => id).sort()).toEqual(['events/p-photo 0', 'events/p-photo 1', 'events/p-photo 2', 'photos/ph-2', 'projects/p-photo']); // prettier-ignore
    const entry = (await removeNewer(db, first!))!;
    expect((await newerProjects(db)).map(({ id }) => id)).not.toContain('p-photo');
    await takeBack(db, entry);
    expect(Buffer.compare(writeBundle(await contentsOf(db), NOW), before)).toBe(0);
  });

  it('edits in this version leave fields of the next as they are', async () => {
    const db = await furnished();
    const kit = (await loadKit(db))!;
    await reviseProject(db, 'p-known', (project) => settled(kit, edited(project, { name: 'Renamed', options: { headMm: 540 } }))); // prettier-ignore
    expect(await db.projects.get('p-known')).toMatchObject({ brief: { name: 'Renamed', mood: { light: 'dusk' } }, weather: 'rain' }); // prettier-ignore
    const [yarn] = kit.yarns.filter((y) => 'sheen' in y);
    await changeYarn(db, yarn!, { ...yarn!, stockGrams: 12 });
    expect(await db.yarns.get(yarn!.id)).toMatchObject({ stockGrams: 12, sheen: { of: 'silk', steps: [1, 2] } });
    await changeMachine(db, kit.machines[0]!.id, { name: 'Wheel' });
    expect(await db.machines.get(kit.machines[0]!.id)).toMatchObject({ name: 'Wheel', motorCurve: [[0, 1], [60, 2]] }); // prettier-ignore
    const [person] = await db.people.toArray();
    await changePerson(db, person!.id, { note: 'tall' });
    expect(await db.people.get(person!.id)).toMatchObject({ note: 'tall', hands: 'left' });
  });

  it('what cannot be put back here is kept in the bin', async () => {
    const db = await furnished();
    expect(await takeBack(db, 'b-1')).toBe(false);
    expect(await takeBack(db, 'b-2')).toBe(true);
    expect(await db.bin.toCollection().primaryKeys()).toEqual(['b-1']);
    expect((await db.photos.get('ph-9'))!.bytes.length).toBeGreaterThan(20);
  });

  it('is adopted as soon as this version is as new: what can be read is read, all else waits on', async () => {
    const db = await furnished();
    expect(await adopt(db)).toBe(false);
    // As if this version had caught up with all but the choices of one project.
    await db.newer.toCollection().modify({ dataVersion: DATA_VERSION });
    await db.newer.where('id').startsWith('events/p-event').modify({ dataVersion: DATA_VERSION + 1 }); // prettier-ignore
    await db.newer.delete('photos/ph-2');
    const before = await db.newer.count();
    expect(await adopt(db)).toBe(true);
    expect(await db.newer.count()).toBeLessThan(before);
    expect((await db.projects.toArray()).map(({ id }) => id)).toContain('p-photo');
    expect(await db.events.where({ projectId: 'p-photo' }).count()).toBe(3);
  });

  it('of the version of today that holds what only a newer one can read is refused by name', () => {
    const read = readBundle(nextBundle(DATA_VERSION));
    expect(read.ok ? [] : read.reasons).toContainEqual(expect.stringMatching(/^data\/\w+\.json: \[\d\]/));
  });
});

it('the version of the records is that of the data base', async () => {
  const db = freshDb();
  await db.open();
  expect(db.verno).toBe(DATA_VERSION);
});
