import { expose, transfer } from 'comlink';
import type { Contents } from '$lib/formats/bundle/contents';
import { hashOfContents } from '$lib/formats/bundle/contents';
import { readBundle } from '$lib/formats/bundle/read';
import { writeBundle } from '$lib/formats/bundle/write';
import { compared, type Comparison } from '$lib/store/backup';

/** A backup that was read, beside what is here. */
export type Looked =
  | { readonly ok: true; readonly contents: Contents; readonly createdAt: string; readonly comparison: Comparison }
  | { readonly ok: false; readonly reasons: readonly string[] };

/** What this worker does: packs, unpacks, checks and compares years of projects while the page stays alive. */
const work = {
  /** Packs everything, and reads it back to see that it is whole. */
  write(contents: Contents): Uint8Array {
    const bytes = writeBundle(contents);
    const back = readBundle(bytes);
    if (!back.ok) throw new Error(back.reasons[0]);
    if (hashOfContents(back.contents) !== hashOfContents(contents))
      throw new Error('The backup does not hold what is here.');
    return transfer(bytes, [bytes.buffer]);
  },
  look(bytes: Uint8Array, here: Contents): Looked {
    const read = readBundle(bytes);
    return read.ok ? { ...read, comparison: compared(here, read.contents) } : read;
  }
};
export type BundleWork = typeof work;

expose(work);
