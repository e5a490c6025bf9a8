import type { OperationOf } from '../../plan';
import type { Ring } from '../ring';
import { edgePin, empty, type No } from './rule';

/** What every shaping of an edge is refused for. */
export function cannotShape(ring: Ring, op: OperationOf<'decrease' | 'increase' | 'hold'>): No | undefined {
  if (!ring.occupied) return empty('shape');
  if (ring.mode === 'tube') return { no: { code: 'tube-shaped', begin: false } };
  return op.stitches < 1 ? { no: { code: 'no-stitches', float: false, stitches: op.stitches } } : undefined;
}

/** Edge work happens where the yarn stands, as the next row begins (craft 8.1). */
export function cannotReach(ring: Ring, op: OperationOf<'decrease' | 'increase' | 'hold'>): No | undefined {
  if (ring.yarnAt === op.side) return undefined;
  return { no: { code: 'far-edge', doing: op.op, yarnPin: edgePin(ring, ring.yarnAt) }, pin: edgePin(ring, op.side) };
}

/** A panel keeps a stitch at least. */
export function cannotTake(ring: Ring, op: OperationOf<'decrease' | 'hold'>): No | undefined {
  const live = ring.high - ring.low + 1;
  if (live - op.stitches >= 1) return undefined;
  return { no: { code: 'too-few', asked: op.stitches, live, fashioned: false }, pin: edgePin(ring, op.side) };
}

/** Takes edge stitches away. */
export function take(ring: Ring, op: OperationOf<'decrease' | 'hold'>): void {
  if (op.side === 'low') ring.low += op.stitches;
  else ring.high -= op.stitches;
}
