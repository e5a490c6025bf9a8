import { type Remote, releaseProxy, wrap } from 'comlink';

/**
 * Asks a worker of its own one thing and lets it go.
 *
 * @param worker begun for this alone
 * @throws what the worker throws, or that it does not start
 * @example await inWorker<PaletteWork, string[]>(worker, (remote) => remote.read(file, 6))
 */
export async function inWorker<W, T>(worker: Worker, ask: (remote: Remote<W>) => Promise<T>): Promise<T> {
  const remote = wrap<W>(worker);
  try {
    const failed = new Promise<never>((_, no) => (worker.onerror = () => no(new Error('The worker does not start.'))));
    return await Promise.race([ask(remote), failed]);
  } finally {
    remote[releaseProxy]();
    worker.terminate();
  }
}
