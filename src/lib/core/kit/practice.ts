import { NINE_TENTHS } from './normal';
import { heldTex, type Yarn } from './yarn';

/** Common practice, rested, medium yarn, middle hole, 46 to 48 pins (craft 5, no source). */
const PRACTICE = { courses: 2.0, wales: 1.35, tex: 500 } as const;

/** How far practice scatters at home ground: half of the range that holds nine tenths (own estimate, no source). */
const PRACTICE_SPREAD = 0.08;

/** How much less sure anybody can be for every e-fold of tex away from medium (own estimate, no source). */
const SPREAD_PER_E_FOLD = 0.1;

/** A default is never wider than this: beyond it the tightness finding says the yarn does not suit. */
const WIDEST_SPREAD = 0.2;

/** What common practice says of a yarn on any machine: the same counts, less sure the further it is from medium. */
export function practiceFor(yarn: Pick<Yarn, 'label' | 'strands'>): { courses: number; wales: number; sd: number } {
  const away = Math.abs(Math.log(heldTex(yarn) / PRACTICE.tex));
  const spread = Math.min(WIDEST_SPREAD, PRACTICE_SPREAD + SPREAD_PER_E_FOLD * away);
  return { courses: PRACTICE.courses, wales: PRACTICE.wales, sd: spread / NINE_TENTHS };
}
