import { strFromU8, unzipSync } from 'fflate';
import * as z from 'zod/mini';
import { echo, wordFault } from '$lib/core/quantity';
import { faultsOf } from '$lib/core/faults';
import type { Photo } from '$lib/store/records/photo';
import { ADDED_LATER, type Contents, hashOf, keyOf, TABLE_NAMES, type TableName, TABLES } from './contents';
import { BUNDLE_VERSION, MANIFEST, Manifest, photoPath, tablePath } from './manifest';

const MIB = 1024 * 1024;

/** Largest bundle that is read, packed and unpacked: years of projects with hundreds of photographs stay far below it. */
export const LARGEST_BUNDLE = 512 * MIB;
const LARGEST_UNPACKED = 1024 * MIB;
const MOST_FILES = 20_000;
/** Most records of one table. */
const MOST_RECORDS = 2_000_000;
/** Reasons shown at once. */
const MOST_REASONS = 12;

/** A bundle that is whole, or sentences that say why it is not. */
export type ReadBundle =
  | { readonly ok: true; readonly contents: Contents; readonly createdAt: string }
  | { readonly ok: false; readonly reasons: readonly string[] };

class Unsound extends Error {
  constructor(readonly reasons: readonly string[]) {
    super(reasons[0]);
  }
}
const stop = (...reasons: string[]): never => {
  throw new Unsound(reasons.slice(0, MOST_REASONS));
};

function unpack(bytes: Uint8Array, most: number): Record<string, Uint8Array> {
  let [size, count] = [0, 0];
  try {
    return unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        size += originalSize;
        if (++count > MOST_FILES) stop(`The file must hold at most ${MOST_FILES} files; received more.`);
        if (size > most) stop(`The file must unpack to at most ${most / MIB} MiB; received more, at ${echo(name)}.`);
        return !name.endsWith('/');
      }
    });
  } catch (error) {
    if (error instanceof Unsound) throw error;
    return stop(`The file is not whole: it must be a ZIP file; received ${bytes.length} bytes that are none.`);
  }
}

/** The value of a JSON file of the bundle. */
function valueOf(files: Record<string, Uint8Array>, path: string): unknown {
  const bytes = Object.hasOwn(files, path) ? files[path] : undefined;
  if (!bytes) return stop(`The file must hold ${path}; received none.`);
  try {
    return JSON.parse(strFromU8(bytes)) as unknown;
  } catch {
    return stop(`${path} must be JSON; received ${echo(strFromU8(bytes.slice(0, 200)).trim().slice(0, 24))}.`);
  }
}

function manifestOf(files: Record<string, Uint8Array>): Manifest {
  const value = valueOf(files, MANIFEST);
  const head = z.object({ format: z.string(), version: z.number() }).safeParse(value);
  if (!head.success || head.data.format !== 'tomble-bundle')
    stop(`This is no backup of Tomble: format must be "tomble-bundle"; received ${head.success ? echo(head.data.format) : 'a file without one'}.`); // prettier-ignore
  if (head.data!.version > BUNDLE_VERSION)
    stop(`This backup is from a newer Tomble: version must be at most ${BUNDLE_VERSION}; received ${head.data!.version}. Update Tomble, then open it again.`); // prettier-ignore
  const read = Manifest.safeParse(value);
  if (read.success) return read.data;
  return stop(...faultsOf(read.error, value).map((fault) => `${MANIFEST}: ${wordFault(fault)}`));
}

/** Every file that is listed is there and amounts to what it must. */
function check(files: Record<string, Uint8Array>, { files: listed }: Manifest): void {
  const paths = new Set<string>();
  for (const { path, bytes, sha256 } of listed) {
    const file = Object.hasOwn(files, path) ? files[path] : undefined;
    if (!file) stop(`The file must hold ${echo(path)}, which its manifest lists; received none.`);
    if (file!.length !== bytes) stop(`${path} must have ${bytes} bytes; received ${file!.length}.`);
    const got = hashOf(file!);
    if (got !== sha256) stop(`${path} must have the SHA-256 ${sha256.slice(0, 12)}…; received ${got.slice(0, 12)}….`);
    paths.add(path);
  }
  const loose = TABLE_NAMES.find((table) => !paths.has(tablePath(table)) && !ADDED_LATER.includes(table));
  if (loose) stop(`${MANIFEST}: files must list ${tablePath(loose)}; received none.`);
}

function tableOf<K extends TableName>(files: Record<string, Uint8Array>, table: K): z.output<(typeof TABLES)[K]>[] {
  const path = tablePath(table);
  if (ADDED_LATER.includes(table) && !Object.hasOwn(files, path)) return [];
  const value = valueOf(files, path);
  const read = z.array(TABLES[table]).check(z.maxLength(MOST_RECORDS)).safeParse(value);
  if (!read.success) return stop(...faultsOf(read.error, value).slice(0, MOST_REASONS).map((fault) => `${path}: ${wordFault(fault)}`)); // prettier-ignore
  const seen = new Set<string>();
  for (const [i, record] of read.data.entries()) {
    const key = keyOf(table, record);
    if (seen.has(key) && (table !== 'events' || 'key' in record))
      stop(`${path}: [${i}] must be unlike the records before it; received ${echo(key)} again.`);
    seen.add(key);
  }
  return read.data as z.output<(typeof TABLES)[K]>[];
}

/**
 * Reads a bundle. Nothing is stored; the caller shows a preview first.
 *
 * @param bytes the whole file
 * @param most bytes it may unpack to
 */
export function readBundle(bytes: Uint8Array, most = LARGEST_UNPACKED): ReadBundle {
  try {
    if (bytes.length > LARGEST_BUNDLE) stop(`The file must be at most 512 MiB; received ${(bytes.length / 1024 / 1024).toFixed(1)} MiB.`); // prettier-ignore
    const files = unpack(bytes, most);
    const manifest = manifestOf(files);
    check(files, manifest);
    const photos = tableOf(files, 'photos').map((facts, i): Photo => {
      const path = photoPath(i, facts.type);
      const picture = Object.hasOwn(files, path) ? files[path] : undefined;
      if (!picture) return stop(`${tablePath('photos')}: [${i}] must have its picture at ${path}; received none.`);
      return { ...facts, bytes: new Uint8Array(picture) };
    });
    const contents: Contents = {
      machines: tableOf(files, 'machines'),
      yarns: tableOf(files, 'yarns'),
      swatches: tableOf(files, 'swatches'),
      observations: tableOf(files, 'observations'),
      people: tableOf(files, 'people'),
      projects: tableOf(files, 'projects'),
      events: tableOf(files, 'events'),
      habits: tableOf(files, 'habits'),
      settings: tableOf(files, 'settings'),
      series: tableOf(files, 'series'),
      conversions: tableOf(files, 'conversions'),
      photos
    };
    return { ok: true, contents, createdAt: manifest.createdAt };
  } catch (error) {
    if (error instanceof Unsound) return { ok: false, reasons: error.reasons };
    throw error;
  }
}
