import Ajv2020, { type ValidateFunction } from 'ajv/dist/2020.js';
import addFormats from 'ajv-formats';
import fc from 'fast-check';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import JSZip from 'jszip';
import { describe, expect, it } from 'vitest';
import { PIXEL } from '../../../tests/support/pictures';
import { contents as raw, freshDb } from '../../../tests/support/store';
import { village } from '$lib/demo/village';
import { hashOf, hashOfContents, NOTHING } from '$lib/formats/bundle/contents';
import { bundleSchema } from '$lib/formats/bundle/schema';
import { readBundle } from '$lib/formats/bundle/read';
import { writeBundle } from '$lib/formats/bundle/write';
import { compared, contentsOf, joined, OWN_SETTINGS } from './backup';
import { bringIn, goBack } from './bring-in';
import type { TombleDb } from './db';
import { eventOf, eventsOf } from './events';
import { record } from './journal';
import { edited } from './projects';
import { backedUp, overdue } from './overdue';
import { reviseProject } from './revise';
import { seed } from './seed';

const NOW = new Date('2026-11-25T10:00:00Z');
const PHOTO = {
  id: 'photo-1',
  owner: { table: 'projects', id: 'demo-lantern' },
  type: 'image/png',
  bytes: PIXEL,
  caption: 'On the form',
  takenAt: '2026-11-20T18:00:00.000Z'
} as const;

/** The demo village with a photograph, an edit that can be undone and a few rows. */
async function furnished(): Promise<TombleDb> {
  const db = freshDb();
  await seed(db, true);
  await db.photos.add(PHOTO);
  await reviseProject(db, 'demo-fog', (p) => edited(p, { name: 'Fog, again' }));
  await record(db, eventOf('demo-fog', { do: 'row', yarn: 'x' }, 9000));
  return db;
}
const ownEvents = async (db: TombleDb, id: string): Promise<unknown> =>
  (await eventsOf(db, id)).map(({ id: _, ...event }) => event);
const read = (bytes: Uint8Array) => {
  const got = readBundle(bytes);
  if (!got.ok) throw new Error(got.reasons.join(' '));
  return got.contents;
};
const reasons = (bytes: Uint8Array): readonly string[] => {
  const got = readBundle(bytes);
  return got.ok ? [] : got.reasons;
};

