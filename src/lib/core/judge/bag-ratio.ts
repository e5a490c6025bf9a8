import { finder } from '../plan';
import { lengthMmOf } from '../read';
import type { Judge } from './readings';
import { options } from './remedies';

/** Facts of a folded bag: length by height. */
export interface BagRatioFacts {
  'bag-ratio': { ratio: number };
}
const find = finder<BagRatioFacts>();

/** A seam eases in about so much of the rule (own estimate, no source). */
const EASES = 0.06;

/** Three times as long as tall, else the end does not meet the side it is sewn to (craft 7). */
export const bagRatio: Judge = {
  code: 'bag-ratio',
  watches: 'a folded bag that is not three times as long as tall',
  find: (r) => {
    const [piece] = r.sizes.pieces;
    const { wanted } = r.notes;
    if (r.plan.worn?.form !== 'folded-bag' || !piece || !wanted) return [];
    const ratio = lengthMmOf(r, 0) / piece.flatWidthMm.value;
    if (Math.abs(ratio / 3 - 1) <= EASES) return [];
    return [
      find(
        'bag-ratio',
        'warn',
        { option: 'rows', piece: 0 },
        { ratio },
        options({ code: 'rows', rows: wanted.rows }, { sizeBy: 'ratio' }),
        // Stripes of two yarns knit to two lengths: the count that comes out is the one by which this bag is too short or long.
        options(
          { code: 'rows', rows: Math.round((3 / ratio) * piece.rows) },
          { sizeBy: 'rows', rows: Math.round((3 / ratio) * piece.rows) }
        )
      )
    ];
  }
};
