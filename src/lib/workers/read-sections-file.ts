import { LARGEST_SECTIONS, type ReadSections, tooLargeSections } from '$lib/formats/sections';
import { inWorker } from './in-worker';
import type { SectionsWork } from './sections.worker';

/**
 * Reads a file of sections in a worker of its own. One that is too large is refused before its text is loaded.
 *
 * @param yarns names of the stash, with their ids
 */
export async function readSectionsFile(
  file: Blob,
  yarns: readonly (readonly [name: string, id: string])[]
): Promise<ReadSections> {
  if (file.size > LARGEST_SECTIONS) return { ok: false, reasons: [tooLargeSections(file.size)] };
  const text = await file.text();
  return inWorker<SectionsWork, ReadSections>(
    new Worker(new URL('./sections.worker.ts', import.meta.url), { type: 'module' }),
    (remote) => remote.read(text, yarns) as Promise<ReadSections>
  );
}
