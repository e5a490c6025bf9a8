import * as z from 'zod/mini';
import { countOption, lengthOption } from '../plan';
import type { Kind } from './kind';
import { ballRows, stuffedGirth, ToyBuilder, toyOptions, toyStart } from './shared/toy';
import { ringOn } from './shared/tube';
import { WHO } from './shared/options';

export const ToyRoundOptions = z.object({
  ...toyOptions,
  longer: countOption({ group: WHO, min: 0, max: 80, start: 6 }), // prettier-ignore
  earMm: lengthOption({ group: WHO, min: 10, max: 200, start: 45 }),
  footMm: lengthOption({ group: WHO, min: 10, max: 120, start: 35 })
});

/** A round animal: a ball for the body, a smaller one for the head, ears and feet from cords. */
export const toyRound: Kind<typeof ToyRoundOptions> = {
  code: 'toy-round',
  family: 'toys',
  pins: { from: 30, to: 60, usual: 48 },
  options: ToyRoundOptions,
  start: (kit, machineId) => ToyRoundOptions.parse(toyStart(kit, machineId)),
  draft: (kit, brief, o) => {
    const toy = new ToyBuilder(kit, o.faceYarn, o.sewWith);
    const ring = ringOn(kit, brief, o.yarn);
    const small = ringOn(kit, brief, o.yarn, o.smallMachine);
    const limb = ringOn(kit, brief, o.secondYarn, o.smallMachine);
    const heightOf = (r: typeof ring, rows: number): number => (10 * rows) / r.gauge.courses.value;
    const bodyRows = ballRows(ring) + o.longer;
    const headRows = ballRows(small);
    const [bodyMm, headMm] = [heightOf(ring, bodyRows), heightOf(small, headRows)];
    const half = stuffedGirth(ring) / (2 * Math.PI);
    const headHalf = stuffedGirth(small) / (2 * Math.PI);
    const body = toy.stuffed('Body', ring, bodyRows, [{ x: 0, y: 0, turn: 0 }]);
    const top = -headMm * 0.82;
    toy.cords('Foot', limb, 6, o.footMm, body, 'bottom-four', [
      { x: -half * 0.75, y: bodyMm * 0.88, turn: -25 },
      { x: half * 0.75, y: bodyMm * 0.88, turn: 25 },
      { x: -half * 0.3, y: bodyMm * 0.97, turn: -8 },
      { x: half * 0.3, y: bodyMm * 0.97, turn: 8 }
    ]);
    const head = toy.stuffed('Head', small, headRows, [{ x: 0, y: top, turn: 0 }]);
    toy.cords('Ear', limb, 6, o.earMm, head, 'head-top', [
      { x: -headHalf * 0.5, y: top + headMm * 0.16, turn: -155 },
      { x: headHalf * 0.5, y: top + headMm * 0.16, turn: 155 }
    ]);
    toy.sit(head, body, 'top');
    return toy.draft(brief, ring, o, head);
  }
};
