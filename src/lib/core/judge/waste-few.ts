import type { Finding } from '../plan';
import { rowRuns } from '../read';
import { beside } from './options';
import type { Judge } from './readings';

/** Fewer rows of waste may unravel by themselves (craft 3). */
const LEAST = 2;

/** Waste yarn that is too little to hold. */
export const wasteFew: Judge = {
  code: 'waste-few',
  watches: 'too few rows of waste yarn to hold live stitches',
  find: (r) =>
    r.fabric.pieces
      .flatMap((piece, p): Finding[] => {
        const few = rowRuns(piece).find((run) => run.purpose === 1 && run.last - run.first + 1 < LEAST);
        if (!few) return [];
        return [
          {
            code: 'waste-few',
            weight: 'warn',
            place: beside(r, 'waste', { piece: p }),
            sentence: `One row of waste yarn may unravel by itself; ${LEAST} are the least, 4 or 5 are enough.`,
            fix: { label: 'Knit 5 rows of waste', change: { options: { waste: 'few' } } }
          }
        ];
      })
      .slice(0, 1)
};
