import { strToU8, zipSync, type Zippable } from 'fflate';
import { sort } from 'd3-array';
import { type NewerFile, type NewerRecord, isRecord } from '$lib/store/records/newer';
import { writeYarns } from '../yarn-csv';
import { type Contents, hashOf, keyOf, LIST_NAMES, type ListName } from './contents';
import { logTable } from './log-table';
import { binPath, BUNDLE_VERSION, DATA_VERSION, endingOf, FILE, MANIFEST, type Manifest, photoPath, tablePath } from './manifest'; // prettier-ignore

const READ_ME = `Everything that Tomble kept in one browser.

manifest.json   what lies here, with the SHA-256 of every file
data/*.json     one list for each table; this is what is read back
photos/         the pictures; data/photos.json says of what
bin/            pictures of what lies in the bin; data/bin.json says of what
csv/            the yarns and the log for a spreadsheet; not read back

Open it in Tomble under "Backup".
`;

const json = (value: unknown): Uint8Array => strToU8(`${JSON.stringify(value, null, 1)}\n`);

/** A record with its picture, where it has one. */
interface Listed {
  readonly record: object;
  readonly bytes?: Uint8Array | undefined;
  readonly ending?: string | undefined;
}

/** All of a table, also what only a newer version reads of it, in the order in which it is written. */
function listed(contents: Contents, table: ListName, newer: readonly NewerRecord[]): Listed[] {
  const own: Listed[] =
    table === 'photos'
      ? contents.photos.map(({ bytes, ...record }) => ({ record, bytes, ending: endingOf(record.type) }))
      : contents[table].map((record) => ({ record }));
  const all = [...own, ...newer.filter((n) => n.table === table)];
  if (table !== 'events') return sort(all, ({ record }) => keyOf(table, record));
  return sort(all, ({ record }) => (record as { projectId: string }).projectId, ({ record }) => (record as { turn?: number }).turn ?? -1); // prettier-ignore
}

/**
 * Everything as one ZIP file of plain JSON and CSV.
 *
 * @param contents as `contentsOf` reads them
 * @returns the bytes of the file
 */
export function writeBundle(contents: Contents, now = new Date()): Uint8Array {
  const files: Record<string, Uint8Array> = {};
  const list: Manifest['files'] = [];
  const add = (path: string, bytes: Uint8Array, more: Partial<Manifest['files'][number]> = {}): void => {
    files[path] = bytes;
    list.push({ path, bytes: bytes.length, sha256: hashOf(bytes), ...more });
  };
  const newer = contents.newer.filter(isRecord);
  const binned: Uint8Array[] = [];
  /** A record of the bin, its bytes as files beside it. */
  const aside = (record: Readonly<Record<string, unknown>>): Record<string, unknown> =>
    Object.fromEntries(
      Object.entries(record).map(([key, value]) =>
        value instanceof Uint8Array ? [key, { [FILE]: binPath(binned.push(value) - 1) }] : [key, value]
      )
    );
  const pictures: (readonly [string, Uint8Array])[] = [];
  for (const table of LIST_NAMES) {
    const all = listed(contents, table, newer);
    const records = all.map(({ record }) => {
      if (table !== 'bin') return record;
      const entry = record as Contents['bin'][number];
      return { ...entry, records: entry.records.map((r) => ({ ...r, record: aside(r.record) })) };
    });
    add(tablePath(table), json(records), { table, records: records.length });
    if (table === 'photos')
      all.forEach(({ bytes, ending }, i) => bytes && pictures.push([photoPath(i, ending ?? 'bin'), bytes]));
  }
  for (const [path, bytes] of pictures) add(path, bytes);
  binned.forEach((bytes, i) => add(binPath(i), bytes));
  for (const file of contents.newer) if (!isRecord(file)) add(file.id, file.bytes, (file as NewerFile).listed);
  add('csv/yarns.csv', strToU8(writeYarns(contents.yarns)));
  add('csv/log.csv', strToU8(logTable(contents.projects)));
  add('README.txt', strToU8(READ_ME));
  const manifest: Manifest = {
    format: 'tomble-bundle',
    version: BUNDLE_VERSION,
    // Where records of a newer version lie among the others, whoever reads them must know that they may be.
    dataVersion: contents.newer.reduce((most, n) => Math.max(most, n.dataVersion), DATA_VERSION),
    createdAt: now.toISOString(),
    files: list
  };
  const zipped: Zippable = {};
  for (const [path, bytes] of Object.entries({ [MANIFEST]: json(manifest), ...files })) {
    // Pictures are packed already.
    zipped[path] = [bytes, { level: /^(photos|bin)\//.test(path) ? 0 : 6, mtime: now }];
  }
  return zipSync(zipped);
}
