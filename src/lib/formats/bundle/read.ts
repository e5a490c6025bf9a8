import { strFromU8 } from 'fflate';
import * as z from 'zod/mini';
import { echo, withUnknown, wordFault } from '$lib/core/quantity';
import { faultsOf } from '$lib/core/faults';
import { olderRecord } from '$lib/store/older-record';
import type { BinEntry } from '$lib/store/records/bin-entry';
import type { Newer, NewerRecord } from '$lib/store/records/newer';
import type { Photo } from '$lib/store/records/photo';
import type { Project } from '$lib/store/records/project';
import { readJson, TOO_DEEP } from '../json';
import { ADDED_LATER, type Contents, hashOf, isListName, keyOf, LIST_NAMES, type ListName, NOTHING, TABLES } from './contents'; // prettier-ignore
import { BUNDLE_VERSION, DATA_VERSION, FILE, isForOthers, MANIFEST, Manifest, photoPath, tablePath } from './manifest';
import { pictureFault } from './picture';
import { isReadable } from './readable';
import { type Strays, straysOf } from './strays';
import { mostUnpacked, LARGEST_BUNDLE, unpack } from './unpack';
import { MOST_REASONS, stop, Unsound } from './unsound';

/** Most records of one table. */
const MOST_RECORDS = 2_000_000;

/** A bundle that is whole, or sentences that say why it is not. */
export type ReadBundle =
  | {
      readonly ok: true;
      readonly contents: Contents;
      readonly createdAt: string;
      /** Rows and photographs of projects that are not in it. */
      readonly strays: Strays | null;
    }
  | { readonly ok: false; readonly reasons: readonly string[] };

type Raw = Record<string, unknown>;
type Files = Readonly<Record<string, Uint8Array>>;

const fileOf = (files: Files, path: string): Uint8Array | undefined =>
  Object.hasOwn(files, path) ? files[path] : undefined;

/** The value of a JSON file of the bundle. */
function valueOf(files: Files, path: string): unknown {
  const bytes = fileOf(files, path);
  if (!bytes) return stop(`The file must hold ${path}; received none.`);
  const json = readJson(strFromU8(bytes));
  if (json.ok) return json.value;
  if (json.deep) return stop(`${path} ${TOO_DEEP}.`);
  return stop(`${path} must be JSON; received ${echo(strFromU8(bytes.slice(0, 200)).trim().slice(0, 24))}.`);
}

function manifestOf(files: Files): Manifest {
  const value = valueOf(files, MANIFEST);
  const head = z.object({ format: z.string(), version: z.number() }).safeParse(value);
  if (!head.success || head.data.format !== 'tomble-bundle')
    stop(`This is no backup of Tomble: format must be "tomble-bundle"; received ${head.success ? echo(head.data.format) : 'a file without one'}.`); // prettier-ignore
  if (head.data!.version > BUNDLE_VERSION)
    stop(`This backup is from a newer Tomble: version must be at most ${BUNDLE_VERSION}; received ${head.data!.version}. Update Tomble, then open it again.`); // prettier-ignore
  const read = Manifest.safeParse(value);
  if (!read.success) return stop(...faultsOf(read.error, value).map((fault) => `${MANIFEST}: ${wordFault(fault)}`));
  return withUnknown(value, read.data);
}

/** Every file that is listed is there and amounts to what it must, and nothing else is there. */
function check(files: Files, { files: listed }: Manifest): void {
  const paths = new Set<string>();
  for (const { path, bytes, sha256 } of listed) {
    const file = fileOf(files, path);
    if (!file) return stop(`The file must hold ${echo(path)}, which its manifest lists; received none.`);
    if (paths.has(path)) stop(`${MANIFEST}: files must list each file once; received ${echo(path)} twice.`);
    if (file.length !== bytes) stop(`${path} must have ${bytes} bytes; received ${file.length}.`);
    const got = hashOf(file);
    if (got !== sha256) stop(`${path} must have the SHA-256 ${sha256.slice(0, 12)}…; received ${got.slice(0, 12)}….`);
    paths.add(path);
  }
  const unlisted = Object.keys(files).find((path) => path !== MANIFEST && !paths.has(path));
  if (unlisted !== undefined)
    stop(`The file must hold nothing besides what its manifest lists; received ${echo(unlisted)}.`);
  const loose = LIST_NAMES.find((table) => !paths.has(tablePath(table)) && !ADDED_LATER.includes(table));
  if (loose) stop(`${MANIFEST}: files must list ${tablePath(loose)}; received none.`);
}

