import { fatesOf, gathered, moveBorder, sectionsOf } from '../colour';
import { finder, type Finding, rowsIn } from '../plan';
import type { Judge } from './readings';

/** Facts of a border so near the fold that a colour peeks, and of a stripe that is gathered out of sight; rows of the work. */
export interface StripeLostFacts {
  'join-at-fold': { row: number; away: number; yarn: string };
  'stripe-gathered': { piece: number; from: number; to: number; yarn: string };
}
const find = finder<StripeLostFacts>();

/** Rows by which a fold wanders on a worn hat (craft 7). */
const FOLD_WANDERS = 2.5;

/** A border this far from the fold, on the lining's side, is never seen. */
const CLEAR = 3;

/** Colours set on the tube that the fold or the gather plays with. */
export const stripeLost: Judge = {
  code: 'stripe-lost',
  watches: 'a change of colour at the fold, and a stripe that is gathered out of sight',
  find: (r) =>
    r.brief.colours.flatMap(({ piece, sections }): Finding[] => {
      const planned = r.plan.pieces[piece];
      if (!planned || !r.fabric.pieces[piece]?.rows) return [];
      const laid = sectionsOf(planned);
      const fates = fatesOf(r, piece);
      const fold = r.reveal.pieces[piece]?.foldRow ?? null;
      const found: Finding[] = [];
      let row = 0;
      laid.forEach(({ yarn, rows }, i) => {
        const own = fates.slice(row, row + rows);
        if (own.length > 0 && own.every((fate) => fate === 'gathered'))
          found.push(find('stripe-gathered', 'note', { piece, row: row + 1 }, { piece, from: row + 1, to: row + rows, yarn })); // prettier-ignore
        row += rows;
        const next = laid[i + 1];
        if (!next || next.yarn === yarn || fold === null || Math.abs(row - fold) >= FOLD_WANDERS) return;
        // The colour of the outside goes in over the fold, so that it never peeks out under it.
        const by = fold + CLEAR - row;
        const moved = rowsIn(sections) === rowsIn(laid) ? gathered(moveBorder(laid.map((s) => ({ ...s, locked: false })), i, by)) : null; // prettier-ignore
        const colours = moved && r.brief.colours.map((c) => (c.piece === piece ? { piece, sections: moved } : c));
        found.push(find('join-at-fold', 'warn', { piece, row }, { row, away: row - fold, yarn: next.yarn }, colours ? { remedy: { code: 'clearFold', rows: by }, change: { colours } } : undefined)); // prettier-ignore
      });
      return found;
    })
};
