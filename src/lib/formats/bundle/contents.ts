import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';
import * as z from 'zod/mini';
import { Habits, Machine, Observation, Swatch, Yarn } from '$lib/core/kit';
import { canonical } from '$lib/store/canonical';
import { Conversion } from '$lib/store/records/conversion';
import { CrankEvent } from '$lib/store/records/crank-event';
import { Person } from '$lib/store/records/person';
import { Photo } from '$lib/store/records/photo';
import { Project } from '$lib/store/records/project';
import { Series } from '$lib/store/records/series';

/** A setting that is no habit: when the last backup was, what was asked before. */
const Setting = z.object({ key: z.string().check(z.maxLength(80)), value: z.json() });

/** What is said of a photograph beside the picture itself, which is a file of its own. */
const PhotoFacts = z.omit(Photo, { bytes: true });

/** What every table of a browser holds, as it is written and read. Events stand in the order they happened. */
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
  conversions: Conversion
} as const;
export type TableName = keyof typeof TABLES;
export const TABLE_NAMES = Object.keys(TABLES) as TableName[];

/** Tables that backups from before have not: nothing of theirs was kept then. */
export const ADDED_LATER: readonly TableName[] = ['series', 'conversions'];

/** Everything a browser holds. */
export type Contents = { readonly [K in Exclude<TableName, 'photos'>]: readonly z.output<(typeof TABLES)[K]>[] } & {
  readonly photos: readonly Photo[];
};

/** SHA-256 of bytes (FIPS 180-4), as hexadecimal digits. */
export const hashOf = (bytes: Uint8Array): string => bytesToHex(sha256(bytes));

/** What a record is told from others of its table by. */
export const keyOf = (table: TableName, record: object): string => {
  const r = record as { id?: string; key?: string };
  return table === 'settings' ? String(r.key) : table === 'events' ? (r.key ?? canonical(record)) : String(r.id);
};

/** A photograph as a line: its facts, and what its picture amounts to. */
export const linePhoto = ({ bytes, ...facts }: Photo): string => canonical({ ...facts, bytes: hashOf(bytes) });

/** The lines of a table, in the order in which they mean something: events as they happened, all else by its key. */
function linesOf(contents: Contents, table: TableName): string[] {
  if (table === 'photos') return contents.photos.map(linePhoto).sort();
  const lines = contents[table].map((record) => canonical(record));
  return table === 'events' ? lines : lines.sort();
}

/** One hash of everything: two browsers that hold the same have the same. */
export const hashOfContents = (contents: Contents): string =>
  hashOf(
    new TextEncoder().encode(TABLE_NAMES.map((table) => `${table}\n${linesOf(contents, table).join('\n')}`).join('\n'))
  );
