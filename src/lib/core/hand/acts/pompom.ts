import { pompomMm, pompomYarnMm, POMPOM_TIE_MM, TRIM_MM, trimLoss } from '../../body';
import type { ActOf } from '../../plan';
import { addCut } from '../tails';
import { type ActRule, unchanged } from './rule';

export interface PompomFacts {
  readonly sizeMm: number;
  /** Yarn of one, its tie not counted, mm; 0 for a bought one. */
  readonly yarnMm: number;
  readonly count: number;
  readonly bought: boolean;
  /** Taken off all round, and the share of the yarn that goes with it; 0 for a bought one. */
  readonly trimMm: number;
  readonly lost: number;
  /** Width of the button that holds each; null for one that is tied. */
  readonly buttonMm: number | null;
}

/** A button that holds strings, where its width was not said (common practice, no source). */
const USUAL_BUTTON_MM = 18;

/** Wound on a card, tied, cut, trimmed; or bought, with its string or a button. */
export const pompom: ActRule<ActOf<'pompom'>, PompomFacts> = {
  pieces: () => [],
  name: () => '',
  mirror: unchanged,
  refuses: () => undefined,
  does: (act, t) => {
    const bought = act.from === 'bought';
    const yarnMm = bought ? 0 : pompomYarnMm(act.wraps, act.cardMm);
    if (!bought) addCut(t.s, { yarn: act.yarn, what: 'pompom', mm: yarnMm + POMPOM_TIE_MM, count: act.count });
    const trimMm = bought ? 0 : (act.trimMm ?? TRIM_MM);
    return {
      // Of a bought one the width is what the knitter says it is.
      sizeMm: bought ? Math.round(act.cardMm) : pompomMm(act.cardMm, trimMm),
      yarnMm,
      count: act.count,
      bought,
      trimMm,
      lost: trimLoss(act.cardMm, trimMm),
      buttonMm: act.on === 'piece' && act.by === 'button' ? (act.buttonMm ?? USUAL_BUTTON_MM) : null
    };
  },
  minutes: (f) => (f.bought ? 1 : 6) * f.count,
  times: () => 1
};
