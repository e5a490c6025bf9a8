import type { ActOf } from '../../plan';
import { BUTTON_MM, FACE_MM, HOLD_MM } from '../lengths';
import type { CutWhat } from '../state';
import { addCut, addCutTails, sealed } from '../tails';
import { adorn, type ActRule, firstOf, notOff, partsIn, unchanged } from './rule';

export interface FixFacts {
  readonly cutMm: number;
  readonly count: number;
}

/** Yarn each small thing takes. */
const YARN: Readonly<Record<ActOf<'fix'>['what'], { mm: number; what: CutWhat }>> = {
  face: { mm: FACE_MM, what: 'face' },
  'safety-eyes': { mm: FACE_MM, what: 'face' },
  button: { mm: BUTTON_MM, what: 'button' },
  patch: { mm: FACE_MM + HOLD_MM, what: 'patch' }
};

/** A face, a button, a patch. Safety eyes are pressed through from inside, so they go in before the filling. */
export const fix: ActRule<ActOf<'fix'>, FixFacts> = {
  pieces: (act) => [act.piece],
  name: (act) => act.what,
  mirror: unchanged,
  refuses: (act, t) =>
    firstOf(
      () => notOff(t, act.piece),
      () => {
        if (act.what !== 'safety-eyes') return undefined;
        const late = partsIn(t, act.piece).some(({ part, id }) => part.filled || sealed(t.s, id));
        return late ? { code: 'eyes-late', piece: act.piece } : undefined;
      }
    ),
  does: (act, t) => {
    const { mm, what } = YARN[act.what];
    for (const { part, id } of partsIn(t, act.piece)) {
      addCut(t.s, { yarn: act.yarn, what, mm, count: act.count * part.times });
      addCutTails(t.s, id, act.yarn, act.what, act.count);
      adorn(part, act.what, act.count);
    }
    return { cutMm: mm, count: act.count };
  },
  minutes: (f) => 5 * f.count
};
