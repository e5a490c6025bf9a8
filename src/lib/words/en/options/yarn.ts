import type { OptionWords } from '../../options';

/** Yarns and their colours. */
export const yarn: Readonly<Record<string, OptionWords>> = {
  style: {
    title: 'Colours',
    choices: {
      plain: 'One colour',
      two: 'Equal stripes of two',
      striped: 'Stripes of your own',
      contrast: 'Lining of another colour'
    }
  },
  yarn: { title: 'Yarn' },
  liningYarn: { title: 'Lining' },
  marginRows: {
    title: 'Lining longer by',
    help: 'Rows the lining colour has more than the outside, so that the outside never peeks at the edge.'
  },
  sections: { title: 'Stripes, from the cast-on' },
  repeat: { title: 'Repeat the stripes to the end' },
  bandYarn: { title: 'Front bands and hems', empty: 'The same' },
  secondYarn: { title: 'Second yarn' },
  stripeRows: {
    title: 'Rows of a stripe',
    help: 'Five is a common repeat. All changes fall on one line, at the marker.'
  },
  brimYarn: { title: 'Brim' },
  cuffYarn: { title: 'Edge of the cuff', empty: 'The same' },
  backYarn: { title: 'Back tube' },
  handleYarn: { title: 'Yarn of the handle', empty: 'The same' },
  cordYarn: { title: 'Cord' },
  faceYarn: { title: 'Face and waist threads', help: 'A strong yarn: it is drawn tight.' },
  hatYarn: { title: 'Hat' },
  motifYarn: { title: 'What hangs' }
};
