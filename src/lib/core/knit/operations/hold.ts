import type { RuleOf } from './rule';
import { cannotReach, cannotShape, cannotTake, take } from './shaping';

/** Edge stitches taken off onto a thread; only where the yarn stands. */
export const hold: RuleOf<'hold'> = {
  refuses: (ring, op) => cannotShape(ring, op) ?? cannotTake(ring, op) ?? cannotReach(ring, op),
  does: take,
  mirror: (op, { side }) => ({ ...op, side: side(op.side) }),
  minutes: (op) => 0.5 + 0.1 * op.stitches
};
