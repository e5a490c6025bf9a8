import type { ActOf } from '../../plan';
import { closeRim, countOf, endRuns, rimAt, ringAt } from '../rims';
import { innerFace, sealed, tailsAt } from '../tails';
import { type ActRule, firstOf, notOff, partsIn, unchanged } from './rule';

export interface DrawFacts {
  readonly stitches: number;
  /** Nothing leads inside any more: the knot lies outside. */
  readonly last: boolean;
  /** A woven cast-on draws up on its own tail. */
  readonly woven: boolean;
}

/** Ends pulled together on their threads until no hole is left. */
export const draw: ActRule<ActOf<'draw'>, DrawFacts> = {
  pieces: (act) => [act.piece],
  name: (act) => act.edges.join('+'),
  mirror: unchanged,
  refuses: (act, t) =>
    firstOf(
      () => notOff(t, act.piece),
      () => {
        for (const { id, part } of partsIn(t, act.piece)) {
          for (const edge of act.edges) {
            if (part.body !== 'tube' && !ringAt(t.s, id, edge)) return { code: 'not-tube', piece: act.piece };
            const runs = endRuns(t.s, id, edge);
            if (runs.length === 0) return { code: 'nothing-there', piece: act.piece, run: edge };
            if (!rimAt(t.s, id, edge)) return { code: 'used-up', piece: act.piece, run: edge };
            if (runs.some((r) => r.waste > 0)) return { code: 'waste-on', piece: act.piece, edge };
            if (runs.some((r) => r.hold !== 'thread' && r.hold !== 'woven')) return { code: 'not-threaded', piece: act.piece, edge }; // prettier-ignore
          }
          const others = t.s.surfaces[part.surface]!.rims.filter((rim) => act.edges.every((edge) => rim !== rimAt(t.s, id, edge))); // prettier-ignore
          const opens = others.some((rim) => rim.some((r) => t.s.runs[r]!.run !== 'fold' || part.form !== 'lined'));
          // Inside, a knot can be made only while something else is open.
          if (act.tail === 'in' && !opens) return { code: 'sealed', piece: act.piece };
        }
        return undefined;
      }
    ),
  does: (act, t) => {
    const facts = { stitches: 0, last: false, woven: false };
    for (const { id, part } of partsIn(t, act.piece)) {
      facts.stitches = 0;
      for (const edge of act.edges) {
        const runs = endRuns(t.s, id, edge);
        facts.woven = runs.some((r) => r.hold === 'woven');
        facts.stitches += runs.reduce((sum, r) => sum + countOf(r), 0);
        closeRim(t.s, part.surface, rimAt(t.s, id, edge)!);
        for (const r of runs) r.hold = 'drawn';
        for (const tail of tailsAt(t.s, id, edge)) {
          if (tail.fate !== 'string' && tail.fate !== 'loose') continue;
          // The strings, and whatever else hangs at this end, are laid to the same side before it shuts.
          tail.fate = 'loose';
          tail.face = act.tail === 'out' ? part.out : innerFace(part);
        }
      }
      facts.last = sealed(t.s, id);
    }
    return facts;
  },
  minutes: (f) => (f.stitches > 0 ? 1 : 0)
};
