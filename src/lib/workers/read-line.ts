import type { Spot } from './line';
import { inWorker } from './in-worker';
import type { LineWork } from './line.worker';

/** Reads the colours of a photograph along a line; nothing of it leaves the browser or is kept. */
export const readLine = (file: Blob, from: Spot, to: Spot, steps: number): Promise<[number, number, number][]> =>
  inWorker<LineWork, [number, number, number][]>(
    new Worker(new URL('./line.worker.ts', import.meta.url), { type: 'module' }),
    (remote) => remote.read(file, from, to, steps)
  );
