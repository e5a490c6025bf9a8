import type { KindWords } from '../../options';

/** Kinds of one shelf: their titles, and what they call otherwise than most. */
export const hats: Readonly<Record<string, KindWords>> = {
  'lined-hat': {
    title: 'Lined hat',
    blurb: 'One tube folded into itself: warm, reversible, no hem to sew.',
    options: {
      sizeBy: { title: 'Rows decided by', choices: { rows: 'A row count' } },
      rows: { help: 'All rows of the tube, both layers.' },
      style: { choices: { striped: 'Stripes' } },
      yarn: { title: 'Outside' },
      sections: { title: 'Stripes, from the outer crown down' },
      waste: { title: 'Waste yarn at both ends' }
    }
  },
  'band-hat': {
    title: 'Band hat',
    blurb: 'A lined hat with a band of another colour round the brim.',
    options: {
      sizeBy: { title: 'Rows decided by', choices: { rows: 'A row count' } },
      rows: { help: 'All rows of the tube, both layers.' },
      yarn: { title: 'Outside and lining', help: 'The outer colour again inside, so that nothing shines through.' },
      waste: { title: 'Waste yarn at both ends' },
      bandYarn: { title: 'Band' }
    }
  },
  'ear-hat': {
    title: 'Ear hat',
    blurb: 'Closed straight across instead of drawn: two corners stand up as ears.',
    options: {
      sizeBy: { title: 'Rows decided by', choices: { rows: 'A row count' } },
      rows: { help: 'All rows of the tube, both layers.' }
    }
  },
  'gathered-hat': {
    title: 'Gathered baby hat',
    blurb: 'One flat panel, seamed up the back, drawn shut at the top: small heads on a large ring.',
    options: {
      sizeBy: { title: 'Size decided by', choices: { rows: 'Stitches and rows' } },
      rows: { help: 'From the edge to the crown.' },
      yarn: { title: 'Hat' }
    }
  },
  'brim-hat': {
    title: 'Single hat, doubled brim',
    blurb: 'One light layer; the first row is lifted back onto the pins, so the brim is double.',
    options: { sizeBy: { title: 'Rows decided by', choices: { rows: 'Two row counts' } }, yarn: { title: 'Hat' } }
  }
};
