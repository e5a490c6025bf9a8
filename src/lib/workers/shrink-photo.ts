import { inWorker } from './in-worker';
import type { PhotoWork } from './photo.worker';

/** Makes a photograph small, upright and free of everything but what is seen, in a worker of its own. */
export const shrinkPhoto = (file: Blob): Promise<Uint8Array> =>
  inWorker<PhotoWork, Uint8Array>(
    new Worker(new URL('./photo.worker.ts', import.meta.url), { type: 'module' }),
    (remote) => remote.shrink(file)
  );