describe('a backup of everything', () => {
  it('comes back identical into an empty browser, undo history, true dates, photographs and all', async () => {
    const db = await furnished();
    const all = await contentsOf(db);
    const other = freshDb();
    const backup = read(writeBundle(all, NOW));
    await bringIn(other, () => backup);
    const back = await contentsOf(other);
    expect(hashOfContents(back)).toBe(hashOfContents(all));
    expect(back.photos[0]!.bytes).toEqual(PHOTO.bytes);
    expect(back.projects.find((p) => p.id === 'demo-fog')!.past.length).toBeGreaterThan(0);
    // Record by record, by the names of projects; the number a browser gives an event is its own.
    const rows = async (base: TombleDb, name: string): Promise<unknown> => {
      const tables = await raw(base);
      return name === 'events' ? Promise.all(all.projects.map(({ id }) => ownEvents(base, id))) : tables[name];
    };
    for (const { name } of db.tables.filter(({ name }) => name !== 'settings'))
      expect(await rows(other, name), name).toEqual(await rows(db, name));
    // The copy to go back to, and the word about it, are of the one browser alone.
    const settings = (await other.settings.toArray()).filter(({ key }) => !OWN_SETTINGS.includes(key));
    expect(settings).toEqual(await db.settings.toArray());
  });

  it('is a plain ZIP that another program reads, with checksums that hold', async () => {
    const bytes = writeBundle(await contentsOf(await furnished()), NOW);
    const zip = await JSZip.loadAsync(bytes, { checkCRC32: true });
    const manifest = JSON.parse(await zip.file('manifest.json')!.async('string')) as {
      files: { path: string; bytes: number; sha256: string; records?: number }[];
    };
    for (const { path, bytes: size, sha256 } of manifest.files) {
      const file = await zip.file(path)!.async('uint8array');
      expect(file.length).toBe(size);
      const digest = await crypto.subtle.digest('SHA-256', file as Uint8Array<ArrayBuffer>);
      expect(Buffer.from(digest).toString('hex')).toBe(sha256);
    }
    expect(Object.keys(zip.files).sort()).toContain('photos/0001.png');
    expect(await zip.file('csv/yarns.csv')!.async('string')).toContain('metres');
  });

  it('is what the published schemas say', async () => {
    const ajv = new Ajv2020({ strict: false, allErrors: true });
    addFormats(ajv);
    const schema = bundleSchema() as { $id: string };
    ajv.addSchema(schema);
    const files = unzipSync(writeBundle(await contentsOf(await furnished()), NOW));
    const compiled = new Map<string, ValidateFunction>();
    const check = (ref: string, value: unknown): unknown => {
      const valid = compiled.get(ref) ?? ajv.compile({ $ref: `${schema.$id}/${ref}` });
      compiled.set(ref, valid);
      return valid(value) || valid.errors;
    };
    expect(check('manifest', JSON.parse(strFromU8(files['manifest.json']!)))).toBe(true);
    for (const [path, bytes] of Object.entries(files)) {
      const table = /^data\/(\w+)\.json$/.exec(path)?.[1];
      if (table)
        for (const record of JSON.parse(strFromU8(bytes)) as unknown[]) expect(check(table, record), path).toBe(true);
    }
    expect(check('yarns', { id: 'x' })).not.toBe(true);
  });

  it('a filled browser merges or is replaced, sees beforehand what changes, and can go back', async () => {
    const db = await furnished();
    const backup = read(writeBundle(await contentsOf(db), NOW));
    await reviseProject(db, 'demo-fog', (p) => edited(p, { name: 'Fog, later' }));
    await db.yarns.delete(backup.yarns[0]!.id);
    const own = { ...backup.yarns[1]!, id: 'own-yarn' };
    await db.yarns.add(own);
    await record(db, eventOf('demo-fog', { do: 'row', yarn: 'x' }, 9001));
    const here = await contentsOf(db);
    const seen = compared(here, backup);
    expect(seen.projects).toMatchObject({ fresh: 0, changed: 1, onlyHere: 0 });
    expect(seen.yarns).toMatchObject({ fresh: 1, changed: 0, onlyHere: 1 });
    expect(seen.events).toMatchObject({ fresh: 0, changed: 0, onlyHere: 1 });

    await bringIn(db, (now) => joined(now, backup, 'merge'));
    expect(await db.yarns.get('own-yarn')).toEqual(own);
    expect(await db.projects.get('demo-fog')).toMatchObject({ brief: { name: 'Fog, again' } });
    expect(await db.events.count()).toBe(here.events.length);
    await goBack(db);

    await bringIn(db, (now) => joined(now, backup, 'replace'));
    expect(hashOfContents(await contentsOf(db))).toBe(hashOfContents(backup));

    await goBack(db);
    expect(hashOfContents(await contentsOf(db))).toBe(hashOfContents(here));
  });

  it('is asked for when it is old and something was done since', async () => {
    const db = freshDb();
    await seed(db, true);
    const later = (days: number): Date => new Date(Date.now() + days * 24 * 3600 * 1000);
    expect(await overdue(db, later(20))).toBeNull();
    await reviseProject(db, 'demo-fog', (p) => edited(p, { name: 'Fog, again' }));
    expect(await overdue(db, later(13.99))).toBeNull();
    expect(await overdue(db, later(14.01))).toBe(14);
    expect(await overdue(db, later(20))).toBe(20);
    await backedUp(db, later(1));
    expect(await overdue(db, later(30))).toBeNull();
  });
});

