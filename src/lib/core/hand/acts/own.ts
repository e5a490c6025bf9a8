import type { ActOf } from '../../plan';
import { type ActRule, unchanged } from './rule';

export interface OwnFacts {
  readonly text: string;
  /** Hours it takes by itself: to dry, to set. */
  readonly waitH: number | null;
}

/** A step of the knitter's own; nobody but the knitter knows what it does. */
export const own: ActRule<ActOf<'own'>, OwnFacts> = {
  pieces: () => [],
  name: (act) => act.text.slice(0, 24),
  mirror: unchanged,
  refuses: () => undefined,
  does: (act) => ({ text: act.text, waitH: act.waitH ?? null }),
  minutes: () => 0,
  times: () => 1
};
