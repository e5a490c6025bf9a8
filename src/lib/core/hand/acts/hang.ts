import type { ActOf } from '../../plan';
import { HOLD_MM } from '../lengths';
import { addCut, addTail, tailsOf } from '../tails';
import { adorn, type ActRule, copiesIn, firstOf, notOff, partsIn, unchanged } from './rule';

export interface HangFacts {
  readonly count: number;
  readonly cutMm: number;
}

/** Motifs tied to a line at even spacing; the line's own ends are left to tie it up with. */
export const hang: ActRule<ActOf<'hang'>, HangFacts> = {
  pieces: (act) => (act.motif === null ? [act.piece] : [act.piece, act.motif]),
  name: () => '',
  mirror: unchanged,
  refuses: (act, t) =>
    firstOf(
      () => notOff(t, act.piece),
      () => (act.motif === null ? undefined : notOff(t, act.motif)),
      () => (act.motif !== null && copiesIn(t, act.motif) < act.count ? { code: 'nothing-to-hang', piece: act.motif } : undefined) // prettier-ignore
    ),
  does: (act, t) => {
    const cutMm = Math.round(2 * act.dropMm + HOLD_MM);
    const { part, id } = partsIn(t, act.piece)[0]!;
    addCut(t.s, { yarn: act.yarn, what: 'hanging', mm: cutMm, count: act.count });
    for (let i = 0; i < 2; i++) {
      addTail(t.s, {
        part: id,
        yarn: act.yarn,
        mm: 50,
        from: 'cut',
        where: { at: 'seam', name: 'hang' },
        ...part.layers[0]!,
        fate: 'tied',
        times: act.count
      });
    }
    // The line is tied up by its own ends: they hang on purpose.
    for (const tail of tailsOf(t.s, id)) if (tail.fate === 'loose') tail.fate = 'hanging';
    adorn(part, 'hung', act.count);
    return { count: act.count, cutMm };
  },
  minutes: (f) => 1.2 * f.count,
  times: () => 1
};
