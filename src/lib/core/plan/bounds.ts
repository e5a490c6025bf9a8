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
  /** Rows of all pieces that differ or lie apart: sixteen strips of eight blocks of 300 rows, eleven hours of cranking. */
  rows: 40_000,
  /** Stitches of all copies together. */
  copied: 20_000_000,
  /** Runs of rows, decreases and whatever else is told on its own. */
  operations: 2000,
  /** Pieces that differ: a blanket of twenty strips of eight blocks, two metres wide on a small ring. */
  pieces: 160,
  /** Pieces that lie on the table one by one, so that hands have each of them to sew. */
  apart: 160
} as const;

/** What a plan asks of the machine, counted before it is executed. */
function extentOf({ pieces, acts }: Pick<Plan, 'pieces' | 'acts'>): Readonly<Record<keyof typeof BOUNDS, number>> {
  const rows = pieces.map((piece) => sum(piece.operations, (op) => (op.op === 'knit' ? op.rows : 0)));
  const stitches = pieces.map((piece, i) => (Math.abs(piece.to - piece.from) + 1) * rows[i]!);
  const named = apartIn(acts);
  const times = pieces.map(({ copies }, p) => (named.has(p) ? copies : 1));
  return {
    stitches: sum(stitches),
    copied: sum(pieces, ({ copies }, i) => stitches[i]! * copies),
    operations: sum(pieces, (piece) => piece.operations.length),
    pieces: pieces.length,
    rows: sum(rows, (n, p) => n * times[p]!),
    apart: sum(times)
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
  for (const what of ['pieces', 'apart', 'operations', 'rows', 'stitches', 'copied'] as const)
    if (extent[what] > BOUNDS[what]) return { what, most: BOUNDS[what], asked: extent[what] };
  return null;
}
