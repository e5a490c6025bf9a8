import type { KindWords } from '../../options';

/** Kinds of one shelf: their titles, and what they call otherwise than most. */
export const panels: Readonly<Record<string, KindWords>> = {
  panel: {
    title: 'Plain panel',
    blurb: 'One flat piece, straight or narrowing; its rows are counted here, because the machine is blind.',
    options: { waste: { title: 'Waste yarn at both ends' } }
  },
  'panel-tube': {
    title: 'Tube of any girth',
    blurb: 'A panel sewn into a tube, for when the ring itself is too wide.',
    options: {
      wearer: { choices: { thing: 'A thing' } },
      stitches: { title: 'Stitches of a panel', help: 'With one for the seam at either edge.' }
    }
  },
  strap: {
    title: 'Strap or cord',
    blurb: 'Two to six pins, turned to and fro by hand; no waste yarn.',
    options: {
      wearer: { choices: { thing: 'A bag, a thing' } },
      sizeBy: { title: 'Rows decided by', choices: { measures: 'The length', rows: 'A row count' } }
    }
  },
  pennant: {
    title: 'Pennant',
    blurb: 'A small flag, narrowed evenly to a point; for garlands too.',
    options: {
      heightMm: { title: 'Height', help: '' },
      widthMm: { title: 'Width at the top' },
      stitches: { title: 'Stitches at the top', help: 'An even count: both edges lose alike.' }
    }
  },
  blanket: {
    title: 'Blanket of strips or blocks',
    blurb: 'Strips as wide as the ring gives, all alike, sewn side to side.',
    options: {
      wearer: { choices: { thing: 'The sofa' } },
      rows: { title: 'Rows of a block', help: 'Of a whole strip where there is one block.' },
      sections: { title: 'Stripes of every block' },
      stitches: { title: 'Stitches of a strip', help: 'With one for the seam at either edge.' }
    }
  },
  'wide-panel': {
    title: 'Panel wider than the ring',
    blurb: 'Floats laid round a card between the pins, latched up into columns afterwards.',
    options: {
      sizeBy: { title: 'Rows decided by', choices: { measures: 'The length', rows: 'A row count' } },
      waste: { title: 'Waste yarn at both ends' },
      pins: { help: 'The ring gives at most all but the lost ones.' }
    }
  }
};
