import { sum } from 'd3-array';
import type { Piece } from './operations';

/**
 * More than any knitter reaches, and as much as a plan may cost: a million stitches are 20,000 rows on a large ring, two
 * thousand sections are a new colour every fourth row of 8,000 (own estimate, no source).
 */
const BOUNDS = {
  /** Stitches of pieces that differ: each is executed once. */
  stitches: 1_000_000,
  /** Stitches of all copies together. */
  copied: 20_000_000,
  /** Runs of rows, decreases and whatever else is told on its own. */
  operations: 2000,
  /** Pieces that differ: a blanket of thirty strips of eight blocks, two metres wide on a small ring. */
  pieces: 240
} as const;

/** What a plan asks of the machine, counted before it is executed. */
function extentOf(pieces: readonly Piece[]): Readonly<Record<keyof typeof BOUNDS, number>> {
  const stitches = pieces.map(
    (piece) => (Math.abs(piece.to - piece.from) + 1) * sum(piece.operations, (op) => (op.op === 'knit' ? op.rows : 0))
  );
  return {
    stitches: sum(stitches),
    copied: sum(pieces, ({ copies }, i) => stitches[i]! * copies),
    operations: sum(pieces, (piece) => piece.operations.length),
    pieces: pieces.length
  };
}

/**
 * What a plan has too much of, or nothing.
 *
 * @example beyond(plan.pieces) // { what: 'operations', most: 2000, asked: 20022 }
 */
export function beyond(pieces: readonly Piece[]): { what: keyof typeof BOUNDS; most: number; asked: number } | null {
  const extent = extentOf(pieces);
  for (const what of ['pieces', 'operations', 'stitches', 'copied'] as const)
    if (extent[what] > BOUNDS[what]) return { what, most: BOUNDS[what], asked: extent[what] };
  return null;
}
