import { releaseProxy, wrap } from 'comlink';
import type { PaletteWork } from './palette.worker';

/** Reads the main colours of a photograph in a worker of its own; nothing of it leaves the browser or is kept. */
export async function readPalette(file: Blob, count: number): Promise<string[]> {
  const worker = new Worker(new URL('./palette.worker.ts', import.meta.url), { type: 'module' });
  const remote = wrap<PaletteWork>(worker);
  try {
    const failed = new Promise<never>((_, no) => (worker.onerror = () => no(new Error('The worker does not start.'))));
    return await Promise.race([remote.read(file, count), failed]);
  } finally {
    remote[releaseProxy]();
    worker.terminate();
  }
}
