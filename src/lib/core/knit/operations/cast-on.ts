import { CAST_ON_ENDS } from '../../plan';
import { reachOf } from '../ring';
import { pinsOf, type RuleOf } from './rule';

/** Loops on every pin of the piece, or on some of them. */
export const castOn: RuleOf<'castOn'> = {
  refuses: (ring, { pins }) => {
    if (ring.occupied) return { no: { code: 'pins-full' } };
    if (!pins || (pins.from >= ring.from && pins.to <= ring.to && pins.from <= pins.to)) return undefined;
    return { no: { code: 'pin-out-of-reach', ...pins, of: 'piece', first: ring.from, pins: ring.to }, pin: pins.from };
  },
  does: (ring, op, { machine }) => {
    const { firstPin, width } = reachOf(machine, ring.mode, op.pins?.from ?? ring.from, op.pins?.to ?? ring.to);
    ring.occupied = true;
    ring.low = firstPin;
    ring.high = firstPin + width - 1;
    ring.yarnAt = op.yarnAt ?? CAST_ON_ENDS;
  },
  mirror: (op, { pin, side }) => ({
    ...op,
    yarnAt: side(op.yarnAt ?? CAST_ON_ENDS),
    ...(op.pins && { pins: { from: pin(op.pins.to), to: pin(op.pins.from) } })
  }),
  minutes: (op, piece) => {
    const cast = op.pins ? op.pins.to - op.pins.from + 1 : pinsOf(piece);
    // By the pin: 1.2 s woven, 3.6 s wrapped, 3 s for a loop of a rag (common practice, no source).
    return { rag: 0.05 * cast, 'e-wrap': 0.06 * cast, weave: 0.02 * cast }[op.style];
  }
};
