import * as z from 'zod/mini';
import { isLarge, machineOf } from '../kit';
import { choiceOption, countOption, lengthOption, slopeOption } from '../plan';
import type { Kind } from './kind';
import { draftGarment } from './shared/garment/draft';
import { garmentOptions } from './shared/garment/options';
import { firstYarns } from './shared/pick';
import { SMALL_GARMENT } from './waistcoat';

const counted = { key: 'sizeBy', is: ['counts'] } as const;

export const CardiganOptions = z.object({
  ...garmentOptions,
  sleeves: choiceOption({ group: 'shape', choices: ['panel', 'tube'] }),
  sleeveMm: lengthOption({ group: 'shape', min: 60, max: 700, start: 430, when: { key: 'sizeBy', is: ['measures', 'rows'] } }), // prettier-ignore
  sleeveRows: countOption({ counts: 'rows', group: 'shape', min: 4, max: 600, start: 86, when: counted }),
  sleeveStitches: countOption({ counts: 'stitches', group: 'shape', min: 4, max: 200, start: 32, when: { ...counted, and: { key: 'sleeves', is: ['panel'] } } }), // prettier-ignore
  sleeveSlope: slopeOption({ group: 'shape', when: { key: 'sleeves', is: ['panel'] } })
});

/** A V-neck cardigan in panels, with sleeves. */
export const cardigan: Kind<typeof CardiganOptions> = {
  code: 'cardigan',
  family: 'garments',
  pins: { from: 40, to: 200, usual: 48 },
  options: CardiganOptions,
  start: (kit, machineId) =>
    CardiganOptions.parse({
      yarn: firstYarns(kit).main,
      ...(isLarge(machineOf(kit, machineId)) ? {} : { ...SMALL_GARMENT, sleeveMm: 160 })
    }),
  draft: (kit, brief, o) => draftGarment(kit, brief, o, { sleeves: o, armEdge: 'none' })
};
