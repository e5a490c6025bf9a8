import { randomInt, randomLcg } from 'd3-random';
import type { LeftoverProblem } from '$lib/core/colour/leftovers';

/**
 * A lined hat of 140 rows from twelve ends of yarn, by a seed.
 *
 * @param slack how much more yarn there is than its rows take
 */
export function leftoverCase(seed: number, slack: number): LeftoverProblem {
  const source = randomLcg(seed / 1000);
  const pick = (a: number, b: number): number => randomInt.source(source)(a, b + 1)();
  const zones = [3, 33, 34, 17, 53].map((rows, i) => ({ rows, seen: i % 2 === 1 }));
  const rowMetres = 1.27;
  const shares = Array.from({ length: 12 }, () => pick(3, 12));
  const all = shares.reduce((sum, s) => sum + s, 0);
  return {
    yarns: shares.map((s, i) => ({ id: `y${i}`, metres: (140 * rowMetres * slack * s) / all, ugly: pick(0, 4) === 0 })),
    pieces: [{ piece: 0, project: 'hat', copies: 1, zones, rowMetres: shares.map(() => rowMetres), firstMetres: 1.3, lastMetres: 1.6 }], // prettier-ignore
    tailMetres: 0.2,
    leastRows: 4,
    apart: [
      [0, 1],
      [4, 7]
    ],
    inOrder: false,
    mirrored: false
  };
}
