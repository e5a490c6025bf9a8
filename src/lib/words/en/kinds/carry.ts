import type { KindWords } from '../../options';

/** Kinds of one shelf: their titles, and what they call otherwise than most. */
export const carry: Readonly<Record<string, KindWords>> = {
  'folded-bag': {
    title: 'Folded bag',
    blurb: 'A flat tube three times as long as tall, folded into a pouch with two points.',
    options: {
      sizeBy: { title: 'Rows decided by', choices: { rows: 'A row count' } },
      strapMm: { title: 'Length of the strap' }
    }
  },
  sack: {
    title: 'Drawstring sack',
    blurb: 'A small sack with a channel for its cord; purl side out it holds soap.',
    options: {
      wearer: { choices: { child: 'A child to carry' } },
      sizeBy: { title: 'Rows decided by', choices: { rows: 'A row count', height: 'The height' } },
      heightMm: { title: 'Height of the sack', help: '' },
      rows: { title: 'Rows below the channel' },
      yarn: { help: 'Cotton for soap and water.' }
    }
  },
  'mug-wrap': {
    title: 'Mug wrap',
    blurb: 'A small flat tube round a mug, loops of chain at the handle.',
    options: {
      sizeBy: { title: 'Rows decided by', choices: { rows: 'A row count' } },
      heightMm: { title: 'Mug, height', help: 'Foot to rim.' }
    }
  },
  'bottle-cosy': {
    title: 'Bottle cosy',
    blurb: 'A tube with a drawn foot, pulled over a bottle or a jar.',
    options: {
      sizeBy: { title: 'Rows decided by', choices: { rows: 'A row count' } },
      heightMm: { title: 'Bottle, height', help: 'Foot to shoulder.' }
    }
  }
};
