import type { ActOf } from '../../plan';
import { endRuns, rimAt } from '../rims';
import { innerFace, reachable, tailsAt } from '../tails';
import type { Tail } from '../state';
import { type ActRule, firstOf, notOff, partsIn, type Table, unchanged } from './rule';

export interface BringOutFacts {
  readonly tails: number;
}

/** Loose tails of one end that hang inside. */
const inside = (t: Table, id: number, edge: 'cast-on' | 'hung-off'): Tail[] =>
  tailsAt(t.s, id, edge).filter((tail) => tail.fate === 'loose' && tail.face === innerFace(t.s.parts[id]!));

/** The tail of a shut end comes out through the end that is open still: later no hand reaches it. */
export const bringOut: ActRule<ActOf<'bringOut'>, BringOutFacts> = {
  pieces: (act) => [act.piece],
  name: (act) => act.from,
  mirror: unchanged,
  refuses: (act, t) =>
    firstOf(
      () => notOff(t, act.piece),
      () => {
        for (const { id } of partsIn(t, act.piece)) {
          if (endRuns(t.s, id, act.through).length === 0) return { code: 'nothing-there', piece: act.piece, run: act.through }; // prettier-ignore
          const caught = inside(t, id, act.from);
          if (caught.length === 0) return { code: 'no-tail', piece: act.piece };
          if (!rimAt(t.s, id, act.through) || caught.some((tail) => !reachable(t.s, tail))) return { code: 'sealed', piece: act.piece }; // prettier-ignore
        }
        return undefined;
      }
    ),
  does: (act, t) => {
    let tails = 0;
    for (const { id, part } of partsIn(t, act.piece)) {
      const own = inside(t, id, act.from);
      tails = own.length;
      for (const tail of own) tail.face = part.out;
    }
    return { tails };
  },
  minutes: () => 0.2
};
