import { edgePin, type RuleOf } from './rule';
import { cannotReach, cannotShape } from './shaping';

/** One stitch more, on the next pin beyond an edge of a panel. */
export const increase: RuleOf<'increase'> = {
  refuses: (ring, op) => {
    const no = cannotShape(ring, op) ?? cannotReach(ring, op);
    if (no) return no;
    if (op.stitches > 1) return { no: { code: 'several-at-once' }, pin: edgePin(ring, op.side) };
    const next = op.side === 'low' ? ring.low - 1 : ring.high + 1;
    const beyond = next < ring.firstPin || next > ring.firstPin + ring.width - 1;
    return beyond ? { no: { code: 'increase-reach', pin: next }, pin: next } : undefined;
  },
  does: (ring, op) => {
    if (op.side === 'low') ring.low -= op.stitches;
    else ring.high += op.stitches;
  },
  mirror: (op, { side }) => ({ ...op, side: side(op.side) }),
  minutes: () => 0.4
};
