import { type ActOf, type Edge, halfAt } from '../../plan';
import { closeRim, countOf, endRuns, rimAt, ringAt } from '../rims';
import { endsShut, isOpen, spaceOf } from '../layers';
import type { OnFabric, Part } from '../state';
import { tailsAt, tailsOf } from '../tails';
import { type ActRule, firstOf, notOff, partsIn, type Table, unchanged } from './rule';

export interface DrawFacts {
  readonly stitches: number;
  /** Nothing leads inside any more: the knot lies outside. */
  readonly last: boolean;
  /** A woven cast-on draws up on its own tail. */
  readonly woven: boolean;
}

/** Where the tails of an end are laid: a zipped edge has all of them on the layer that is outside. */
const laidOn = (act: ActOf<'draw'>, part: Part, edge: Edge): OnFabric => ({
  half: part.linked ? part.layers[0]!.half : halfAt(edge),
  face: act.tail
});

/** Whether drawing these ends would shut a tail up where no hand gets to it any more. */
function catches(t: Table, act: ActOf<'draw'>, part: Part, id: number): boolean {
  const { s } = t;
  const surface = s.surfaces[part.surface]!;
  const { rims } = surface;
  const gone = act.edges.map((edge) => rimAt(s, id, edge));
  // What would be open afterwards: asked of the state as it will be, which is put back at once.
  surface.rims = rims.filter((rim) => !gone.includes(rim));
  const out = (at: OnFabric): boolean => isOpen(s, id, spaceOf(part.layers, at));
  const waiting = tailsOf(s, id, (tail) => tail.fate === 'loose' || tail.fate === 'string');
  const caught = waiting.some((tail) => {
    const edge = act.edges.find((e) => tail.where.at === e);
    return !out(edge ? laidOn(act, part, edge) : tail);
  });
  surface.rims = rims;
  return caught;
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
          if (catches(t, act, part, id)) return { code: 'tail-caught', piece: act.piece };
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
          Object.assign(tail, laidOn(act, part, edge), { fate: 'loose' });
        }
      }
      facts.last = endsShut(t.s, id);
    }
    return facts;
  },
  // 0.7 s a stitch (common practice, no source).
  minutes: (f) => (0.7 * f.stitches) / 60
};
