import { expose } from 'comlink';
import { readYarns, type ReadYarns } from '$lib/formats/yarn-csv';

/** What this worker does: reads a yarn file of many thousand lines while the page stays alive. */
const work = { read: (text: string): ReadYarns => readYarns(text) };
export type YarnCsvWork = typeof work;

expose(work);
