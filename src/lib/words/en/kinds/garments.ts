import type { KindWords } from '../../options';

/** Kinds of one shelf: their titles, and what they call otherwise than most. */
export const garments: Readonly<Record<string, KindWords>> = {
  waistcoat: {
    title: 'Waistcoat',
    blurb: 'Backs and fronts in mirrored halves, V-neck, seams that are checked before a row is cranked.',
    options: { sizeBy: { choices: { rows: 'Row counts' } }, lengthMm: { title: 'Length, shoulder to hem' } }
  },
  cardigan: {
    title: 'V-neck cardigan',
    blurb: 'The waistcoat with sleeves, as tubes or as panels that fit the armhole.',
    options: {
      sizeBy: { choices: { rows: 'Row counts' } },
      lengthMm: { title: 'Length, shoulder to hem' },
      sleeveRows: { title: 'Rows of a sleeve' }
    }
  }
};
