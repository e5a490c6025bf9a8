import { unzipSync } from 'fflate';
import { echo } from '$lib/core/quantity';
import { MOST_FILES } from './manifest';
import { stop, Unsound } from './unsound';

const MIB = 1024 * 1024;

/** Largest bundle that is read, packed and unpacked: years of projects with hundreds of photographs stay far below it. */
export const LARGEST_BUNDLE = 512 * MIB;
const LARGEST_UNPACKED = 1024 * MIB;
/**
 * What may be unpacked of a small file, and how much more of each byte: lists of rows shrink to a twentieth, files that are made to
 * fill a disk to a thousandth (both measured).
 */
const SMALL_UNPACKED = 64 * MIB;
const MOST_SWELLING = 60;

/** Bytes that a file may unpack to. @param packed bytes of the file */
export const mostUnpacked = (packed: number): number =>
  Math.min(LARGEST_UNPACKED, SMALL_UNPACKED + MOST_SWELLING * packed);

/**
 * Every file of a ZIP file. What it says of its sizes is looked at before anything is unpacked, and no file becomes larger than it
 * says.
 *
 * @param most bytes that it may unpack to
 * @throws Unsound when it is no ZIP file or becomes too large
 */
export function unpack(bytes: Uint8Array, most: number): Record<string, Uint8Array> {
  let [size, count] = [0, 0];
  const names = new Set<string>();
  try {
    unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        size += originalSize;
        if (++count > MOST_FILES) stop(`The file must hold at most ${MOST_FILES} files; received more.`);
        if (names.has(name)) stop(`The file must hold each file once; received ${echo(name)} twice.`);
        names.add(name);
        if (size > most) stop(`The file must unpack to at most ${Math.floor(most / MIB)} MiB; received more, at ${echo(name)}.`); // prettier-ignore
        return false;
      }
    });
    return unzipSync(bytes, { filter: ({ name }) => !name.endsWith('/') });
  } catch (error) {
    if (error instanceof Unsound) throw error;
    return stop(`The file is not whole: it must be a ZIP file; received ${bytes.length} bytes that are none.`);
  }
}
