import { releaseProxy, wrap } from 'comlink';
import type { PhotoWork } from './photo.worker';

/** Makes a photograph small, upright and free of everything but what is seen, in a worker of its own. */
export async function shrinkPhoto(file: Blob): Promise<Uint8Array> {
  const worker = new Worker(new URL('./photo.worker.ts', import.meta.url), { type: 'module' });
  const remote = wrap<PhotoWork>(worker);
  try {
    const failed = new Promise<never>((_, no) => (worker.onerror = () => no(new Error('The worker does not start.'))));
    return await Promise.race([remote.shrink(file), failed]);
  } finally {
    remote[releaseProxy]();
    worker.terminate();
  }
}
