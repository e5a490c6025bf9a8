import type { Judge } from './readings';

/** Cuff stitches must be a multiple of the cuff's repeat (handbook section 7). */
export const cuffMultiple: Judge = {
  code: 'cuff-multiple',
  watches: 'cuff stitches that are no multiple of the repeat',
  find: (r) => {
    const cuff = r.plan.finishing.find((f) => f.do === 'cuff');
    if (cuff?.do !== 'cuff' || cuff.stitches % cuff.repeat === 0) return [];
    const down = cuff.stitches - (cuff.stitches % cuff.repeat);
    const up = down + cuff.repeat;
    const best = down >= 8 && cuff.stitches - down <= up - cuff.stitches ? down : up;
    return [
      {
        code: 'cuff-multiple',
        weight: 'warn',
        place: { option: 'cuffStitches' },
        sentence: `${cuff.stitches} cuff stitches are no multiple of ${cuff.repeat}: ${cuff.stitches % cuff.repeat} are left over; ${down > 0 ? `${down} or ${up}` : up} come out.`,
        fix: { label: `Pick up ${best} stitches`, change: { options: { cuffStitches: best } } }
      }
    ];
  }
};
