import type { Age } from './age';

/** Head girths to start from. A head that can be measured should be. */
export interface HeadSize {
  readonly label: string;
  readonly age: Age;
  readonly girthMm: number;
  /** The one to begin with for somebody of that age. */
  readonly usual?: true;
}

/** Where the girths by age come from (craft 5). */
export const HEADS_SOURCE = 'from memory of published growth tables';

export const HEAD_SIZES: readonly HeadSize[] = [
  { label: 'Newborn', age: 'baby', girthMm: 350 },
  { label: '3 months', age: 'baby', girthMm: 400 },
  { label: '6 months', age: 'baby', girthMm: 430, usual: true },
  { label: '1 year', age: 'baby', girthMm: 460 },
  { label: '2 years', age: 'child', girthMm: 485 },
  { label: '4 years', age: 'child', girthMm: 505 },
  { label: '6 years', age: 'child', girthMm: 515, usual: true },
  { label: '8 years', age: 'child', girthMm: 525 },
  { label: '10 years', age: 'child', girthMm: 535 },
  { label: '12 years', age: 'child', girthMm: 540 },
  { label: 'Women', age: 'adult', girthMm: 560, usual: true },
  { label: 'Men', age: 'adult', girthMm: 580 }
];

/** Heads of babies born before their time, by their weight (craft 5). */
export const PRETERM_HEADS: readonly HeadSize[] = [
  { label: '1 kg', age: 'baby', girthMm: 250 },
  { label: '1.5 kg', age: 'baby', girthMm: 280 },
  { label: '2 kg', age: 'baby', girthMm: 310 },
  { label: '2.5 kg', age: 'baby', girthMm: 325 }
];
