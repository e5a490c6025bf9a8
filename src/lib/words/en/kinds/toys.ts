import type { KindWords } from '../../options';

/** Kinds of one shelf: their titles, and what they call otherwise than most. */
export const toys: Readonly<Record<string, KindWords>> = {
  'toy-long': {
    title: 'Long-bodied animal',
    blurb: 'One stuffed tube with a waist for the neck, legs of cord; with wings it is a moth.',
    options: {
      wearer: { choices: { child: 'A child from 3 years', baby: 'A child under 3', adult: 'Grown-ups' } },
      yarn: { title: 'Main colour' },
      secondYarn: { title: 'Limbs and ears' }
    }
  },
  'toy-round': {
    title: 'Round animal',
    blurb: 'A ball of a body from the large ring, a head from the small one, ears and feet of cord.',
    options: {
      wearer: { choices: { child: 'A child from 3 years', baby: 'A child under 3', adult: 'Grown-ups' } },
      yarn: { title: 'Main colour' },
      secondYarn: { title: 'Limbs and ears' },
      footMm: { title: 'Feet', help: '' }
    }
  },
  'toy-figure': {
    title: 'Small figure',
    blurb: 'Head and body from one tube, arms and legs of cord, a hat if it is cold.',
    options: {
      wearer: { choices: { child: 'A child from 3 years', baby: 'A child under 3', adult: 'Grown-ups' } },
      yarn: { title: 'Main colour' },
      secondYarn: { title: 'Limbs and ears' }
    }
  }
};
