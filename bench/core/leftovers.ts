import type { Highs } from 'highs';
import { max, median, min } from 'd3-array';
import { faultsOf, modelOf } from '../../src/lib/core/colour/leftovers';
import { dataOf, searchLeftovers } from '../../src/lib/workers/leftovers';
import { leftoverCase } from '../../tests/support/leftovers';

/** Seconds a search may take, and so may the solver alone. */
const SECONDS = 3;
const CASES = 20;

/** Twelve ends of yarn for a hat of 140 rows: the search as it ships, and the solver alone on the same model, in turns. */
export function leftoverMeasures(highs: Highs) {
  const own: number[] = [];
  const alone: number[] = [];
  let proved = 0;
  for (let seed = 1; seed <= CASES; seed++) {
    const problem = leftoverCase(seed, 1.2 + (seed % 5) * 0.3);
    const before = performance.now();
    const found = searchLeftovers(highs, problem, { wanted: 1, seconds: SECONDS });
    own.push((performance.now() - before) / 1000);
    if (found.is === 'found') {
      if (faultsOf(problem, found.answers[0]!.answer).length > 0) throw new Error(`case ${seed} is not sound`);
      if (found.answers[0]!.proved) proved++;
    }
    const bare = performance.now();
    highs.withModel(dataOf(modelOf(problem).model), (model) => {
      model.options.set({ output_flag: false, time_limit: SECONDS, mip_rel_gap: 0 });
      model.run();
    });
    alone.push((performance.now() - bare) / 1000);
  }
  const ratios = own.map((s, i) => s / alone[i]!);
  return [
    { what: `leftovers, 12 yarns and 140 rows, ${CASES} cases: median, and the slowest`, least: median(own)!, median: max(own)!, limit: null, unit: 's' }, // prettier-ignore
    { what: 'leftovers, the search in times of HiGHS alone on the same model', least: min(ratios)!, median: median(ratios)!, limit: null }, // prettier-ignore
    { what: `leftovers, proved best within ${SECONDS} s`, least: (100 * proved) / CASES, median: (100 * proved) / CASES, limit: null, unit: '%' } // prettier-ignore
  ];
}