/** A record of a list: as this version reads it, or as only a newer one does. */
interface Entry<T = object> {
  readonly record: T | null;
  readonly raw: Raw;
}

/** A list of the bundle, every record with all that it holds. Records that a newer version may have written need not be readable. */
function listOf(files: Files, table: ListName, isNewer: boolean): Entry[] {
  const path = tablePath(table);
  if (ADDED_LATER.includes(table) && !fileOf(files, path)) return [];
  const value = valueOf(files, path);
  const list = Array.isArray(value) ? value.map((record) => olderRecord(table, record)) : value;
  const read = z.array(TABLES[table] as z.ZodMiniType<object>).check(z.maxLength(MOST_RECORDS)).safeParse(list); // prettier-ignore
  const raws = list as Raw[];
  let entries: Entry[];
  const waits = (record: object): boolean => isNewer && table === 'projects' && !isReadable(record as Project);
  if (read.success)
    entries = read.data.map((record, i) => ({ record: waits(record) ? null : withUnknown(raws[i], record), raw: raws[i]! })); // prettier-ignore
  else if (
    isNewer &&
    Array.isArray(list) &&
    list.every((r) => typeof r === 'object' && r !== null && !Array.isArray(r))
  )
    entries = raws.map((raw) => {
      const one = TABLES[table].safeParse(raw);
      return { record: one.success && !waits(one.data) ? withUnknown(raw, one.data as object) : null, raw };
    });
  else
    return stop(
      ...faultsOf(read.error, list)
        .slice(0, MOST_REASONS)
        .map((fault) => `${path}: ${wordFault(fault)}`)
    );
  const seen = new Set<string>();
  for (const [i, { raw }] of entries.entries()) {
    const key = keyOf(table, raw);
    if (seen.has(key) && (table !== 'events' || 'key' in raw))
      stop(`${path}: [${i}] must be unlike the records before it; received ${echo(key)} again.`);
    seen.add(key);
  }
  return entries;
}

/** The picture of a photograph: it lies by its number, and its name ends as its type has it. */
function pictureOf(files: Files, i: number): { path: string; bytes: Uint8Array; ending: string } {
  const start = photoPath(i, '');
  const path = Object.keys(files).find((name) => name.startsWith(start));
  if (!path) return stop(`${tablePath('photos')}: [${i}] must have its picture at ${start}…; received none.`);
  return { path, bytes: new Uint8Array(files[path]!), ending: path.slice(start.length) };
}

/** A record of the bin with its bytes, which lie in files beside the list. */
function withBytes(files: Files, record: Raw, used: Set<string>): Raw {
  const entries = Object.entries(record).map(([key, value]): [string, unknown] => {
    const path = typeof value === 'object' && value !== null && FILE in value ? String(value[FILE]) : null;
    if (path === null) return [key, value];
    const bytes = fileOf(files, path);
    if (!bytes) return stop(`${tablePath('bin')}: a record must have its file at ${echo(path)}; received none.`);
    used.add(path);
    return [key, new Uint8Array(bytes)];
  });
  return Object.fromEntries(entries);
}

/** Projects that versions before the tenth had marked as deleted: they lie in the bin with what belongs to them. */
function withoutMarked(contents: Contents): Contents {
  const marked = contents.projects.flatMap((project) => {
    const { deletedAt, ...record } = project as typeof project & { deletedAt?: unknown };
    return typeof deletedAt === 'string' ? [{ deletedAt, record }] : [];
  });
  if (marked.length === 0) return contents;
  const ids = new Set(marked.map(({ record }) => record.id));
  const binned = marked.map(({ deletedAt, record }): BinEntry => {
    const events = contents.events.filter((e) => e.projectId === record.id).map((e) => ({ table: 'events', record: e as unknown as Raw })); // prettier-ignore
    const photos = contents.photos.filter((p) => p.owner.id === record.id).map((p) => ({ table: 'photos', record: p as unknown as Raw })); // prettier-ignore
    return { id: `project ${record.id}`, deletedAt, what: 'project', title: record.brief.name, records: [{ table: 'projects', record: record as unknown as Raw }, ...events, ...photos] }; // prettier-ignore
  });
  return {
    ...contents,
    projects: contents.projects.filter(({ id }) => !ids.has(id)),
    events: contents.events.filter(({ projectId }) => !ids.has(projectId)),
    photos: contents.photos.filter(({ owner }) => !ids.has(owner.id)),
    bin: [...contents.bin, ...binned]
  };
}

