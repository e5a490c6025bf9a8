import { proxy, releaseProxy, wrap } from 'comlink';
import wasm from 'highs/runtime?url';
import type { LeftoverProblem } from '$lib/core/colour/leftovers';
import type { Searched, Searching } from './leftovers';
import type { LeftoversWork } from './leftovers.worker';

/** A search that is under way. */
export interface Search {
  readonly found: Promise<Searched>;
  /** Ends it; what was asked for is not found then. */
  readonly stop: () => void;
}

/** Searches in a worker of its own, so that the page stays alive and the search can be ended at once. */
export function findLeftovers(
  problem: LeftoverProblem,
  wish: { wanted: number; seconds: number },
  told: (at: Searching) => void
): Search {
  const worker = new Worker(new URL('./leftovers.worker.ts', import.meta.url), { type: 'module' });
  const remote = wrap<LeftoversWork>(worker);
  let end = (): void => undefined;
  const ended = new Promise<never>((_, no) => {
    end = () => no(new Error('stopped'));
    worker.onerror = () => no(new Error('The worker does not start.'));
  });
  const found = Promise.race([
    remote.search(new URL(wasm, location.href).href, problem, wish, proxy(told)),
    ended
  ]).finally(() => {
    // prettier-ignore
    remote[releaseProxy]();
    worker.terminate();
  });
  return { found, stop: () => end() };
}
