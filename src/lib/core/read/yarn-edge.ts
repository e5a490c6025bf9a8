import type { PieceFabric } from '../knit';
import { otherSide, type Side } from '../plan';

/**
 * After any count of rows the yarn of a panel stands at a known edge, so "at which edge is your yarn?" finds a
 * miscount for nothing
 * (craft 8.6).
 */

/** What the answer says of the count. */
export interface EdgeAnswer {
  /** Pin at which the yarn stands by the count, and at which it was said to stand. */
  readonly expected: number;
  readonly said: number;
  /** The nearest counts of the piece's rows at which it stands where it was said: none where it agrees. */
  readonly instead: readonly number[];
  /** By how many rows the count is off at least; 0 where it agrees. */
  readonly off: number;
}

/** Edge at which the yarn stands after so many rows of a panel; before the first, where the cast-on left it. */
export function edgeAfter({ yarnAt }: Pick<PieceFabric, 'yarnAt'>, rows: number): Side {
  const after = (row: number): Side => (yarnAt[row] === 0 ? 'low' : 'high');
  return rows > 0 ? after(Math.min(rows, yarnAt.length) - 1) : otherSide(after(0));
}

/**
 * Compares where the knitter sees the yarn with where the count has it.
 *
 * @param rows of the piece that are counted, waste and all
 * @param side where the knitter sees it
 * @example yarnEdge(fabric, 80, 'high') // { expected: 5, said: 43, instead: [79, 81], off: 1 }
 */
export function yarnEdge(
  fabric: Pick<PieceFabric, 'yarnAt' | 'low' | 'high' | 'rows'>,
  rows: number,
  side: Side
): EdgeAnswer {
  const row = Math.max(0, Math.min(rows, fabric.rows) - 1);
  const pinAt = (edge: Side): number => (edge === 'low' ? fabric.low : fabric.high)[row]!;
  const expected = edgeAfter(fabric, rows);
  const facts = { expected: pinAt(expected), said: pinAt(side) };
  if (expected === side) return { ...facts, instead: [], off: 0 };
  for (let off = 1; off <= fabric.rows; off++) {
    const instead = [rows - off, rows + off].filter((n) => n >= 0 && n <= fabric.rows && edgeAfter(fabric, n) === side);
    if (instead.length > 0) return { ...facts, instead, off };
  }
  return { ...facts, instead: [], off: 1 };
}
