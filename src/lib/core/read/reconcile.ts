import { hangingCourse, machineOf, strandTex } from '../kit';
import { type Executed, pieceAt, workOf, yarnOfFeed } from '../knit';
import type { Leg } from './track';

/** The row of a piece that agrees with what was seen, waste and all, and between which it may be. */
export interface Agreed {
  readonly row: number;
  readonly low: number;
  readonly high: number;
}

/**
 * The row of a piece after which the machine's counter shows a number. By the schools that begin at every section there are
 * several: the one nearest to the count so far.
 *
 * @param now rows of the piece that are counted so far
 * @returns null where the counter never shows it, or shows nothing true
 * @example rowByCounter(leg, 23, 85) // 87, where row 64 set it to zero
 */
export function rowByCounter(leg: Pick<Leg, 'rows' | 'counter'>, shows: number, now: number): number | null {
  let best: number | null = null;
  for (let row = 1; row <= leg.rows; row++) {
    if (leg.counter(row) !== shows) continue;
    if (best === null || Math.abs(row - now) < Math.abs(best - now)) best = row;
  }
  return best;
}

/** The first row at which a sum that grows row by row is nearest to what was measured. */
function nearest(from: number, to: number, measured: number, of: (row: number) => number): number {
  let sum = 0;
  for (let row = from; row <= to; row++) {
    const next = sum + of(row);
    if (next >= measured) return next - measured < measured - sum ? row : row - 1;
    sum = next;
  }
  return to;
}

/** The same with a row that is longer or shorter than thought: what may be, and what is likely. */
function agreed(
  from: number,
  to: number,
  measured: number,
  of: (row: number) => { value: number; low: number; high: number }
): Agreed {
  return {
    row: nearest(from, to, measured, (row) => of(row).value),
    low: nearest(from, to, measured, (row) => of(row).high),
    high: nearest(from, to, measured, (row) => of(row).low)
  };
}

/**
 * The row at which the work of a piece hangs so long from the pins (craft 5.5).
 *
 * @param mm from the first row of the work to the pins, waste left out
 * @example rowByTape(result, 0, 270).row // 86
 */
export function rowByTape(run: Executed, p: number, mm: number): Agreed {
  const { planned, fabric: knitted, gauges } = pieceAt(run, p);
  const machine = machineOf(run.kit, planned.machineId);
  const courses = gauges.map((gauge, i) => hangingCourse(run.kit, machine, run.yarns[yarnOfFeed(i, run.yarns.length)]!, gauge)); // prettier-ignore
  const { before, rows } = workOf(knitted);
  return agreed(before + 1, before + rows, mm, (row) => courses[knitted.feed[row - 1]!]!);
}

/** The rows around one that are knitted in the same yarn without a break: the first and the last. */
export function stretchOfYarn(run: Executed, p: number, row: number): { readonly from: number; readonly to: number } {
  const { yarn, rows } = pieceAt(run, p).fabric;
  const at = Math.max(1, Math.min(row, rows));
  let [from, to] = [at, at];
  while (from > 1 && yarn[from - 2] === yarn[at - 1]) from--;
  while (to < rows && yarn[to] === yarn[at - 1]) to++;
  return { from, to };
}

/**
 * The row at which so much of a ball is used up, from the row on at which its yarn began.
 *
 * @param now a row of that yarn
 * @param grams what the ball has lost since then
 * @example rowByWeight(result, 0, 50, 46.2).row // 62
 */
export function rowByWeight(run: Executed, p: number, now: number, grams: number): Agreed {
  const { fabric: knitted, gauges } = pieceAt(run, p);
  const { from, to } = stretchOfYarn(run, p, now);
  const index = knitted.yarn[from - 1]!;
  const yarn = run.yarns[index]!;
  const { loopSpread } = gauges[knitted.feed[from - 1]!]!;
  // Metres of a row times the strands, times what a metre weighs.
  const each = (row: number): number => (((knitted.stitches[row - 1]! * gauges[knitted.feed[row - 1]!]!.loopMm) / 1000) * yarn.strands * strandTex(yarn)) / 1000; // prettier-ignore
  return agreed(from, to, grams, (row) => ({
    value: each(row),
    low: each(row) * (1 - loopSpread),
    high: each(row) * (1 + loopSpread)
  }));
}
