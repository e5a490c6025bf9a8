import { expose } from 'comlink';
import loadHighs from 'highs';
import type { LeftoverProblem } from '$lib/core/colour/leftovers';
import { type Searched, type Searching, searchLeftovers } from './leftovers';

/** What this worker does: it searches for sections from leftovers, and tells how it stands. */
const work = {
  search: async (
    wasm: string,
    problem: LeftoverProblem,
    wish: { wanted: number; seconds: number },
    told: (at: Searching) => void
  ): Promise<Searched> =>
    searchLeftovers(await loadHighs({ locateFile: () => wasm }), problem, wish, (at) => void told(at))
};
export type LeftoversWork = typeof work;

expose(work);
