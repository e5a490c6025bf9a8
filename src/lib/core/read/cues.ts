import type { Executed, RowRun } from './executed';

/** Something to do or mind while rows go by. Rows are the true count of the piece, from 1. */
export interface Cue {
  /** The row it is due after; 0 is before the first row. */
  readonly row: number;
  readonly kind: 'slow' | 'loose' | 'speed-up' | 'tie' | 'doughnut' | 'clog' | 'last-row';
  readonly sentence: string;
}

/** Stitches fall off most in the first rows (handbook section 3). */
const SLOW_UNTIL = 12;

/** From about here a long tube clogs the middle of the ring (handbook section 7). */
const CLOGS_FROM = 250;

/** Rows between two reminders to untwist a long tube (own estimate, no source). */
const CLOG_EVERY = 50;

/** Fabric length at which it touches the table under most machines (own estimate, no source). */
const TABLE_MM = 250;

/** Cues of a section: what its rows bring, and what the join before it leaves to do. */
export function cuesOf(run: Executed, p: number, r: RowRun, joined: boolean, last: boolean): Cue[] {
  const cues: Cue[] = [];
  const start = r.first;
  const end = r.last + 1;
  const tube = run.plan.pieces[p]!.mode === 'tube';
  if (start === 0 && !tube) {
    cues.push({
      row: 0,
      kind: 'slow',
      sentence:
        run.plan.pieces[p]!.mode === 'panel'
          ? 'At either end slip the yarn under the bumper beyond the edge pin, with a light pull; never force the stop.'
          : 'Turn to and fro by hand; at either end a light pull until the edge stitch is made.'
    });
  }
  if (start === 0 && tube) {
    cues.push({
      row: 0,
      kind: 'slow',
      sentence: `Crank slowly until row ${SLOW_UNTIL}: stitches fall off most in the first rows.`
    });
  }
  if (tube && start < SLOW_UNTIL && end >= SLOW_UNTIL) {
    cues.push({
      row: SLOW_UNTIL,
      kind: 'speed-up',
      sentence: 'All pins hold now: find your speed, and pull slack ahead every few turns.'
    });
  }
  if (run.fabric.pieces[p]!.doubled.some((d) => d.from - 1 === start)) {
    cues.push({
      row: start,
      kind: 'loose',
      sentence: 'Knit the next row loosely: it is lifted back onto the pins later.'
    });
  }
  const tieAt = start + run.kit.habits.tieAfterRows;
  if (joined && tieAt <= end) {
    cues.push({
      row: tieAt,
      kind: 'tie',
      sentence: `Tie the two tails of the join at row ${start + 1}; do not cinch.`
    });
  }
  const courses = run.gauges[p]![r.yarn]!.courses.value;
  const tableRow = Math.round((TABLE_MM / 10) * courses);
  for (let row = tableRow; tube && row <= end && row < CLOGS_FROM; row += tableRow) {
    if (row > start) {
      cues.push({
        row,
        kind: 'doughnut',
        sentence: 'The fabric nears the table: roll it up on itself like a doughnut, so that it pushes no stitch off.'
      });
    }
  }
  const firstClog = Math.max(CLOGS_FROM, CLOGS_FROM + Math.ceil((start + 1 - CLOGS_FROM) / CLOG_EVERY) * CLOG_EVERY);
  for (let row = firstClog; row <= end; row += CLOG_EVERY) {
    cues.push({
      row,
      kind: 'clog',
      sentence: tube
        ? 'A long tube clogs the middle: untwist it and let it hang free.'
        : 'The cord grows long: let it hang free and untwist it.'
    });
  }
  if (last) {
    cues.push({
      row: end,
      kind: 'last-row',
      sentence: tube ? 'That was the last row: stop just before the marker.' : 'That was the last row.'
    });
  }
  return cues.sort((a, b) => a.row - b.row);
}
