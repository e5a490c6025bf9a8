import { z } from 'zod';
import { isLarge, machineOf } from '../kit';
import { choiceOption, countOption, lengthOption } from '../plan';
import type { Kind } from './kind';
import { draftGarment } from './shared/garment/draft';
import { garmentOptions } from './shared/garment/options';
import { firstYarns } from './shared/pick';
import { SMALL_GARMENT } from './waistcoat';

const counted = { key: 'sizeBy', is: ['counts'] } as const;

export const CardiganOptions = z.object({
  ...garmentOptions,
  sleeves: choiceOption({
    title: 'Sleeves',
    group: 'Shape',
    choices: [
      { value: 'panel', label: 'Panels', help: 'As wide as the armhole asks, widening to the top.' },
      { value: 'tube', label: 'Tubes', help: 'The whole ring: their girth is what the pins give.' }
    ]
  }),
  sleeveMm: lengthOption({ title: 'Length of a sleeve', group: 'Shape', min: 60, max: 700, start: 430, when: { key: 'sizeBy', is: ['measures', 'rows'] } }), // prettier-ignore
  sleeveRows: countOption({ title: 'Rows of a sleeve', group: 'Shape', min: 4, max: 600, start: 86, when: counted }),
  sleeveStitches: countOption({ title: 'Stitches at the top of a sleeve', group: 'Shape', help: 'Of one of its panels.', min: 4, max: 200, start: 32, when: { ...counted, and: { key: 'sleeves', is: ['panel'] } } }) // prettier-ignore
});

/** A V-neck cardigan in panels, with sleeves. */
export const cardigan: Kind<typeof CardiganOptions> = {
  code: 'cardigan',
  title: 'V-neck cardigan',
  blurb: 'The waistcoat with sleeves, as tubes or as panels that fit the armhole.',
  family: 'garments',
  pins: { from: 40, to: 200, usual: 48 },
  options: CardiganOptions,
  start: (kit, machineId) =>
    CardiganOptions.parse({
      yarn: firstYarns(kit).main,
      ...(isLarge(machineOf(kit, machineId)) ? {} : { ...SMALL_GARMENT, sleeveMm: 160 })
    }),
  draft: (kit, brief, o) => draftGarment(kit, brief, o, o)
};
