import type { Judge } from './readings';

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
      r.plan.pieces[0]!.operations.reduce(
        (sum, op) => sum + (op.op === 'knit' && op.section === name ? op.rows : 0),
        0
      );
    const [outside, band, lining] = [rows('Outside'), rows(worn.band), rows('Lining')];
    const middle = outside + band / 2;
    const off = middle - fold;
    if (Math.abs(off) <= MAY_SIT_OFF) return [];
    return [
      {
        code: 'band-off-fold',
        weight: 'warn',
        place: { option: 'liningRows', piece: 0 },
        sentence: `The middle of the band lies ${Math.abs(Math.round(off))} rows ${off > 0 ? 'inside' : 'outside'} the fold: ${outside}, ${band} and ${lining} rows are not even on both sides.`,
        fix: { label: `Give the lining ${outside} rows too`, change: { options: { liningRows: outside } } }
      }
    ];
  }
};
