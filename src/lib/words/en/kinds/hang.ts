import type { KindWords } from '../../options';

/** Kinds of one shelf: their titles, and what they call otherwise than most. */
export const hang: Readonly<Record<string, KindWords>> = {
  garland: {
    title: 'Garland',
    blurb: 'A knitted line with small tubes, mini hats or pompoms at even spacing.',
    options: { yarn: { title: 'Line' }, smallMachine: { title: 'Machine for what hangs' } }
  },
  pompom: {
    title: 'Pompom',
    blurb: 'Card, wraps, metres and size; no machine needed.',
    options: {
      wearer: { choices: { thing: 'A thing' } },
      wraps: { title: 'Wraps', help: '60 to 80 fill a card of 7.5 cm.' },
      cardMm: { help: 'The ball comes out a tenth smaller.' }
    }
  }
};
