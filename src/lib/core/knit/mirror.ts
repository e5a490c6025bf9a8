import { type CastOn, type Operation, otherSide } from '../plan';
import { ruleOf } from './operations';

/** Operations turned over on their pins, and nothing more. */
export function reflected(operations: readonly Operation[], pins: { from: number; to: number }): Operation[] {
  const over = {
    pin: (pin: number): number => pins.from + pins.to - pin,
    side: otherSide
  };
  return operations.map((op) => ruleOf(op).mirror(op, over));
}

/** Waste rows below which a strip may come apart by itself (craft 3.6). */
const LEAST_WASTE = 2;

/**
 * The mirror image of the operations of a panel on the same pins: edges swapped, cast-on reflected, and one waste row more
 * before the work, or one fewer where the first waste has an odd number, which moves the yarn to the other side (craft 8.6).
 * Without waste the cast-on itself is laid the other way.
 *
 * @param pins first and last pin of the piece
 * @example mirrored([castOn('w', 'e-wrap'), wasteRows('w', 5), …], { from: 3, to: 12 }) // 4 rows of waste
 */
export function mirrored(operations: readonly Operation[], pins: { from: number; to: number }): Operation[] {
  const turned = reflected(operations, pins);
  const first = turned.findIndex((op) => op.op === 'knit');
  const waste = turned[first];
  if (waste?.op !== 'knit' || waste.purpose === 'work') return turned;
  const rows = waste.rows % 2 === 1 && waste.rows > LEAST_WASTE ? waste.rows - 1 : waste.rows + 1;
  // The cast-on is laid as always.
  return turned.map((op, i) =>
    i === first ? { ...waste, rows } : op.op === 'castOn' ? laidAs(op, operations[i]!) : op
  );
}

/** A cast-on that leaves the yarn where another one does. */
function laidAs({ yarnAt: _, ...cast }: CastOn, as: Operation): CastOn {
  return as.op === 'castOn' && as.yarnAt ? { ...cast, yarnAt: as.yarnAt } : cast;
}
