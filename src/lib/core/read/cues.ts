import { type Executed, type RowRun, workOf } from '../knit';
import type { What } from './facts';

/** What a cue says, as facts, by its kind. */
export interface CueFacts {
  /** Go slowly: a panel between its stops, a few pins turned by hand, a tube in its first rows. */
  readonly slow: { readonly how: 'panel' | 'by-hand' | 'tube'; readonly until: number };
  readonly 'speed-up': Record<never, never>;
  /** The next row is lifted back later. */
  readonly loose: Record<never, never>;
  /** Tails of the join at a row. */
  readonly tie: { readonly row: number };
  readonly doughnut: Record<never, never>;
  readonly clog: { readonly tube: boolean };
  readonly 'last-row': { readonly tube: boolean };
  /** A yarn is changed before the next row, perhaps some pins before this one ends; or hands have something to do. */
  readonly change: { readonly what: What; readonly before: number };
  readonly hand: { readonly what: What };
}
export type CueKind = keyof CueFacts;

/** Something to do or mind while rows go by. Rows are the true count of the piece, from 1. */
export type Cue = {
  readonly [K in CueKind]: {
    /** The row it is due after; 0 is before the first row. */
    readonly row: number;
    readonly kind: K;
    readonly facts: CueFacts[K];
  };
}[CueKind];

/** Stitches fall off most in the first rows (craft 3.5). */
const SLOW_UNTIL = 12;

/** From about here a long tube clogs the middle of the ring (craft 7.6). */
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
  const { mode } = run.plan.pieces[p]!;
  const tube = mode === 'tube';
  if (start === 0) {
    const how = tube ? 'tube' : mode === 'panel' ? 'panel' : 'by-hand';
    cues.push({ row: 0, kind: 'slow', facts: { how, until: SLOW_UNTIL } });
  }
  if (tube && start < SLOW_UNTIL && end >= SLOW_UNTIL) cues.push({ row: SLOW_UNTIL, kind: 'speed-up', facts: {} });
  if (run.fabric.pieces[p]!.doubled.some((d) => d.from - 1 === start)) {
    cues.push({ row: start, kind: 'loose', facts: {} });
  }
  const tieAt = start + run.kit.habits.tieAfterRows;
  if (joined && tieAt <= end)
    cues.push({ row: tieAt, kind: 'tie', facts: { row: start + 1 - workOf(run.fabric.pieces[p]!).before } });
  const courses = run.gauges[p]![r.yarn]!.courses.value;
  const tableRow = Math.round((TABLE_MM / 10) * courses);
  for (let row = tableRow; tube && row <= end && row < CLOGS_FROM; row += tableRow) {
    if (row > start) cues.push({ row, kind: 'doughnut', facts: {} });
  }
  const firstClog = Math.max(CLOGS_FROM, CLOGS_FROM + Math.ceil((start + 1 - CLOGS_FROM) / CLOG_EVERY) * CLOG_EVERY);
  for (let row = firstClog; row <= end; row += CLOG_EVERY) cues.push({ row, kind: 'clog', facts: { tube } });
  if (last) cues.push({ row: end, kind: 'last-row', facts: { tube } });
  return cues.sort((a, b) => a.row - b.row);
}
