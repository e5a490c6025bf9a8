import { releaseProxy, type Remote, wrap } from 'comlink';
import type { Contents } from '$lib/formats/bundle/contents';
import type { BundleWork, Looked } from './bundle.worker';

async function inWorker<T>(work: (remote: Remote<BundleWork>) => Promise<T>): Promise<T> {
  const worker = new Worker(new URL('./bundle.worker.ts', import.meta.url), { type: 'module' });
  const remote = wrap<BundleWork>(worker);
  try {
    // A worker that cannot be loaded says so, instead of saying nothing for ever.
    const failed = new Promise<never>((_, no) => (worker.onerror = () => no(new Error('The worker does not start.'))));
    return await Promise.race([work(remote), failed]);
  } finally {
    remote[releaseProxy]();
    worker.terminate();
  }
}

/** Packs everything in a worker of its own; what was packed is read back there before it is handed on. */
export const packBundle = (contents: Contents): Promise<Uint8Array> => inWorker((remote) => remote.write(contents));

/** Reads a backup in a worker of its own and compares it with what is here. */
export const lookInto = (bytes: Uint8Array, here: Contents): Promise<Looked> =>
  inWorker<Looked>(async (remote) => remote.look(bytes, here));
