import type { Finding } from '../plan';
import { hatOptions } from './hat';
import type { Judge } from './readings';

/**
 * Rows by which a fold wanders on a worn hat. Practice gives the lining 5 rows more at least (craft 7),
 * which moves the join half of that away from the fold.
 */
const FOLD_WANDERS = 2.5;

/** Margin that keeps the join clear of a wandering fold. */
const SAFE_MARGIN = 2 * FOLD_WANDERS;

/** What the fix sets: inside the 5 to 10 rows of practice, and even, so that the fold stays on a whole row. */
const GOOD_MARGIN = 6;

const fix: Finding['fix'] = {
  label: `Give the lining ${GOOD_MARGIN} rows more`,
  change: { options: { marginRows: GOOD_MARGIN } }
};

/** The outer colour peeks at the edge, or the lining is shorter than the outside. */
export const lining: Judge = {
  code: 'lining',
  watches: 'a lining margin too small, so that the outer colour peeks at the edge',
  find: (r) => {
    const options = hatOptions(r);
    const fold = r.reveal.pieces[0]?.foldRow ?? null;
    if (options?.style !== 'contrast' || fold === null || options.yarn === options.liningYarn) return [];
    // Read from the fabric, not from the option: how many rows of each colour there are.
    const piece = r.fabric.pieces[0]!;
    const outerYarn = r.fabric.yarns.indexOf(options.yarn);
    const rows = { outer: 0, lining: 0 };
    for (let row = 0; row < piece.rows; row++) {
      if (piece.purpose[row] === 0) rows[piece.yarn[row] === outerYarn ? 'outer' : 'lining']++;
    }
    const margin = rows.lining - rows.outer;
    if (margin >= SAFE_MARGIN) return [];
    const place = { option: 'marginRows', piece: 0 };
    const colour = r.yarns[outerYarn]!.colour.name;
    if (margin < 0) {
      const sentence = `The lining is ${-margin} rows shorter than the outside: ${colour} shows inside the edge all round.`;
      return [{ code: 'lining-shorter', weight: 'warn', place, sentence, fix }];
    }
    const where = options.turnUpMm > 0 ? 'under the turned-up edge' : 'at the edge';
    const sentence = `The outside, ${colour}, will peek ${where}: the lining has ${margin === 0 ? 'no rows' : `only ${margin} ${margin === 1 ? 'row' : 'rows'}`} more, and a fold wanders by two or three.`;
    return [{ code: 'outer-peeks', weight: 'warn', place, sentence, fix }];
  }
};
