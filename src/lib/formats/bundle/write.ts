import { strToU8, zipSync, type Zippable } from 'fflate';
import { writeYarns } from '../yarn-csv';
import { type Contents, hashOf, keyOf, TABLE_NAMES } from './contents';
import { logTable } from './log-table';
import { BUNDLE_VERSION, MANIFEST, type Manifest, photoPath, tablePath } from './manifest';

const READ_ME = `Everything that Tomble kept in one browser.

manifest.json   what lies here, with the SHA-256 of every file
data/*.json     one list for each table; this is what is read back
photos/         the pictures; data/photos.json says of what
csv/            the yarns and the log for a spreadsheet; not read back

Open it in Tomble under "Backup".
`;

const json = (value: unknown): Uint8Array => strToU8(`${JSON.stringify(value, null, 1)}\n`);

/**
 * Everything as one ZIP file of plain JSON and CSV.
 *
 * @param contents as `contentsOf` reads them
 * @returns the bytes of the file
 */
export function writeBundle(contents: Contents, now = new Date()): Uint8Array {
  const files: Record<string, Uint8Array> = {};
  const listed: Manifest['files'] = [];
  const add = (path: string, bytes: Uint8Array, more: Partial<Manifest['files'][number]> = {}): void => {
    files[path] = bytes;
    listed.push({ path, bytes: bytes.length, sha256: hashOf(bytes), ...more });
  };
  for (const table of TABLE_NAMES) {
    const records =
      table === 'photos'
        ? contents.photos.map(({ bytes: _, ...facts }) => facts)
        : table === 'events'
          ? contents.events
          : [...contents[table]].sort((a, b) => (keyOf(table, a) < keyOf(table, b) ? -1 : 1));
    add(tablePath(table), json(records), { table, records: records.length });
  }
  contents.photos.forEach((photo, i) => add(photoPath(i, photo.type), photo.bytes));
  add('csv/yarns.csv', strToU8(writeYarns(contents.yarns)));
  add('csv/log.csv', strToU8(logTable(contents.projects)));
  add('README.txt', strToU8(READ_ME));
  const manifest: Manifest = {
    format: 'tomble-bundle',
    version: BUNDLE_VERSION,
    createdAt: now.toISOString(),
    files: listed
  };
  const zipped: Zippable = {};
  for (const [path, bytes] of Object.entries({ [MANIFEST]: json(manifest), ...files })) {
    // Pictures are packed already.
    zipped[path] = [bytes, { level: path.startsWith('photos/') ? 0 : 6, mtime: now }];
  }
  return zipSync(zipped);
}
