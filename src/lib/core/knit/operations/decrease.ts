import { edgePin, type RuleOf } from './rule';
import { cannotReach, cannotShape, cannotTake, take } from './shaping';

/** A full-fashioned decrease lifts three stitches and needs one to lift them onto (craft 8.3). */
const FASHIONED_NEEDS = 4;

/** One stitch less at an edge of a panel. */
export const decrease: RuleOf<'decrease'> = {
  refuses: (ring, op) => {
    const no = cannotShape(ring, op) ?? cannotTake(ring, op) ?? cannotReach(ring, op);
    if (no) return no;
    const pin = edgePin(ring, op.side);
    if (op.stitches > 1) return { no: { code: 'several-at-once' }, pin };
    const live = ring.high - ring.low + 1;
    if (op.method !== 'full-fashioned' || live >= FASHIONED_NEEDS) return undefined;
    return { no: { code: 'too-few', asked: FASHIONED_NEEDS, live, fashioned: true }, pin };
  },
  does: take,
  mirror: (op, { side }) => ({ ...op, side: side(op.side) }),
  minutes: (op) => (op.method === 'full-fashioned' ? 0.6 : 0.3)
};
