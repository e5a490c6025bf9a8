import type { ActOf } from '../../plan';
import { pieceAt } from '../../knit';
import { ownTailAt, tailRefuse, useTail } from '../own-tail';
import { acrossPath, foldPins } from '../path';
import { endRuns } from '../rims';
import type { Tail } from '../state';
import { type ActRule, firstOf, notOff, partsIn, type Table, unchanged } from './rule';

export interface LeadFacts {
  /** The way it is led, mm. */
  readonly mm: number;
  /** The pin whose column it comes out at then. */
  readonly pin: number;
}

type LeadAct = ActOf<'lead'>;

/** The work's own tail that an act leads: it knows its yarn by the row it hangs at. */
function tailOf(act: LeadAct, t: Table, part: number): Tail | undefined {
  const { yarn, work } = pieceAt(t.run, act.piece).fabric;
  const id = t.run.fabric.yarns[yarn[act.tail === 'cast-on' ? work.first : work.last]!]!;
  return ownTailAt(t, part, act.tail, id);
}

/** The way along the end, and the pin it leads to. */
function wayOf(act: LeadAct, t: Table, part: number): { mm: number; pin: number } {
  const runs = endRuns(t.s, part, act.tail);
  const girth = runs.reduce((sum, r) => sum + r.mm, 0);
  const [lo, hi] = [Math.min(...runs.map((r) => r.lo)), Math.max(...runs.map((r) => r.hi))];
  if (act.to === 'corner') return { mm: girth / 4, pin: acrossPath(lo, hi)[0]! };
  const tail = tailOf(act, t, part);
  const upper = foldPins('upper', lo, hi);
  const at = tail?.pin ?? lo;
  return { mm: girth / 2, pin: upper.includes(at) ? foldPins('lower', lo, hi)[0]! : at > (lo + hi) / 2 ? hi : lo };
}

/** A tail led along the edge it hangs at, in and out of it with a needle, to where its job begins. */
export const lead: ActRule<LeadAct, LeadFacts> = {
  pieces: (act) => [act.piece],
  name: (act) => `${act.tail}-${act.to}`,
  mirror: unchanged,
  refuses: (act, t) =>
    firstOf(
      () => notOff(t, act.piece),
      () => {
        for (const { id } of partsIn(t, act.piece)) {
          if (endRuns(t.s, id, act.tail).length === 0)
            return { code: 'nothing-there', piece: act.piece, run: act.tail };
          const tail = tailOf(act, t, id);
          if (!tail) return { code: 'no-tail', piece: act.piece };
          const no = tailRefuse(t, { part: id, edge: act.tail, yarn: tail.yarn, mm: wayOf(act, t, id).mm });
          if (no) return no;
        }
        return undefined;
      }
    ),
  does: (act, t) => {
    let facts: LeadFacts = { mm: 0, pin: 0 };
    for (const { id } of partsIn(t, act.piece)) {
      const { yarn } = tailOf(act, t, id)!;
      facts = wayOf(act, t, id);
      useTail(t, { part: id, edge: act.tail, yarn, mm: facts.mm }, facts.pin);
    }
    return facts;
  },
  // In and out every few stitches (own estimate, no source).
  minutes: () => 0.4
};
