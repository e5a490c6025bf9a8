import { releaseProxy, wrap } from 'comlink';
import type { ReadYarns } from '$lib/formats/yarn-csv';
import type { YarnCsvWork } from './yarn-csv.worker';

/** A reading that is under way. */
export interface Reading {
  readonly result: Promise<ReadYarns>;
  /** Ends the worker at once; the result then never comes. */
  readonly cancel: () => void;
}

/** Reads the text of a yarn file in a worker of its own. */
export function readYarnFile(text: string): Reading {
  const worker = new Worker(new URL('./yarn-csv.worker.ts', import.meta.url), { type: 'module' });
  const remote = wrap<YarnCsvWork>(worker);
  const cancel = (): void => {
    remote[releaseProxy]();
    worker.terminate();
  };
  const result = remote.read(text).finally(cancel);
  return { result, cancel };
}
