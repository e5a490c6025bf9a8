import { pieceAt } from '../knit';
import { finder } from '../plan';
import { hatOptions } from './hat';
import type { Judge } from './readings';
import { options as change } from './remedies';

/** Facts of a lining that is too short to keep the outside from showing at the edge. */
export interface LiningFacts {
  'lining-shorter': { rows: number; yarn: string };
  'outer-peeks': { margin: number; yarn: string; turnedUp: boolean };
}
const find = finder<LiningFacts>();

/**
 * Rows by which a fold wanders on a worn hat. Practice gives the lining 5 rows more at least (craft 7),
 * which moves the join half of that away from the fold.
 */
const FOLD_WANDERS = 2.5;

/** Margin that keeps the join clear of a wandering fold. */
const SAFE_MARGIN = 2 * FOLD_WANDERS;

/** What the remedy sets: inside the 5 to 10 rows of practice, and even, so that the fold stays on a whole row. */
const GOOD_MARGIN = 6;

/** The outer colour peeks at the edge, or the lining is shorter than the outside. */
export const lining: Judge = {
  code: 'lining',
  watches: 'a lining margin too small, so that the outer colour peeks at the edge',
  find: (r) => {
    const options = hatOptions(r);
    const fold = r.reveal.pieces[0]?.foldRow ?? null;
    if (r.brief.colours.some((c) => c.piece === 0)) return [];
    if (options?.style !== 'contrast' || fold === null || options.yarn === options.liningYarn) return [];
    // Read from the fabric, not from the option: how many rows of each colour there are.
    const piece = pieceAt(r, 0).fabric;
    const outerYarn = r.fabric.yarns.indexOf(options.yarn);
    const rows = { outer: 0, lining: 0 };
    for (let row = 0; row < piece.rows; row++) {
      if (piece.purpose[row] === 0) rows[piece.yarn[row] === outerYarn ? 'outer' : 'lining']++;
    }
    const margin = rows.lining - rows.outer;
    if (margin >= SAFE_MARGIN) return [];
    const place = { option: 'marginRows', piece: 0 };
    const more = change({ code: 'margin', rows: GOOD_MARGIN }, { marginRows: GOOD_MARGIN });
    const { yarn } = options;
    return margin < 0
      ? [find('lining-shorter', 'warn', place, { rows: -margin, yarn }, more)]
      : [find('outer-peeks', 'warn', place, { margin, yarn, turnedUp: options.turnUpMm > 0 }, more)];
  }
};
