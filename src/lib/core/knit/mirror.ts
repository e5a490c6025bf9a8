import type { Operation, Side } from '../plan';
import { ruleOf } from './operations';

/** Operations turned over on their pins, and nothing more. */
export function reflected(operations: readonly Operation[], pins: { from: number; to: number }): Operation[] {
  const over = {
    pin: (pin: number): number => pins.from + pins.to - pin,
    side: (side: Side): Side => (side === 'low' ? 'high' : 'low')
  };
  return operations.map((op) => ruleOf(op).mirror(op, over));
}

/**
 * The mirror image of the operations of a panel on the same pins: edges swapped, cast-on reflected, and one waste row
 * more before the work, which moves the yarn to the other side (craft 8.6).
 *
 * @param pins first and last pin of the piece
 * @throws RangeError when there is no waste before the work to lengthen
 */
export function mirrored(operations: readonly Operation[], pins: { from: number; to: number }): Operation[] {
  const first = operations.findIndex((op) => op.op === 'knit' && op.purpose !== 'work');
  if (first < 0) throw new RangeError('a mirror image needs waste rows before the work; received none');
  return reflected(operations, pins).map((op, i) =>
    i === first && op.op === 'knit' ? { ...op, rows: op.rows + 1 } : op
  );
}
