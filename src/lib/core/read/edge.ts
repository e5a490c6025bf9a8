import type { RunRef } from '../plan';
import { type Executed, mainGauge, pieceAt } from '../knit';
import { lengthOfRows } from '../knit';

/** An edge of a piece as a seam meets it: what it counts and how long it is. */
export interface EdgeSize {
  readonly count: number;
  readonly unit: 'stitches' | 'rows';
  readonly mm: number;
}

/** Measures an edge off the fabric. */
export function edgeSize(run: Pick<Executed, 'fabric' | 'gauges' | 'plan'>, e: RunRef): EdgeSize {
  const piece = pieceAt(run, e.piece).fabric;
  const span = piece.work;
  if (e.run === 'upper' || e.run === 'lower' || e.run === 'side') {
    const from = e.rows?.from ?? 1;
    const to = Math.min(e.rows?.to ?? span.count, span.count);
    const count = Math.max(0, to - from + 1);
    return { count, unit: 'rows', mm: lengthOfRows(run, e.piece, from, to) };
  }
  if (e.run === 'held') {
    const { from, to } = e.rows ?? { from: 1, to: span.count };
    const { operations } = pieceAt(run, e.piece).planned;
    const count = piece.trace.reduce((sum, t) => {
      const op = operations[t.operation]!;
      const row = t.rowsBefore - span.first;
      return op.op === 'hold' && op.side === e.side && row >= from && row <= to ? sum + op.stitches : sum;
    }, 0);
    return { count, unit: 'stitches', mm: (10 * count) / mainGauge(run, e.piece).wales.value };
  }
  const row = e.run === 'cast-on' ? span.first : span.last;
  const [low, high] = [piece.low[row] ?? 0, piece.high[row] ?? -1];
  const last = piece.trace.at(-2);
  // Shaping after the last row counts too: what hangs there when the piece comes off.
  const end = e.run === 'hung-off' && last && last.low > 0 ? last : { low, high };
  const from = Math.max(end.low, e.pins?.from ?? end.low);
  const to = Math.min(end.high, e.pins?.to ?? end.high);
  const count = Math.max(0, to - from + 1) - piece.ladders.length;
  return { count, unit: 'stitches', mm: (10 * count) / mainGauge(run, e.piece).wales.value };
}
