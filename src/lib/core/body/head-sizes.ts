import type { Age } from './age';

/**
 * Head girths to start from. Inches from memory of the Craft Yarn Council's standard head circumferences; a
 * head that can be measured should be.
 */
export interface HeadSize {
  readonly code: string;
  readonly label: string;
  readonly age: Age;
  readonly girthMm: number;
  readonly source: string;
}

const COUNCIL = 'from memory of the Craft Yarn Council head circumferences';
const PRACTICE = 'common practice, no source';

export const HEAD_SIZES: readonly HeadSize[] = [
  { code: 'preterm', label: 'Preterm baby', age: 'baby', girthMm: 305, source: COUNCIL },
  { code: 'baby', label: 'Baby', age: 'baby', girthMm: 355, source: COUNCIL },
  { code: 'toddler', label: 'Toddler', age: 'child', girthMm: 405, source: COUNCIL },
  { code: 'child', label: 'Child', age: 'child', girthMm: 455, source: COUNCIL },
  { code: 'small-adult', label: 'Small adult', age: 'adult', girthMm: 505, source: COUNCIL },
  { code: 'adult', label: 'Adult', age: 'adult', girthMm: 560, source: COUNCIL },
  { code: 'large-adult', label: 'Large adult', age: 'adult', girthMm: 600, source: PRACTICE }
];
