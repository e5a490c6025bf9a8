import { noted } from '../quantity';
import type { Executed } from './executed';

/** What lengths of a piece are read from. */
type Laid = Pick<Executed, 'fabric' | 'gauges'>;

/** Length of the rows of a piece up to each of them, mm at rest; as many entries as rows, and one before the first. */
export const lengthsOf = noted(
  (piece: Executed['fabric']['pieces'][number], gauges: Executed['gauges'][number]): Float64Array => {
    const upTo = new Float64Array(piece.rows + 1);
    let mm = 0;
    for (const run of piece.runs) {
      const course = 10 / gauges[run.feed]!.courses.value;
      for (let row = run.first; row <= run.last; row++) upTo[row + 1] = mm += course;
    }
    return upTo;
  }
);

/** Length of a stretch of work rows of a piece, from 1, both included, at rest, in mm. */
export function lengthOfRows(run: Laid, p: number, from: number, to: number): number {
  if (to < from) return 0;
  const piece = run.fabric.pieces[p]!;
  const { first } = piece.work;
  const gauges = run.gauges[p]!;
  const upTo = lengthsOf(piece, gauges);
  // Rows that an act names and the fabric does not have are as high as those of its first yarn.
  const { rows } = piece;
  const at = (row: number): number =>
    row >= 0 && row <= rows
      ? upTo[row]!
      : upTo[Math.max(0, Math.min(rows, row))]! + ((row < 0 ? row : row - rows) * 10) / gauges[0]!.courses.value;
  return at(first + to) - at(first + from - 1);
}

/** Length of all work rows of a piece at rest, rows that hang doubled counted half. */
export function lengthMmOf(run: Laid, p: number): number {
  const piece = run.fabric.pieces[p]!;
  const span = piece.work;
  const doubled = piece.doubled.reduce(
    (sum, d) => sum + lengthOfRows(run, p, d.from - span.first, d.to - span.first) / 2,
    0
  );
  return lengthOfRows(run, p, 1, span.count) - doubled;
}
