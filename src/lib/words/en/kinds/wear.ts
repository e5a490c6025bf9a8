import type { KindWords } from '../../options';

/** Kinds of one shelf: their titles, and what they call otherwise than most. */
export const wear: Readonly<Record<string, KindWords>> = {
  scarf: {
    title: 'Scarf',
    blurb: 'A long double tube. The screen reminds you to untwist it before it clogs the ring.',
    options: {
      sizeBy: {
        title: 'Length decided by',
        choices: {
          height: { label: 'Body height', help: 'As long as the wearer is tall, and a hand more.' },
          rows: 'A row count'
        }
      },
      heightMm: { title: 'Body height', help: '' }
    }
  },
  cowl: {
    title: 'Cowl',
    blurb: 'A tube joined to a ring round the neck, once snug or twice loose.',
    options: {
      headMm: { help: 'A cowl must go over the head.' },
      sizeBy: { title: 'Rows decided by', choices: { rows: 'A row count' } },
      by: {
        title: 'Joining the ends',
        choices: {
          needle: { label: 'Graft', help: 'Loop to loop: no seam to see or feel.' },
          hook: { label: 'With a hook', help: 'Quicker, a ridge inside.' }
        }
      }
    }
  },
  headband: {
    title: 'Headband',
    blurb: 'A short tube round the head, double and warm; plain or with a twist in front.',
    options: {
      sizeBy: { title: 'Rows decided by', choices: { rows: 'A row count' } },
      by: {
        choices: { hook: { label: 'With a hook', help: 'Slip stitches of cut yarn: quick, firm, a ridge inside.' } }
      }
    }
  },
  warmers: {
    title: 'Wrist or leg warmers',
    blurb: 'Short tubes over wrist or calf, two alike.',
    options: { secondYarn: { title: 'Yarn of the second', empty: 'The same' }, lengthMm: { title: 'Length as worn' } }
  },
  socks: {
    title: 'Socks without heel',
    blurb: 'As long as the foot and the cuff; the toe is drawn, then sewn flat.',
    options: {
      yarn: { help: 'Sock yarn is knitted with two strands together.' },
      secondYarn: { title: 'Yarn of the second sock', empty: 'The same' },
      pair: { title: 'A pair' }
    }
  },
  'tube-top': {
    title: 'Tube top',
    blurb: 'A tube round the body, edges crocheted, straps chained.',
    options: {
      sizeBy: { title: 'Rows decided by', choices: { rows: 'A row count' } },
      lengthMm: { title: 'Length as worn' }
    }
  },
  wrap: {
    title: 'Wide wrap with sleeves',
    blurb: 'Two long tubes chained along dropped stitches, with a neck and a body opening.',
    options: {
      sizeBy: { title: 'Rows decided by', choices: { rows: 'Row counts' } },
      rows: { title: 'Rows of a tube' },
      yarn: { title: 'Front tube' },
      bodyRows: { title: 'Rows of the body opening' },
      neckMm: { title: 'Neck opening' },
      bodyMm: { title: 'Body opening', help: 'Half the way round the body, with ease.' }
    }
  }
};
