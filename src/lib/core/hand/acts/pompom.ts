import { pompomMm, pompomYarnMm, POMPOM_TIE_MM } from '../../body';
import type { ActOf } from '../../plan';
import { addCut } from '../tails';
import { type ActRule, unchanged } from './rule';

export interface PompomFacts {
  readonly sizeMm: number;
  /** Yarn of one, its tie not counted, mm; 0 for a bought one. */
  readonly yarnMm: number;
  readonly count: number;
  readonly bought: boolean;
}

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
    return { sizeMm: pompomMm(act.cardMm), yarnMm, count: act.count, bought };
  },
  minutes: (f) => (f.bought ? 1 : 6) * f.count,
  times: () => 1
};
