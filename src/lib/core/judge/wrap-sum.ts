import type { Judge } from './readings';

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
    const off = Math.abs(sum - piece.rows);
    const neck = piece.rows - 2 * worn.sleeveRows;
    return [
      {
        code: 'wrap-sum',
        weight: 'stop',
        place: { option: 'neckRows', piece: 0 },
        sentence: `${worn.sleeveRows} + ${worn.neckRows} + ${worn.sleeveRows} rows are ${sum}, the tube has ${piece.rows}: ${off} ${sum > piece.rows ? 'too many' : 'left over'}.`,
        fix:
          neck >= 4
            ? { label: `Make the neck ${neck} rows`, change: { options: { neckRows: neck } } }
            : { label: `Knit ${sum} rows`, change: { options: { rows: sum } } }
      }
    ];
  }
};
