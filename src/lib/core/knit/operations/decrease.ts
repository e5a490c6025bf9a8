import type { DecreaseMethod } from '../../plan';
import { edgePin, type RuleOf } from './rule';
import { cannotReach, cannotShape, cannotTake, take } from './shaping';

/** A full-fashioned decrease lifts three stitches or four and leaves three at least (craft 8.3). */
const NEEDS: Readonly<Record<DecreaseMethod, number>> = { 'full-fashioned': 4, 'two-edge': 4, double: 5, simple: 2 };

/** By how many stitches are lifted and set (common practice, no source). */
const MINUTES: Readonly<Record<DecreaseMethod, number>> = {
  'full-fashioned': 0.6,
  'two-edge': 0.75,
  double: 0.75,
  simple: 0.3
};

/** One stitch less at an edge of a panel, or two. */
export const decrease: RuleOf<'decrease'> = {
  refuses: (ring, op) => {
    const no = cannotShape(ring, op) ?? cannotTake(ring, op) ?? cannotReach(ring, op);
    if (no) return no;
    const pin = edgePin(ring, op.side);
    if (op.stitches > (op.method === 'double' ? 2 : 1)) return { no: { code: 'several-at-once' }, pin };
    const live = ring.high - ring.low + 1;
    if (op.method === 'simple' || live >= NEEDS[op.method]) return undefined;
    return { no: { code: 'too-few', asked: NEEDS[op.method], live, fashioned: true }, pin };
  },
  does: take,
  mirror: (op, { side }) => ({ ...op, side: side(op.side) }),
  minutes: (op) => MINUTES[op.method]
};
