import { expose } from 'comlink';
import { readSections, type ReadSections } from '$lib/formats/sections';

/** What this worker does: reads a file of sections, whatever it may be, while the page stays alive. */
const work = {
  /** @param yarns names of the stash, with their ids */
  read(text: string, yarns: readonly (readonly [name: string, id: string])[]): ReadSections {
    return readSections(text, (name) => yarns.find(([called]) => called === name)?.[1]);
  }
};
export type SectionsWork = typeof work;

expose(work);
