import { finder } from '../plan';
import type { Judge } from './readings';
import { options } from './remedies';

/** Facts of a wrap whose parts do not add up. */
export interface WrapSumFacts {
  'wrap-sum': { sleeve: number; neck: number; sum: number; rows: number; off: number };
}
const find = finder<WrapSumFacts>();

/** Sleeve, neck and sleeve must add up to the tube (craft 7). */
export const wrapSum: Judge = {
  code: 'wrap-sum',
  watches: 'a wrap whose sleeve, neck and sleeve do not add up to the tube',
  find: (r) => {
    const { worn } = r.plan;
    const [piece] = r.sizes.pieces;
    if (worn?.form !== 'wrap' || !piece) return [];
    const sum = 2 * worn.sleeveRows + worn.neckRows;
    if (sum === piece.rows) return [];
    const neck = piece.rows - 2 * worn.sleeveRows;
    return [
      find(
        'wrap-sum',
        'stop',
        { option: 'neckRows', piece: 0 },
        { sleeve: worn.sleeveRows, neck: worn.neckRows, sum, rows: piece.rows, off: Math.abs(sum - piece.rows) },
        neck >= 4 ? options({ code: 'neckRows', rows: neck }, { neckRows: neck }) : undefined,
        options({ code: 'rows', rows: sum }, { rows: sum })
      )
    ];
  }
};
