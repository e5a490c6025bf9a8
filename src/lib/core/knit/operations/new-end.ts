import { empty, type RuleOf } from './rule';

/** The yarn is cut, and begins anew at an edge. */
export const newEnd: RuleOf<'newEnd'> = {
  refuses: (ring) => {
    if (!ring.occupied) return empty('begin');
    return ring.mode === 'tube' ? { no: { code: 'tube-shaped', begin: true } } : undefined;
  },
  does: (ring, op) => {
    ring.yarnAt = op.side;
    ring.threaded = null;
  },
  mirror: (op, { side }) => ({ ...op, side: side(op.side) }),
  minutes: () => 1
};
