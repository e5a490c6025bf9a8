import type { ActOf } from '../../plan';
import { countOf, endRuns, rimAt } from '../rims';
import { tailsAt } from '../tails';
import { type ActRule, firstOf, notOff, partsIn, unchanged } from './rule';

export interface GatherFacts {
  readonly stitches: number;
}

/** An end drawn half together, so that what is left open can be sewn flat. */
export const gather: ActRule<ActOf<'gather'>, GatherFacts> = {
  pieces: (act) => [act.piece],
  name: (act) => act.edge,
  mirror: unchanged,
  refuses: (act, t) =>
    firstOf(
      () => notOff(t, act.piece),
      () => {
        for (const { id } of partsIn(t, act.piece)) {
          const runs = endRuns(t.s, id, act.edge);
          if (runs.length === 0) return { code: 'nothing-there', piece: act.piece, run: act.edge };
          if (!rimAt(t.s, id, act.edge)) return { code: 'used-up', piece: act.piece, run: act.edge };
          if (runs.some((r) => r.hold !== 'thread' && r.hold !== 'woven')) return { code: 'not-threaded', piece: act.piece, edge: act.edge }; // prettier-ignore
        }
        return undefined;
      }
    ),
  does: (act, t) => {
    let stitches = 0;
    for (const { id } of partsIn(t, act.piece)) {
      const runs = endRuns(t.s, id, act.edge);
      stitches = runs.reduce((sum, r) => sum + countOf(r), 0);
      for (const r of runs) r.hold = 'gathered';
      for (const tail of tailsAt(t.s, id, act.edge)) if (tail.fate === 'string') tail.fate = 'loose';
    }
    return { stitches };
  },
  minutes: () => 0.5
};
