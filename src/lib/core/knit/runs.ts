import type { PieceFabric, RowRun, WorkSpan } from './fabric';

/**
 * Gathers the rows of a piece into runs of one operation each.
 *
 * @param piece what was written down row by row
 * @example runsOf(piece) // [{ first: 0, last: 50, yarn: 0, purpose: 0, operation: 2 }]
 */
export function runsOf(piece: Omit<PieceFabric, 'runs' | 'work'>): RowRun[] {
  const runs: RowRun[] = [];
  const { rows } = piece;
  let first = 0;
  for (let row = 1; row <= rows; row++) {
    if (row < rows && piece.operation[row] === piece.operation[first]) continue;
    runs.push({
      first,
      last: row - 1,
      yarn: piece.yarn[first]!,
      feed: piece.feed[first]!,
      purpose: piece.purpose[first]!,
      operation: piece.operation[first]!
    });
    first = row;
  }
  return runs;
}

/** Where the work lies in the runs of a piece; it counts no row where there is none. */
export function workIn(runs: readonly RowRun[]): WorkSpan {
  const first = runs.find((run) => run.purpose === 0)?.first ?? 0;
  const last = runs.findLast((run) => run.purpose === 0)?.last ?? -1;
  return { first, last, count: last - first + 1 };
}
