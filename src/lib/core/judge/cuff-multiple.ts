import type { Judge } from './readings';

/** Cuff stitches must be a multiple of the cuff's repeat (craft 7). */
export const cuffMultiple: Judge = {
  code: 'cuff-multiple',
  watches: 'cuff stitches that are no multiple of the repeat',
  find: (r) => {
    const cuff = r.plan.acts.find((act) => act.do === 'bind' && act.stitches !== undefined);
    if (cuff?.do !== 'bind') return [];
    const { stitches = 0, repeat = 1 } = cuff;
    if (stitches % repeat === 0) return [];
    const down = stitches - (stitches % repeat);
    const up = down + repeat;
    const best = down >= 8 && stitches - down <= up - stitches ? down : up;
    return [
      {
        code: 'cuff-multiple',
        weight: 'warn',
        place: { option: 'cuffStitches' },
        sentence: `${stitches} cuff stitches are no multiple of ${repeat}: ${stitches % repeat} are left over; ${down > 0 ? `${down} or ${up}` : up} come out.`,
        fix: { label: `Pick up ${best} stitches`, change: { options: { cuffStitches: best } } }
      }
    ];
  }
};
