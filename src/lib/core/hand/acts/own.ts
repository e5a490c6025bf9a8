import type { ActOf } from '../../plan';
import type { ActRule } from './rule';

export interface OwnFacts {
  readonly text: string;
}

/** A step of the knitter's own; nobody but the knitter knows what it does. */
export const own: ActRule<ActOf<'own'>, OwnFacts> = {
  refuses: () => undefined,
  does: (act) => ({ text: act.text }),
  minutes: () => 0,
  times: () => 1
};
