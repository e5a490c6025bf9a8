import { pieceAt } from '../knit';
import { finder } from '../plan';
import type { Judge } from './readings';
import { options } from './remedies';

/** Facts of a band off its fold: rows of its parts, and rows its middle lies inside the fold; outside below 0. */
export interface BandAstrideFacts {
  'band-off-fold': { off: number; outside: number; band: number; lining: number };
}
const find = finder<BandAstrideFacts>();

/** Rows by which a band may sit off the fold before it looks crooked: half of what a fold wanders (own estimate, no source). */
const MAY_SIT_OFF = 2;

/** The band of a hat must lie astride the fold (craft 7: 36, 28, 36). */
export const bandAstride: Judge = {
  code: 'band-astride',
  watches: 'a band that does not lie astride the fold',
  find: (r) => {
    const { worn } = r.plan;
    const fold = r.reveal.pieces[0]?.foldRow ?? null;
    if (worn?.form !== 'lined-hat' || !worn.band || fold === null) return [];
    const rows = (name: string): number =>
      pieceAt(r, 0).planned.operations.reduce(
        (sum, op) => sum + (op.op === 'knit' && op.section === name ? op.rows : 0),
        0
      );
    const [outside, band, lining] = [rows('Outside'), rows(worn.band), rows('Lining')];
    const off = outside + band / 2 - fold;
    if (Math.abs(off) <= MAY_SIT_OFF) return [];
    return [
      find(
        'band-off-fold',
        'warn',
        { option: 'liningRows', piece: 0 },
        { off, outside, band, lining },
        options({ code: 'liningAsOutside', rows: outside }, { liningRows: outside })
      )
    ];
  }
};