/** Which project a record belongs to, where it is one or belongs to one. */
function projectOf(table: ListName, raw: Raw): string | null {
  if (table === 'projects') return String(raw['id']);
  if (table === 'events') return String(raw['projectId']);
  const owner = raw['owner'] as { table?: unknown; id?: unknown } | undefined;
  return table === 'photos' && owner?.table === 'projects' ? String(owner.id) : null;
}

/** Everything of the files as a browser keeps it. */
function contentsIn(files: Files, manifest: Manifest, known: ReadonlyMap<string, string>): Contents {
  const { dataVersion = 0 } = manifest;
  const lists = Object.fromEntries(
    LIST_NAMES.map((table) => [table, listOf(files, table, dataVersion > DATA_VERSION)])
  ) as Record<ListName, Entry[]>;
  const used = new Set<string>([MANIFEST, ...LIST_NAMES.map(tablePath)]);
  const pictures = lists.photos.map((_, i) => pictureOf(files, i));
  for (const { path } of pictures) used.add(path);
  // A project that only a newer version can read waits with all that belongs to it.
  const waiting = new Set(
    LIST_NAMES.flatMap((table) => lists[table].flatMap(({ record, raw }) => (record ? [] : (projectOf(table, raw) ?? []))))
  ); // prettier-ignore
  const newer: Newer[] = [];
  const contents: Record<ListName, object[]> = Object.fromEntries(LIST_NAMES.map((table) => [table, []])) as never;
  for (const table of LIST_NAMES)
    lists[table].forEach(({ record, raw }, i) => {
      const project = projectOf(table, raw);
      const picture = table === 'photos' ? pictures[i]! : null;
      if (!record || (project !== null && waiting.has(project))) {
        const waits: NewerRecord = { id: `${table}/${keyOf(table, raw)}`, table, record: raw, dataVersion };
        newer.push(picture ? { ...waits, bytes: picture.bytes, ending: picture.ending } : waits);
        return;
      }
      if (picture) {
        const photo = { ...record, bytes: picture.bytes } as Photo;
        // A picture that is here already is one's own.
        const fault = known.get(photo.id) === hashOf(photo.bytes) ? null : pictureFault(photo.bytes, photo.type);
        if (fault) stop(`${picture.path} ${fault}.`);
        contents.photos.push(photo);
      } else if (table === 'bin') {
        const entry = record as BinEntry;
        const records = entry.records.map((r) => ({ ...r, record: withBytes(files, r.record, used) }));
        contents.bin.push({ ...entry, records });
      } else contents[table].push(record);
    });
  for (const { path, bytes: _bytes, sha256: _sha256, ...listed } of manifest.files) {
    if (used.has(path) || isForOthers(path)) continue;
    if (isListName(listed.table ?? '')) stop(`${MANIFEST}: ${echo(path)} must be at ${tablePath(listed.table!)}.`);
    newer.push({ id: path, bytes: new Uint8Array(files[path]!), listed, dataVersion });
  }
  return withoutMarked({ ...NOTHING, ...(contents as unknown as Partial<Contents>), newer });
}

/**
 * Reads a bundle. Nothing is stored; the caller shows a preview first.
 *
 * @param bytes the whole file
 * @param here photographs that are here already, which are not looked at again
 * @param most bytes it may unpack to
 */
export function readBundle(
  bytes: Uint8Array,
  here: readonly Photo[] = [],
  most = mostUnpacked(bytes.length)
): ReadBundle {
  try {
    if (bytes.length > LARGEST_BUNDLE) stop(`The file must be at most 512 MiB; received ${(bytes.length / 1024 / 1024).toFixed(1)} MiB.`); // prettier-ignore
    const files = unpack(bytes, most);
    const manifest = manifestOf(files);
    check(files, manifest);
    const contents = contentsIn(files, manifest, new Map(here.map((photo) => [photo.id, hashOf(photo.bytes)])));
    return { ok: true, contents, createdAt: manifest.createdAt, strays: straysOf(contents) };
  } catch (error) {
    if (error instanceof Unsound) return { ok: false, reasons: error.reasons };
    throw error;
  }
}
