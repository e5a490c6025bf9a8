import { lengthMmOf } from '../read';
import type { Judge } from './readings';

/** A seam eases in about so much of the rule (own estimate, no source). */
const EASES = 0.06;

/** Three times as long as tall, else the end does not meet the side it is sewn to (craft 7). */
export const bagRatio: Judge = {
  code: 'bag-ratio',
  watches: 'a folded bag that is not three times as long as tall',
  find: (r) => {
    const [piece] = r.sizes.pieces;
    if (r.plan.worn?.form !== 'folded-bag' || !piece || !r.notes.wanted) return [];
    const ratio = lengthMmOf(r, 0) / piece.flatWidthMm.value;
    if (Math.abs(ratio / 3 - 1) <= EASES) return [];
    return [
      {
        code: 'bag-ratio',
        weight: 'warn',
        place: { option: 'rows', piece: 0 },
        sentence: `${ratio.toFixed(1)} times as long as tall where 3 is the rule: the end of the tube is ${ratio < 3 ? 'longer' : 'shorter'} than the side it is sewn to.`,
        fix: { label: `Knit ${r.notes.wanted.rows} rows`, change: { options: { sizeBy: 'ratio' } } }
      }
    ];
  }
};
