import type { KindWords } from '../../options';

/** Kinds of one shelf: their titles, and what they call otherwise than most. */
export const free: Readonly<Record<string, KindWords>> = {
  'free-tube': {
    title: 'Free tube',
    blurb: 'Any list of sections and any two ends; Tomble does the arithmetic.',
    options: { sections: { title: 'Sections, from the cast-on' } }
  }
};
