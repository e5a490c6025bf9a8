import * as z from 'zod/mini';
import { lengthOption, switchOption } from '../plan';
import type { Kind } from './kind';
import { stuffedGirth, ToyBuilder, toyOptions, toyStart } from './shared/toy';
import { ringOn, rowsFor } from './shared/tube';
import { WHO } from './shared/options';

export const ToyLongOptions = z.object({
  ...toyOptions,
  bodyMm: lengthOption({ group: WHO, min: 80, max: 600, start: 220 }),
  legMm: lengthOption({ group: WHO, min: 10, max: 200, start: 55 }),
  wings: switchOption({ group: WHO, start: false }), // prettier-ignore
  tail: switchOption({ group: WHO, start: true })
});

/** Share of the body tube that becomes the head (own estimate, no source). */
const HEAD_SHARE = 0.3;

/** A long-bodied animal: one tube with a waist, legs and tail from cords, wings if it flies. */
export const toyLong: Kind<typeof ToyLongOptions> = {
  code: 'toy-long',
  family: 'toys',
  pins: { from: 16, to: 48, usual: 22 },
  options: ToyLongOptions,
  start: (kit, machineId) => ToyLongOptions.parse(toyStart(kit, machineId)),
  draft: (kit, brief, o) => {
    const toy = new ToyBuilder(kit, o.faceYarn, o.sewWith);
    const ring = ringOn(kit, brief, o.yarn);
    const limb = ringOn(kit, brief, o.secondYarn, o.smallMachine);
    const rows = rowsFor(ring, o.bodyMm);
    const neck = Math.max(1, Math.round(rows * (1 - HEAD_SHARE)));
    const half = stuffedGirth(ring) / (2 * Math.PI);
    const back = o.bodyMm * HEAD_SHARE;
    const body = toy.stuffed('Body', ring, rows, [{ x: 0, y: 0, turn: 0 }], { waists: [neck] });
    const y = (share: number): number => back + (o.bodyMm - back) * share;
    if (o.wings) {
      toy.flat(
        'Wing',
        limb,
        o.bodyMm * 0.4,
        body,
        'back',
        [
          { x: -half * 0.5, y: y(0.22), turn: -70 },
          { x: half * 0.5, y: y(0.22), turn: 70 }
        ],
        true
      );
    }
    toy.cords('Leg', limb, 5, o.legMm, body, 'belly', [
      { x: -half * 0.8, y: y(0.3), turn: -50 },
      { x: half * 0.8, y: y(0.3), turn: 50 },
      { x: -half * 0.8, y: y(0.75), turn: -30 },
      { x: half * 0.8, y: y(0.75), turn: 30 }
    ]);
    toy.cords('Ear', limb, 3, o.legMm * 0.6, body, 'head-top', [
      { x: -half * 0.5, y: half * 0.4, turn: -160 },
      { x: half * 0.5, y: half * 0.4, turn: 160 }
    ]);
    if (o.tail) toy.cords('Tail', limb, 3, o.legMm * 1.4, body, 'end', [{ x: 0, y: o.bodyMm - 4, turn: 12 }]);
    return toy.draft(brief, ring, o);
  }
};
