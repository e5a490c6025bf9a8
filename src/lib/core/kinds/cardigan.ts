import { z } from 'zod';
import { isLarge, machineOf } from '../kit';
import { choiceOption, lengthOption } from '../plan';
import type { Kind } from './kind';
import { draftGarment } from './shared/garment/draft';
import { garmentOptions } from './shared/garment/options';
import { firstYarns } from './shared/pick';
import { SMALL_GARMENT } from './waistcoat';

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
  sleeveMm: lengthOption({ title: 'Length of a sleeve', group: 'Shape', min: 60, max: 700, start: 430 })
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
