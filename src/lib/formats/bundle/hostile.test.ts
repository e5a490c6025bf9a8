import fc from 'fast-check';
import { strFromU8, strToU8, unzipSync, zipSync, type Zippable } from 'fflate';
import { describe, expect, it } from 'vitest';
import { anyDamaged } from '../../../../tests/support/damage';
import { JPEG_HEAD, PIXEL } from '../../../../tests/support/pictures';
import { village } from '$lib/demo/village';
import { hashOf, hashOfContents, LIST_NAMES, NOTHING } from './contents';
import { MANIFEST } from './manifest';
import { readBundle } from './read';
import { writeBundle } from './write';

const RUNS = Number(process.env.TORTURE ?? 120);
const NOW = new Date('2026-11-25T10:00:00Z');
const PHOTO = { id: 'photo-1', owner: { table: 'projects', id: 'demo-lantern' }, type: 'image/png', bytes: PIXEL, caption: '', takenAt: NOW.toISOString() } as const; // prettier-ignore
const { kit, people, projects, events } = village();
const contents = {
  ...NOTHING,
  machines: kit.machines,
  yarns: kit.yarns,
  swatches: kit.swatches,
  observations: kit.finished,
  people: [...people],
  projects: [...projects],
  events: events.map(({ id: _, ...event }) => event),
  photos: [PHOTO],
  bin: [{ id: 'b', deletedAt: NOW.toISOString(), what: 'photo', title: 'A picture', records: [{ table: 'photos', record: { ...PHOTO, id: 'photo-2' } as Record<string, unknown> }] }] // prettier-ignore
};
const sound = writeBundle(contents, NOW);
const files = unzipSync(sound);
const lists = LIST_NAMES.map((table) => `data/${table}.json`);
/** Longer ones only cost time. */
const small = lists.filter((path) => files[path]!.length < 60_000);
const SENTENCE = /; received .+\.$|^The file |^This |which its manifest lists/s;

interface Entry {
  path: string;
  bytes: number;
  sha256: string;
  table?: string;
}
const manifestOf = (): { files: Entry[]; [key: string]: unknown } =>
  JSON.parse(strFromU8(files[MANIFEST]!)) as { files: Entry[] };
/** The bundle with some files others, and a manifest that fits. */
function packed(changed: Readonly<Record<string, Uint8Array | null>>, more: object = {}, listNew = true): Uint8Array {
  const all: Record<string, Uint8Array> = { ...files };
  for (const [path, bytes] of Object.entries(changed))
    if (bytes) all[path] = bytes;
    else delete all[path];
  const manifest = { ...manifestOf(), ...more };
  const named = new Map(manifest.files.map((entry) => [entry.path, entry]));
  if (listNew)
    for (const path of Object.keys(changed)) if (!named.has(path)) named.set(path, { path, bytes: 0, sha256: '' });
  manifest.files = [...named.values()].filter(({ path }) => all[path]).map((entry) => ({ ...entry, bytes: all[entry.path]!.length, sha256: hashOf(all[entry.path]!) })); // prettier-ignore
  return zipSync({ ...all, [MANIFEST]: strToU8(JSON.stringify(manifest)) });
}
const reasons = (bytes: Uint8Array): readonly string[] => {
  const read = readBundle(bytes);
  return read.ok ? [] : read.reasons;
};
const json = (value: unknown): Uint8Array => strToU8(JSON.stringify(value));
const listAt = (path: string): Record<string, unknown>[] => JSON.parse(strFromU8(files[path]!)) as Record<string, unknown>[]; // prettier-ignore

