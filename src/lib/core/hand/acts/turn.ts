import type { ActOf } from '../../plan';
import { sealed } from '../tails';
import { type ActRule, firstOf, notOff, partsIn, unchanged } from './rule';

export interface TurnFacts {
  readonly out: 'knit' | 'purl';
}

/** Inside out, through an opening. */
export const turn: ActRule<ActOf<'turn'>, TurnFacts> = {
  pieces: (act) => [act.piece],
  name: (act) => act.out,
  mirror: unchanged,
  refuses: (act, t) =>
    firstOf(
      () => notOff(t, act.piece),
      () => {
        for (const { part, id } of partsIn(t, act.piece)) {
          if (part.out === act.out) return { code: 'out-already', piece: act.piece, out: act.out };
          if (sealed(t.s, id)) return { code: 'sealed', piece: act.piece };
        }
        return undefined;
      }
    ),
  does: (act, t) => {
    for (const { part } of partsIn(t, act.piece)) part.out = act.out;
    return { out: act.out };
  },
  minutes: () => 0.3
};
