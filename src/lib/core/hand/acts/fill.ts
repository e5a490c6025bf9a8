import { fillingGrams, STUFFED_WIDER } from '../../body';
import { lengthMmOf } from '../../knit';
import type { ActOf } from '../../plan';
import { endRuns } from '../rims';
import { endsShut } from '../layers';
import { type ActRule, firstOf, notOff, partsIn, unchanged } from './rule';

export interface FillFacts {
  readonly grams: number;
  readonly girthMm: number;
}

/** Filling goes in while an end is open. */
export const fill: ActRule<ActOf<'fill'>, FillFacts> = {
  pieces: (act) => [act.piece],
  name: () => '',
  mirror: unchanged,
  refuses: (act, t) =>
    firstOf(
      () => notOff(t, act.piece),
      () => {
        for (const { part, id } of partsIn(t, act.piece)) {
          if (part.body !== 'tube') return { code: 'not-tube', piece: act.piece };
          if (part.filled) return { code: 'filled-already', piece: act.piece };
          if (endsShut(t.s, id)) return { code: 'closed-body', piece: act.piece };
        }
        return undefined;
      }
    ),
  does: (act, t) => {
    for (const { part } of partsIn(t, act.piece)) part.filled = true;
    const { id } = partsIn(t, act.piece)[0]!;
    const girthMm = endRuns(t.s, id, 'hung-off').reduce((sum, r) => sum + r.mm, 0) * (1 + STUFFED_WIDER);
    return { grams: fillingGrams(girthMm, lengthMmOf(t.run, act.piece)), girthMm };
  },
  minutes: (f) => 1 + f.grams * 0.15
};