describe('bundles that were damaged', () => {
  it(`${RUNS} lists changed in meaning, under a manifest that fits: read whole or refused with the place, never an error`, () => {
    const values = small.map((path) => listAt(path));
    const count = { sound: 0, refused: 0 };
    fc.assert(
      fc.property(fc.nat(small.length - 1), anyDamaged(values), (which, text) => {
        const read = readBundle(packed({ [small[which]!]: strToU8(text) }));
        count[read.ok ? 'sound' : 'refused'] += 1;
        if (!read.ok) for (const reason of read.reasons) expect(reason).toMatch(SENTENCE);
      }),
      { numRuns: RUNS }
    );
    expect(count.refused).toBeGreaterThan(RUNS / 8);
  });

  it(`${RUNS} manifests changed in meaning`, () => {
    fc.assert(
      fc.property(anyDamaged([manifestOf()]), (text) => {
        const read = readBundle(zipSync({ ...files, [MANIFEST]: strToU8(text) } as Zippable));
        if (!read.ok) for (const reason of read.reasons) expect(reason).toMatch(SENTENCE);
      }),
      { numRuns: RUNS }
    );
  });
});

describe('bundles made by hand', () => {
  it('the sound one is read', () => {
    const read = readBundle(sound);
    if (!read.ok) throw new RangeError(read.reasons.join(' '));
    const inOrder = read.contents.events.map(({ key, at }) => `${key} ${at}`).sort();
    expect(inOrder).toEqual(contents.events.map(({ key, at }) => `${key} ${at}`).sort());
    expect(hashOfContents({ ...read.contents, events: [] })).toBe(hashOfContents({ ...contents, events: [] }));
  });

  const project = listAt('data/projects.json')[0]!;
  const event = listAt('data/events.json')[0]!;
  const deep = strToU8(`${'['.repeat(20_000)}${']'.repeat(20_000)}`);
  const facts = listAt('data/photos.json')[0]!;
  const big = (() => {
    const bytes = new Uint8Array(5 * 1024 * 1024);
    bytes.set(JPEG_HEAD);
    return bytes;
  })();
  it.each<[string, Uint8Array, RegExp]>([
    ['an unlisted file', packed({ 'virus.exe': PIXEL }, {}, false), /must hold nothing besides what its manifest lists; received "virus\.exe"/],
    ['an unlisted list', packed({ 'data/secrets.json': json([]) }, {}, false), /nothing besides what its manifest lists; received "data\/secrets\.json"/],
    ['a listed file that is not there', packed({ 'photos/0001.png': null }), /must have its picture at photos\/0001\.…; received none/],
    ['a list that is not there', packed({ 'data/yarns.json': null }), /files must list data\/yarns\.json; received none/],
    ['a picture that is none', packed({ 'photos/0001.png': strToU8('<svg onload="x"/>') }), /photos\/0001\.png must be a picture of the type image\/png; received 17 bytes that are none/],
    ['a picture of another type', packed({ 'photos/0001.png': JPEG_HEAD }), /must be a picture of the type image\/png; received one of the type jpg/],
    ['a page as a picture', packed({ 'photos/0001.png': strToU8(`<html>${'x'.repeat(400)}`) }), /bytes that are none/],
    ['a picture that is too large', packed({ 'photos/0001.png': big, 'data/photos.json': json([{ ...facts, type: 'image/jpeg' }]) }), /must be at most 4 MiB; received 5\.0 MiB/],
    ['a picture of a type that nobody keeps', packed({ 'data/photos.json': json([{ ...facts, type: 'image/svg+xml' }]) }), /\[0\]\.type must be one of/],
    ['a file of the bin that is not there', packed({ 'bin/0001.bin': null }), /must have its file at "bin\/0001\.bin"; received none/],
    ['lists in lists without end', packed({ 'data/people.json': deep }), /data\/people\.json must nest lists and objects at most 64 deep; received more/],
    ['a manifest without end', zipSync({ ...files, [MANIFEST]: deep }), /manifest\.json must nest lists/],
    ['no JSON', packed({ 'data/people.json': strToU8('hello') }), /data\/people\.json must be JSON; received "hello"/],
    ['an empty list file', packed({ 'data/people.json': new Uint8Array(0) }), /data\/people\.json must be JSON/],
    ['bytes that are no text', packed({ 'data/people.json': new Uint8Array([0xff, 0xfe, 0]) }), /data\/people\.json must be JSON/],
    ['null in a list', packed({ 'data/people.json': json([null]) }), /\[0\] must be an object; received null/],
    ['a number as a list', packed({ 'data/people.json': json(5) }), /input must be a list; received 5/],
    ['a project twice', packed({ 'data/projects.json': json([project, project]) }), /\[1\] must be unlike the records before it/],
    ['an event twice', packed({ 'data/events.json': json([{ ...event, key: 'a' }, { ...event, key: 'a' }]) }), /\[1\] must be unlike/],
    ['a step that nobody knows', packed({ 'data/events.json': json([{ ...event, what: { do: 'fly' } }]) }), /\[0\]\.what/],
    ['a turn before the first', packed({ 'data/events.json': json([{ ...event, turn: -1 }]) }), /\[0\]\.turn must be at least 0; received -1/],
    ['another version', packed({}, { version: 7 }), /newer Tomble: version must be at most 1; received 7/],
    ['a version of records that is none', packed({}, { dataVersion: 'x' }), /dataVersion must be a (whole )?number; received "x"/],
    ['another format', packed({}, { format: 'atlas' }), /format must be "tomble-bundle"; received "atlas"/],
    ['a file listed twice', zipSync({ ...files, [MANIFEST]: json({ ...manifestOf(), files: [...manifestOf().files, manifestOf().files[0]] }) }), /must list each file once; received "data\/machines\.json" twice/],
    ['another length', zipSync({ ...files, [MANIFEST]: json({ ...manifestOf(), files: manifestOf().files.map((f, i) => (i ? f : { ...f, bytes: 1 })) }) }), /must have 1 bytes; received/],
    ['another sum', zipSync({ ...files, [MANIFEST]: json({ ...manifestOf(), files: manifestOf().files.map((f, i) => (i ? f : { ...f, sha256: '0'.repeat(64) })) }) }), /must have the SHA-256 000000000000…/],
    ['a table at another place', packed({ 'data/more.json': json([]) }, { files: [...manifestOf().files, { path: 'data/more.json', bytes: 0, sha256: '', table: 'yarns' }] }), /"data\/more\.json" must be at data\/yarns\.json/],
    ['a bin entry without a day', packed({ 'data/bin.json': json([{ id: 'x', what: 'yarn', title: 'x', records: [] }]) }), /\[0\]\.deletedAt/],
    ['zeros without end', zipSync({ ...files, 'zeros.bin': new Uint8Array(200 * 1024 * 1024) }), /must unpack to at most \d+ MiB; received more, at "zeros\.bin"/]
  ])('%s', (_what, bytes, reason) => {
    expect(reasons(bytes).join('\n')).toMatch(reason);
  }); // prettier-ignore

  it('rows and pictures of projects that are not in it are kept, and named', () => {
    const read = readBundle(packed({ 'data/projects.json': json(listAt('data/projects.json').filter(({ id }) => id !== 'demo-lantern')) })); // prettier-ignore
    const rows = listAt('data/events.json').filter(({ projectId }) => projectId === 'demo-lantern').length;
    expect(read).toMatchObject({ ok: true, strays: { projects: 1, events: rows, photos: 1 } });
    expect(readBundle(sound)).toMatchObject({ ok: true, strays: null });
  });

  it('a picture that is here already is one’s own, whatever it is', () => {
    const odd = { ...PHOTO, bytes: strToU8('kept before anybody looked') };
    const own = writeBundle({ ...contents, photos: [odd] }, NOW);
    expect(readBundle(own).ok).toBe(false);
    expect(readBundle(own, [odd])).toMatchObject({ ok: true });
    expect(readBundle(own, [{ ...odd, bytes: PIXEL }]).ok).toBe(false);
  });

  it('an unknown file that is listed is kept as it came', () => {
    const read = readBundle(packed({ 'sketches/1.svg': strToU8('<svg/>') }));
    expect(read.ok && read.contents.newer).toMatchObject([{ id: 'sketches/1.svg', bytes: strToU8('<svg/>') }]);
  });
});
