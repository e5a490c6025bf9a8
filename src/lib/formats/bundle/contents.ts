import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';
import * as z from 'zod/mini';
import { Habits, Machine, Observation, Swatch, Yarn } from '$lib/core/kit';
import { canonical } from '$lib/store/canonical';
import { BinEntry } from '$lib/store/records/bin-entry';
import { Conversion } from '$lib/store/records/conversion';
import { CrankEvent } from '$lib/store/records/crank-event';
import type { Newer } from '$lib/store/records/newer';
import { Person } from '$lib/store/records/person';
import { Photo } from '$lib/store/records/photo';
import { Project } from '$lib/store/records/project';
import { Series } from '$lib/store/records/series';

/** A setting that is no habit: when the last backup was, what was asked before. */
const Setting = z.object({ key: z.string().check(z.maxLength(80)), value: z.json() });

/** What is said of a photograph beside the picture itself, which is a file of its own. */
const PhotoFacts = z.omit(Photo, { bytes: true });

/** Tables of a browser that lie in a backup as lists. Events stand in the order they happened. */
export const TABLES = {
  machines: Machine,
  yarns: Yarn,
  swatches: Swatch,
  observations: Observation,
  people: Person,
  projects: Project,
  events: z.omit(CrankEvent, { id: true }),
  habits: z.extend(Habits, { id: z.string().check(z.maxLength(20)) }),
  settings: Setting,
  photos: PhotoFacts,
  series: Series,
  conversions: Conversion,
  bin: BinEntry
} as const;
export type ListName = keyof typeof TABLES;
export const LIST_NAMES = Object.keys(TABLES) as ListName[];
export const isListName = (name: string): name is ListName => Object.hasOwn(TABLES, name);

/** Tables that backups from before have not: nothing of theirs was kept then. */
export const ADDED_LATER: readonly ListName[] = ['series', 'conversions', 'bin'];

/** Every table of a browser: lists, and what a newer version wrote. */
export type TableName = ListName | 'newer';
export const TABLE_NAMES: readonly TableName[] = [...LIST_NAMES, 'newer'];

/** Everything a browser holds. */
export type Contents = { readonly [K in Exclude<ListName, 'photos'>]: readonly z.output<(typeof TABLES)[K]>[] } & {
  readonly photos: readonly Photo[];
  readonly newer: readonly Newer[];
};

/** What a browser holds that holds nothing. */
export const NOTHING: Contents = { machines: [], yarns: [], swatches: [], observations: [], people: [], projects: [], events: [], habits: [], settings: [], photos: [], series: [], conversions: [], bin: [], newer: [] }; // prettier-ignore

/** SHA-256 of bytes (FIPS 180-4), as hexadecimal digits. */
export const hashOf = (bytes: Uint8Array): string => bytesToHex(sha256(bytes));

/** What a record is told from others of its table by. */
export const keyOf = (table: TableName, record: object): string => {
  const r = record as { id?: string; key?: string };
  return table === 'settings' ? String(r.key) : table === 'events' ? (r.key ?? canonical(record)) : String(r.id);
};

/** A value with what its bytes amount to in the place of bytes. */
function hashed(value: unknown): unknown {
  if (value instanceof Uint8Array) return hashOf(value);
  if (Array.isArray(value)) return value.map(hashed);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([key, v]) => [key, hashed(v)]));
}

/** Tables whose records may hold pictures. */
const WITH_BYTES: readonly TableName[] = ['photos', 'bin', 'newer'];

/** A record as a line, the same for equal records; a picture stands there as what it amounts to. */
export function lineOf(table: TableName, record: object): string {
  if (!WITH_BYTES.includes(table)) return canonical(record);
  // A backup has one number for all that waits for a newer version.
  const { dataVersion: _, ...facts } = record as { dataVersion?: number };
  return canonical(hashed(facts));
}

/** The lines of a table, in the order in which they mean something: events as they happened, all else by its key. */
function linesOf(contents: Contents, table: TableName): string[] {
  const lines = contents[table].map((record) => lineOf(table, record));
  return table === 'events' ? lines : lines.sort();
}

/** One hash of everything: two browsers that hold the same have the same. */
export const hashOfContents = (contents: Contents): string =>
  hashOf(
    new TextEncoder().encode(TABLE_NAMES.map((table) => `${table}\n${linesOf(contents, table).join('\n')}`).join('\n'))
  );
