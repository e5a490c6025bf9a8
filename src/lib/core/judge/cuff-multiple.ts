import { finder } from '../plan';
import type { Judge } from './readings';
import { options } from './remedies';

/** Facts of a cuff: what does come out, the smaller first. */
export interface CuffMultipleFacts {
  'cuff-multiple': { stitches: number; repeat: number; over: number; comesOut: readonly number[] };
}
const find = finder<CuffMultipleFacts>();

/** The fewest stitches a cuff is picked up with. */
const FEWEST = 8;

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
    const comesOut = [down, up].filter((n) => n > 0);
    const nearest = comesOut.filter((n) => n >= FEWEST).sort((a, b) => Math.abs(a - stitches) - Math.abs(b - stitches));
    return [
      find(
        'cuff-multiple',
        'warn',
        { option: 'cuffStitches' },
        { stitches, repeat, over: stitches % repeat, comesOut },
        ...nearest.map((n) => options({ code: 'cuff', stitches: n }, { cuffStitches: n }))
      )
    ];
  }
};
