import { finder, type Finding } from '../plan';
import { beside } from './options';
import type { Judge } from './readings';
import { options } from './remedies';

/** Facts of waste that is too little to hold. */
export interface WasteFewFacts {
  'waste-few': { least: number };
}
const find = finder<WasteFewFacts>();

/** Fewer rows of waste may unravel by themselves (craft 3). */
const LEAST = 2;

/** Waste yarn that is too little to hold. */
export const wasteFew: Judge = {
  code: 'waste-few',
  watches: 'too few rows of waste yarn to hold live stitches',
  find: (r) =>
    r.fabric.pieces
      .flatMap((piece, p): Finding[] => {
        const few = piece.runs.find((run) => run.purpose === 1 && run.last - run.first + 1 < LEAST);
        const more = options({ code: 'wasteRows', rows: 5 }, { waste: 'few' });
        return few ? [find('waste-few', 'warn', beside(r, 'waste', { piece: p }), { least: LEAST }, more)] : [];
      })
      .slice(0, 1)
};
