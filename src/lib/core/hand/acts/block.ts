import { lengthMmOf, pieceAt } from '../../knit';
import type { ActOf } from '../../plan';
import { stitchMm } from '../rims';
import { type ActRule, copiesIn, notOff, unchanged } from './rule';

export interface BlockFacts {
  readonly pieces: readonly number[];
  /** All of them, every copy counted. */
  readonly count: number;
  readonly widthMm: number;
  readonly heightMm: number;
}

/** Pinned out moist to its measures: stockinette curls, and a curled edge is sewn crooked. */
export const block: ActRule<ActOf<'block'>, BlockFacts> = {
  pieces: (act) => act.pieces,
  name: () => '',
  mirror: unchanged,
  refuses: (act, t) => notOff(t, ...act.pieces),
  does: (act, t) => {
    const piece = act.pieces[0]!;
    const knitted = pieceAt(t.run, piece).fabric;
    const widest = knitted.low.reduce((most, low, row) => Math.max(most, knitted.high[row]! - low + 1), 0);
    const laid = knitted.floats.after.length * knitted.floats.columns;
    const count = act.pieces.reduce((sum, p) => sum + copiesIn(t, p), 0);
    return {
      pieces: act.pieces,
      count,
      widthMm: (widest + laid) * stitchMm(t.run, piece),
      heightMm: lengthMmOf(t.run, piece)
    };
  },
  minutes: (f) => 4 * f.count,
  times: () => 1
};
