import { inWorker } from './in-worker';
import type { PaletteWork } from './palette.worker';

/** Reads the main colours of a photograph in a worker of its own; nothing of it leaves the browser or is kept. */
export const readPalette = (file: Blob, count: number): Promise<string[]> =>
  inWorker<PaletteWork, string[]>(
    new Worker(new URL('./palette.worker.ts', import.meta.url), { type: 'module' }),
    (remote) => remote.read(file, count)
  );