describe('a bundle that is not what it should be', () => {
  const { kit, people, projects, events } = village();
  const sound = writeBundle(
    {
      ...NOTHING,
      machines: kit.machines,
      yarns: kit.yarns,
      swatches: kit.swatches,
      observations: kit.finished,
      people: [...people],
      projects: [...projects],
      events: events.map(({ id: _, ...event }) => event),
      photos: [PHOTO]
    },
    NOW
  );
  const files = unzipSync(sound);
  /** The bundle with one file changed, its manifest made to fit or left as it is. */
  function withFile(path: string, change: (text: string) => string, honest = true): Uint8Array {
    const content = strToU8(change(strFromU8(files[path]!)));
    const manifest = JSON.parse(strFromU8(files['manifest.json']!)) as {
      files: { path: string; bytes: number; sha256: string }[];
    };
    const listed = manifest.files.find((f) => f.path === path);
    if (honest && listed) {
      listed.bytes = content.length;
      listed.sha256 = hashOf(content);
    }
    return zipSync({ ...files, 'manifest.json': strToU8(JSON.stringify(manifest)), [path]: content });
  }

  it.each<[string, Uint8Array, RegExp]>([
    ['no ZIP', strToU8('hello'), /^The file is not whole: it must be a ZIP file; received 5 bytes/],
    ['cut off', sound.slice(0, sound.length / 2), /^The file is not whole/],
    ['without a manifest', zipSync({ 'a.txt': strToU8('a') }), /^The file must hold manifest\.json; received none\.$/],
    [
      'of something else',
      zipSync({ 'manifest.json': strToU8('{"format":"atlas","version":1}') }),
      /format must be "tomble-bundle"; received "atlas"/
    ],
    [
      'from the future',
      withFile('manifest.json', (t) => t.replace('"version": 1', '"version": 7'), false),
      /newer Tomble: version must be at most 1; received 7/
    ],
    [
      'changed by hand',
      withFile('data/yarns.json', (t) => t.replace(/"metres": \d/, '"metres": 9'), false),
      /^data\/yarns\.json must have/
    ],
    [
      'wrong in one value',
      withFile('data/machines.json', (t) => t.replace(/"pins": \d+/, '"pins": 2')),
      /^data\/machines\.json: \[\d\]\.pins must be at least 4; received 2\.$/
    ],
    [
      'of a yarn twice',
      withFile('data/yarns.json', (t) =>
        JSON.stringify([...(JSON.parse(t) as unknown[]), (JSON.parse(t) as unknown[])[0]])
      ),
      /must be unlike the records before it/
    ],
    ['no list', withFile('data/people.json', () => '{"a":1}'), /^data\/people\.json: input must be a list/]
  ])('%s: is refused with its place', (_what, bytes, reason) => {
    expect(reasons(bytes)[0]).toMatch(reason);
  });

  it('a file that unpacks without end is not unpacked', () => {
    const bomb = zipSync({ 'manifest.json': new Uint8Array(1000), b: new Uint8Array(20 * 1024 * 1024) });
    expect(bomb.length).toBeLessThan(50_000);
    const got = readBundle(bomb, [], 10 * 1024 * 1024);
    expect(got.ok ? '' : got.reasons[0]).toBe('The file must unpack to at most 10 MiB; received more, at "b".');
  });

  it('bytes turned anywhere are found, or change nothing', () => {
    fc.assert(
      fc.property(fc.nat(sound.length - 1), fc.integer({ min: 1, max: 255 }), (at, turn) => {
        const torn = sound.slice();
        torn[at]! ^= turn;
        const got = readBundle(torn);
        if (got.ok) expect(hashOfContents(got.contents)).toBe(hashOfContents(read(sound)));
        else expect(got.reasons[0]).toMatch(/\.$/);
      }),
      { numRuns: Number(process.env.TORTURE ?? 150) }
    );
  });
});
