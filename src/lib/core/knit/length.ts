import { type Executed, rowRuns, workSpan } from './executed';

/** Length of a stretch of work rows of a piece, from 1, both included, at rest, in mm. */
export function lengthOfRows(run: Executed, p: number, from: number, to: number): number {
  const piece = run.fabric.pieces[p]!;
  const { first } = workSpan(rowRuns(piece));
  let mm = 0;
  for (let row = from; row <= to; row++) {
    mm += 10 / run.gauges[p]![piece.yarn[first + row - 1] ?? 0]!.courses.value;
  }
  return mm;
}

/** Length of all work rows of a piece at rest, rows that hang doubled counted half. */
export function lengthMmOf(run: Executed, p: number): number {
  const piece = run.fabric.pieces[p]!;
  const span = workSpan(rowRuns(piece));
  const doubled = piece.doubled.reduce(
    (sum, d) => sum + lengthOfRows(run, p, d.from - span.first, d.to - span.first) / 2,
    0
  );
  return lengthOfRows(run, p, 1, span.count) - doubled;
}
