import { type RuleOf, unchanged } from './rule';

/** The machine's counter set to zero. */
export const zeroCounter: RuleOf<'zeroCounter'> = {
  refuses: (ring) => (ring.counts ? undefined : { no: { code: 'no-counter' } }),
  does: (ring) => {
    ring.counter = 0;
  },
  mirror: unchanged,
  minutes: () => 0
};
