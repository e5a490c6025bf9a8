import { lengthMmOf } from '../../knit';
import type { ActOf } from '../../plan';
import { endRuns } from '../rims';
import { type ActRule, notOff, partsIn, unchanged } from './rule';

export interface RestFacts {
  readonly lengthMm: number;
  readonly widthMm: number | null;
}

/** Stretched, rested, measured: what hangs on the pins is not the finished size (craft 5.2). */
export const rest: ActRule<ActOf<'rest'>, RestFacts> = {
  pieces: (act) => act.pieces,
  name: () => '',
  mirror: unchanged,
  refuses: (act, t) => notOff(t, ...act.pieces),
  does: (act, t) => {
    const piece = act.pieces[0]!;
    const { part, id } = partsIn(t, piece)[0]!;
    const across = endRuns(t.s, id, 'hung-off').reduce((sum, r) => sum + r.mm, 0);
    return { lengthMm: lengthMmOf(t.run, piece), widthMm: part.body === 'tube' ? across / 2 : null };
  },
  // A tug and a look; it rests by itself.
  minutes: () => 0.1,
  times: () => 1
};
