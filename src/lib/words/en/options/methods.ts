import type { OptionWords } from '../../options';

/** Ways in which stitches go at an edge. */
export const METHODS: NonNullable<OptionWords['choices']> = {
  'full-fashioned': { label: 'Full-fashioned', help: 'A neat edge column for seaming.' },
  'two-edge': { label: 'Two edge stitches', help: 'Full-fashioned with two neat columns, for an edge with a band.' },
  double: { label: 'Double', help: 'Two stitches at a time: half as many stops.' },
  simple: { label: 'Simple', help: 'Quicker, for edges that are hidden.' }
};

/** The same, and off onto a thread. */
export const METHODS_AND_THREAD: NonNullable<OptionWords['choices']> = {
  ...METHODS,
  thread: { label: 'Onto a thread', help: 'One by one as each edge pin rises; chained off together later.' }
};
