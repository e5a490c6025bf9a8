import * as z from 'zod/mini';
import { isLarge, machineOf } from '../kit';
import { choiceOption } from '../plan';
import type { Kind } from './kind';
import { draftGarment } from './shared/garment/draft';
import { garmentOptions } from './shared/garment/options';
import { firstYarns } from './shared/pick';

export const WaistcoatOptions = z.object({
  ...garmentOptions,
  armEdge: choiceOption({ group: 'shape', choices: ['crochet', 'none'] })
});

/** A child's measures, for a ring too small for anybody else. */
export const SMALL_GARMENT = { wearer: 'baby', chestMm: 420, easeMm: 40, crossBackMm: 190, upperArmMm: 140, neckMm: 90, lengthMm: 230, armholeMm: 90, neckDepthMm: 90 } as const; // prettier-ignore

/** A waistcoat in panels: halves, mirrored, with held or straight shoulders. */
export const waistcoat: Kind<typeof WaistcoatOptions> = {
  code: 'waistcoat',
  family: 'garments',
  pins: { from: 40, to: 200, usual: 48 },
  options: WaistcoatOptions,
  start: (kit, machineId) =>
    WaistcoatOptions.parse({ yarn: firstYarns(kit).main, ...(isLarge(machineOf(kit, machineId)) ? {} : SMALL_GARMENT) }), // prettier-ignore
  draft: (kit, brief, o) => draftGarment(kit, brief, o, { sleeves: null, armEdge: o.armEdge })
};
