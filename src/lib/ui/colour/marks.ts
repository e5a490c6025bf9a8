/** A mark that tells one yarn from another without its colour: a stroke repeated over the stretches of that yarn. */
export interface Mark {
  readonly word: string;
  /** Strokes in a square of SQUARE by SQUARE px. */
  readonly d: string;
}

export const SQUARE = 14;

/** Marks in the order yarns get them; the first one is left plain. */
const MARKS: readonly Mark[] = [
  { word: 'plain', d: '' },
  { word: 'slanting', d: 'M-2 16L16 -2M-9 9L9 -9M5 23L23 5' },
  { word: 'dotted', d: 'M4.5 7a2.5 2.5 0 1 0 5 0a2.5 2.5 0 1 0 -5 0' },
  { word: 'lying', d: 'M0 4H14M0 11H14' },
  { word: 'crossed', d: 'M3 3L11 11M11 3L3 11' },
  { word: 'upright', d: 'M4 0V14M11 0V14' },
  { word: 'slanting back', d: 'M-2 -2L16 16M-9 5L9 23M5 -9L23 9' },
  { word: 'ringed', d: 'M2 7a5 5 0 1 0 10 0a5 5 0 1 0 -10 0' }
];

/** The mark of a yarn by its place among those of the piece; they begin again after the last. */
export const markOf = (place: number): Mark => MARKS[place % MARKS.length]!;
