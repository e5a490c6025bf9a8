import { hangingCourse, machineOf } from '../kit';
import { type Executed, pieceAt, yarnOfFeed } from '../knit';
import type { Figure } from '../quantity';

/** Height of a hanging row of every yarn of a piece as tight as it is, worked out once for a piece. */
function coursesOf(run: Executed, p: number): (feed: number) => Figure {
  const machine = machineOf(run.kit, pieceAt(run, p).planned.machineId);
  const known: Figure[] = [];
  return (feed) =>
    (known[feed] ??= hangingCourse(
      run.kit,
      machine,
      run.yarns[yarnOfFeed(feed, run.yarns.length)]!,
      pieceAt(run, p).gauges[feed]!
    ));
}

/** Length of hanging rows for those who stop by tape: of any rows of a piece, from 1, both included (craft 5.5). */
export function hangingOf(run: Executed, p: number): (feed: number, rows: number) => number {
  const course = coursesOf(run, p);
  return (feed, rows) => rows * course(feed).value;
}

/** Length of the work of a piece that hangs once a true row is done, mm. */
export function hangingUpTo(run: Executed, p: number): (row: number) => number {
  const course = coursesOf(run, p);
  const runs = pieceAt(run, p).fabric.runs;
  return (row) => {
    let mm = 0;
    for (const { purpose, first, last, feed } of runs) {
      if (purpose === 0 && first < row) mm += (Math.min(last + 1, row) - first) * course(feed).value;
    }
    return mm;
  };
}

/** Length of the whole work of a piece as it hangs on the pins, waste left out. */
export function hangingMm(run: Executed, p: number): Figure {
  const course = coursesOf(run, p);
  let [value, low, high] = [0, 0, 0];
  let last: Figure | null = null;
  for (const r of pieceAt(run, p).fabric.runs) {
    if (r.purpose !== 0) continue;
    const rows = r.last - r.first + 1;
    last = course(r.feed);
    value += rows * last.value;
    low += rows * last.low;
    high += rows * last.high;
  }
  return {
    value,
    low,
    high,
    unit: 'mm',
    basis: last?.basis ?? 'default',
    because: last?.because ?? [{ say: 'nothing' }]
  };
}

/** Whether rows of a piece cannot be read off the machine's own counter. */
export const isBlind = (run: Executed, p: number): boolean => {
  const piece = pieceAt(run, p).planned;
  return piece.mode !== 'tube' || machineOf(run.kit, piece.machineId).counter === 'none';
};
