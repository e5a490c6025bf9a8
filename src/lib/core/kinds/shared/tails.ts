import { type Kit, rulesOf } from '../../kit';
import { choiceOption, type Condition, type Edge } from '../../plan';
import { ENDS } from './options';

/**
 * What an end is worked with: the work's own tail, left long for it, or yarn that is cut (craft 7.21). Pieces begun under an
 * older edition have short tails and are worked with cut yarn.
 */

/** Whether the work's own tail does a job. @param when it is asked at all */
export const tailOption = (when?: Condition) =>
  choiceOption({ group: ENDS, school: true, choices: ['own', 'cut'], ...(when ? { when } : {}) });

/** What the first end is worked with. @param when it is asked at all */
export const firstWith = (when?: Condition) => ({ firstWith: tailOption(when) });

/** What the last end is worked with. */
export const lastWith = (when?: Condition) => ({ lastWith: tailOption(when) });

/** What either end is worked with. */
export const eitherWith = (when?: Condition) => ({ ...firstWith(when), ...lastWith(when) });

/** A flat end that is closed with yarn, not loop through loop. */
export const hooked = { key: 'closeBy', is: ['hook'] } as const;

/** The choices of a kind; one that it does not ask is the work's own tail. */
export interface TailChoice {
  readonly firstWith?: 'own' | 'cut';
  readonly lastWith?: 'own' | 'cut';
}

/** Spread into an act: the end whose own tail it is worked with, or nothing. */
export interface OwnTail {
  readonly own?: Edge;
}

/**
 * The own tail of each end, where it is used.
 *
 * @example ownTails(kit, { firstWith: 'cut' })('hung-off') // { own: 'hung-off' }
 */
export function ownTails(kit: Kit, o: TailChoice): (edge: Edge) => OwnTail {
  const { ownTails: allowed } = rulesOf(kit);
  return (edge) => (allowed && (edge === 'cast-on' ? o.firstWith : o.lastWith) !== 'cut' ? { own: edge } : {});
}
