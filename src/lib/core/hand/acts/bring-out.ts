import { type ActOf, halfAt } from '../../plan';
import { isOpen, isOutside, spaceOf } from '../layers';
import { endRuns, rimAt } from '../rims';
import { tailsAt } from '../tails';
import type { Tail } from '../state';
import { type ActRule, firstOf, notOff, partsIn, type Table, unchanged } from './rule';

export interface BringOutFacts {
  readonly tails: number;
}

/** Loose tails of one end that do not hang outside. */
const inside = (t: Table, id: number, edge: 'cast-on' | 'hung-off'): Tail[] =>
  tailsAt(t.s, id, edge).filter((tail) => tail.fate === 'loose' && !isOutside(t.s.parts[id]!, tail));

/** The tail of a shut end comes out through the end that is open still: later no hand reaches it. */
export const bringOut: ActRule<ActOf<'bringOut'>, BringOutFacts> = {
  pieces: (act) => [act.piece],
  name: (act) => act.from,
  mirror: unchanged,
  refuses: (act, t) =>
    firstOf(
      () => notOff(t, act.piece),
      () => {
        for (const { part, id } of partsIn(t, act.piece)) {
          if (endRuns(t.s, id, act.through).length === 0) {
            return { code: 'nothing-there', piece: act.piece, run: act.through };
          }
          const caught = inside(t, id, act.from);
          if (caught.length === 0) return { code: 'no-tail', piece: act.piece };
          const leads = (tail: Tail): boolean => isOpen(t.s, id, spaceOf(part.layers, tail));
          if (!rimAt(t.s, id, act.through) || !caught.every(leads)) return { code: 'sealed', piece: act.piece };
        }
        return undefined;
      }
    ),
  does: (act, t) => {
    let tails = 0;
    for (const { id, part } of partsIn(t, act.piece)) {
      const own = inside(t, id, act.from);
      tails = own.length;
      const { half, face } = part.layers[0]!;
      for (const tail of own) Object.assign(tail, { half: half === 'whole' ? halfAt(act.through) : half, face });
    }
    return { tails };
  },
  minutes: () => 0.2
};
