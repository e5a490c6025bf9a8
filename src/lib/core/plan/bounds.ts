import { sum } from 'd3-array';
import { apartIn } from './apart';
import type { Plan } from './plan';

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
  pieces: 240,
  /** Pieces that lie on the table one by one, so that hands have each of them to sew. */
  apart: 240
} as const;

/** What a plan asks of the machine, counted before it is executed. */
function extentOf({ pieces, acts }: Pick<Plan, 'pieces' | 'acts'>): Readonly<Record<keyof typeof BOUNDS, number>> {
  const stitches = pieces.map(
    (piece) => (Math.abs(piece.to - piece.from) + 1) * sum(piece.operations, (op) => (op.op === 'knit' ? op.rows : 0))
  );
  const named = apartIn(acts);
  return {
    stitches: sum(stitches),
    copied: sum(pieces, ({ copies }, i) => stitches[i]! * copies),
    operations: sum(pieces, (piece) => piece.operations.length),
    pieces: pieces.length,
    apart: sum(pieces, ({ copies }, p) => (named.has(p) ? copies : 1))
  };
}

/**
 * What a plan has too much of, or nothing.
 *
 * @example beyond(plan) // { what: 'operations', most: 2000, asked: 20022 }
 */
export function beyond(
  plan: Pick<Plan, 'pieces' | 'acts'>
): { what: keyof typeof BOUNDS; most: number; asked: number } | null {
  const extent = extentOf(plan);
  for (const what of ['pieces', 'apart', 'operations', 'stitches', 'copied'] as const)
    if (extent[what] > BOUNDS[what]) return { what, most: BOUNDS[what], asked: extent[what] };
  return null;
}
