import * as z from 'zod/mini';
import { lengthOption, switchOption, yarnOption } from '../plan';
import type { Kind } from './kind';
import { stuffedGirth, ToyBuilder, toyOptions, toyStart } from './shared/toy';
import { ringOn, rowsFor } from './shared/tube';
import { WHO } from './shared/options';

export const ToyFigureOptions = z.object({
  ...toyOptions,
  bodyMm: lengthOption({ group: WHO, min: 60, max: 400, start: 150 }),
  armMm: lengthOption({ group: WHO, min: 10, max: 200, start: 60 }),
  legMm: lengthOption({ group: WHO, min: 10, max: 250, start: 75 }),
  hat: switchOption({ group: WHO, start: true }),
  hatYarn: yarnOption({ group: 'yarn', when: { key: 'hat', is: [true] } })
});

/** Share of the body tube that becomes the head (own estimate, no source). */
const HEAD_SHARE = 0.4;

/** A small figure from one tube with a waist, arms and legs from cords, a hat from a short tube. */
export const toyFigure: Kind<typeof ToyFigureOptions> = {
  code: 'toy-figure',
  family: 'toys',
  pins: { from: 16, to: 30, usual: 22 },
  options: ToyFigureOptions,
  start: (kit, machineId) => {
    const common = toyStart(kit, machineId);
    return ToyFigureOptions.parse({ ...common, hatYarn: common.secondYarn });
  },
  draft: (kit, brief, o) => {
    const toy = new ToyBuilder(kit, o.faceYarn, o.sewWith);
    const ring = ringOn(kit, brief, o.yarn);
    const limb = ringOn(kit, brief, o.secondYarn, o.smallMachine);
    const cap = ringOn(kit, brief, o.hatYarn, o.smallMachine);
    const rows = rowsFor(ring, o.bodyMm);
    const neck = Math.max(1, Math.round(rows * (1 - HEAD_SHARE)));
    const half = stuffedGirth(ring) / (2 * Math.PI);
    const shoulder = o.bodyMm * HEAD_SHARE + 8;
    const legs = [
      { x: -half * 0.45, y: o.bodyMm - 10, turn: -6 },
      { x: half * 0.45, y: o.bodyMm - 10, turn: 6 }
    ];
    const body = toy.stuffed('Body', ring, rows, [{ x: 0, y: 0, turn: 0 }], { waists: [neck] });
    toy.cords('Arm', limb, 4, o.armMm, body, 'neck-sides', [
      { x: -half * 0.85, y: shoulder, turn: -42 },
      { x: half * 0.85, y: shoulder, turn: 42 }
    ]);
    toy.cords('Leg', limb, 6, o.legMm, body, 'bottom', legs);
    if (o.hat) {
      const hatMm = o.bodyMm * HEAD_SHARE * 0.75;
      toy.flat('Hat', cap, hatMm, body, 'head', [{ x: 0, y: -hatMm * 0.4, turn: 0 }]);
    }
    return toy.draft(brief, ring, o);
  }
};
