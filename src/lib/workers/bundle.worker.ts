import { expose, transfer } from 'comlink';
import type { Contents } from '$lib/formats/bundle/contents';
import { hashOfContents } from '$lib/formats/bundle/contents';
import { readBundle } from '$lib/formats/bundle/read';
import { writeBundle } from '$lib/formats/bundle/write';
import type { Strays } from '$lib/formats/bundle/strays';
import { compared, type Comparison } from '$lib/store/backup';
import { binnedHere } from '$lib/store/binned';

/** A backup that was read, beside what is here. */
export type Looked =
  | {
      readonly ok: true;
      readonly contents: Contents;
      readonly createdAt: string;
      readonly comparison: Comparison;
      /** Rows and photographs of projects that are not in it. */
      readonly strays: Strays | null;
      /** What of it was deleted here and stays in the bin when it is merged, by its names. */
      readonly binned: readonly string[];
    }
  | { readonly ok: false; readonly reasons: readonly string[] };

/** What this worker does: packs, unpacks, checks and compares years of projects while the page stays alive. */
const work = {
  /** Packs everything, and reads it back to see that it is whole. */
  write(contents: Contents): Uint8Array {
    const bytes = writeBundle(contents);
    const back = readBundle(bytes, contents.photos);
    if (!back.ok) throw new Error(back.reasons[0]);
    if (hashOfContents(back.contents) !== hashOfContents(contents))
      throw new Error('The backup does not hold what is here.');
    return transfer(bytes, [bytes.buffer]);
  },
  look(bytes: Uint8Array, here: Contents): Looked {
    const read = readBundle(bytes, here.photos);
    if (!read.ok) return read;
    const binned = binnedHere(here, read.contents).map(({ title }) => title);
    return { ...read, comparison: compared(here, read.contents), binned };
  }
};
export type BundleWork = typeof work;

expose(work);
