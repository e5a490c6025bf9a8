import { edgePin, type RuleOf } from './rule';
import { cannotShape, cannotTake, take } from './shaping';

/** Edge stitches taken off onto a thread; only where the yarn stands. */
export const hold: RuleOf<'hold'> = {
  refuses: (ring, op) => {
    const no = cannotShape(ring, op) ?? cannotTake(ring, op);
    if (no ?? ring.yarnAt === op.side) return no;
    return { no: { code: 'hold-no-yarn', yarnPin: edgePin(ring, ring.yarnAt) }, pin: edgePin(ring, op.side) };
  },
  does: take,
  mirror: (op, { side }) => ({ ...op, side: side(op.side) }),
  minutes: (op) => 0.5 + 0.1 * op.stitches
};
