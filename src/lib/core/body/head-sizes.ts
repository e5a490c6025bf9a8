/**
 * Head girths to start from. Inches from memory of the Craft Yarn Council's standard head circumferences; a
 * head that can be measured should be.
 */
export interface HeadSize {
  readonly code: string;
  readonly label: string;
  readonly girthMm: number;
  readonly source: string;
}

const COUNCIL = 'from memory of the Craft Yarn Council head circumferences';
const PRACTICE = 'common practice, no source';

export const HEAD_SIZES: readonly HeadSize[] = [
  { code: 'preterm', label: 'Preterm baby', girthMm: 305, source: COUNCIL },
  { code: 'baby', label: 'Baby', girthMm: 355, source: COUNCIL },
  { code: 'toddler', label: 'Toddler', girthMm: 405, source: COUNCIL },
  { code: 'child', label: 'Child', girthMm: 455, source: COUNCIL },
  { code: 'small-adult', label: 'Small adult', girthMm: 505, source: COUNCIL },
  { code: 'adult', label: 'Adult', girthMm: 560, source: COUNCIL },
  { code: 'large-adult', label: 'Large adult', girthMm: 600, source: PRACTICE }
];
