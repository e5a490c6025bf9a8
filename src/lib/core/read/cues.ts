import { type Executed, type PieceRun, type RowRun, workOf } from '../knit';
import type { Side } from '../plan';
import type { What } from './facts';
import { hangingUpTo, isBlind } from './hanging';
import type { TensionFacts } from './tension';

/** What a cue says, as facts, by its kind. */
export interface CueFacts {
  /** Go slowly: a panel between its stops, a few pins turned by hand, a tube in its first rows. */
  readonly slow: { readonly how: 'panel' | 'by-hand' | 'tube'; readonly until: number };
  readonly 'speed-up': Record<never, never>;
  /** The next row is lifted back later. */
  readonly loose: Record<never, never>;
  /** How the yarn of the work is held, where waste was knitted before it. */
  readonly 'yarn-hint': { readonly yarn: string; readonly stretch: 'little' | 'much' };
  /** Tails of the join at a row. */
  /** `forGood`: knotted and trimmed there; else only loosely, to be tied once the piece was stretched. */
  readonly tie: { readonly row: number; readonly forGood: boolean };
  readonly doughnut: Record<never, never>;
  /** Loops that stand at the edges of a panel are pushed down. */
  readonly 'edge-loops': Record<never, never>;
  /** Loops of a cord or a narrow strip, which drops most stitches. */
  readonly 'cord-loops': Record<never, never>;
  /** From the next row on the yarn runs tighter or looser. */
  readonly tension: TensionFacts;
  /**
   * Where no counter tells: what a tape shows from the pins down to the first row of the work; waste hangs below it.
   */
  readonly tape: { readonly mm: number; readonly row: number; readonly waste: boolean };
  /**
   * A marker in the edge stitch, found again by seams: there the body ends and an armhole begins, or a slope such as
   * a neck.
   */
  readonly marker: { readonly pin: number; readonly underarm: boolean };
  /** A step in the knitter's own words. */
  readonly own: { readonly text: string };
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

/** Rows of a panel until loops at its edges are pushed down again (own estimate, no source). */
const EDGES_EVERY = 20;

/**
 * Rows of a cord until its loops are pushed down again, and how many stitches make a panel a cord (own estimates, no
 * source).
 */
const CORD_EVERY = 10;
const CORD_STITCHES = 8;

/** Rows between two looks at the tape where the counter is blind (own estimate, no source). */
const TAPE_EVERY = 30;

/** Shortest edge below a marker, rows: where the shaping begins with the piece, its corner is mark enough. */
const MARKED_FROM = 4;

/** Where the body of a piece of a garment ends and where its other edges begin to be shaped: true rows of the piece. */
function markersOf(run: Executed, { fabric, planned, index }: PieceRun): ({ row: number } & CueFacts['marker'])[] {
  const { garment } = run.notes;
  if (!garment) return [];
  const { trace } = fabric;
  const { before } = workOf(fabric);
  const underarm = garment.underarms.find(({ piece }) => piece === index);
  const seen = new Set<Side>(underarm?.sides);
  // An armhole begins where the body ends, whatever is shaped there or not.
  const markers = (underarm?.sides ?? []).map((side) => {
    const row = before + underarm!.row;
    return { row, pin: (side === 'low' ? fabric.low : fabric.high)[row - 1]!, underarm: true };
  });
  for (const [i, t] of trace.entries()) {
    const op = planned.operations[t.operation]!;
    if ((op.op !== 'hold' && op.op !== 'decrease') || seen.has(op.side)) continue;
    seen.add(op.side);
    const hung = trace[i - 1]!;
    if (t.rowsBefore >= before + MARKED_FROM)
      markers.push({ row: t.rowsBefore, pin: op.side === 'low' ? hung.low : hung.high, underarm: false });
    if (seen.size === 2) break;
  }
  return markers;
}

/** What the cues of all sections of a piece share, worked out once. */
export interface Due {
  readonly at: PieceRun;
  readonly before: number;
  readonly rows: number;
  readonly markers: ReturnType<typeof markersOf>;
  /** Length of the work that hangs once a true row is done, mm; null where the counter tells rows. */
  readonly hangs: ((row: number) => number) | null;
}

/** What is due anywhere in a piece. */
export function dueIn(run: Executed, at: PieceRun): Due {
  const { before, rows } = workOf(at.fabric);
  const hangs = isBlind(run, at.index) ? hangingUpTo(run, at.index) : null;
  return { at, before, rows, markers: markersOf(run, at), hangs };
}

/** Cues that say all by being there share this. */
const NOTHING = Object.freeze({});

/** The first row after a start at which so many rows of the work, or so many times as many, are done. */
const firstAfter = (start: number, before: number, gap: number): number =>
  before + gap * Math.max(1, Math.floor((start - before) / gap) + 1);

/** What is looked at in a panel, and where the counter is blind. */
function addLooks(cues: Cue[], due: Due, r: RowRun): void {
  if (r.purpose !== 0) return;
  const { at, before, rows, markers, hangs } = due;
  const isPanel = at.planned.mode === 'panel' && at.planned.to - at.planned.from >= CORD_STITCHES;
  const start = r.first;
  const end = r.last + 1;
  // Not at the very end of the section or of the work.
  const until = before + Math.min(rows, end - before + 1);
  for (let row = firstAfter(start, before, EDGES_EVERY); isPanel && row < until; row += EDGES_EVERY)
    cues.push({ row, kind: 'edge-loops', facts: NOTHING });
  const isCord = at.planned.mode !== 'tube' && at.planned.to - at.planned.from < CORD_STITCHES;
  for (let row = firstAfter(start, before, CORD_EVERY); isCord && row < until; row += CORD_EVERY)
    cues.push({ row, kind: 'cord-loops', facts: NOTHING });
  for (let row = firstAfter(start, before, TAPE_EVERY); hangs && row < until; row += TAPE_EVERY)
    cues.push({ row, kind: 'tape', facts: { mm: hangs(row), row: row - before, waste: before > 0 } });
  for (const { row, pin, underarm } of markers) {
    if (row > start && row <= end) cues.push({ row, kind: 'marker', facts: { pin, underarm } });
  }
  // Of a section that follows another, the row before its first one belongs to that.
  const first = start === before;
  for (const { row: work, text } of at.planned.own ?? []) {
    const row = before + work;
    if ((row > start || (first && row === start)) && row <= end) cues.push({ row, kind: 'own', facts: { text } });
  }
}

/** Most sections have a cue or two, in their order. */
function isInOrder(cues: readonly Cue[]): boolean {
  for (let i = 1; i < cues.length; i++) if (cues[i]!.row < cues[i - 1]!.row) return false;
  return true;
}

/** Cues of a section: what its rows bring, and what the join before it leaves to do. */
export function cuesOf(
  run: Executed,
  due: Due,
  r: RowRun,
  tension: TensionFacts | null,
  joined: boolean,
  last: boolean
): Cue[] {
  const cues: Cue[] = [];
  const { at, before } = due;
  const start = r.first;
  const end = r.last + 1;
  const { planned, fabric, gauges } = at;
  const { mode } = planned;
  const tube = mode === 'tube';
  if (start === 0) {
    const how = tube ? 'tube' : mode === 'panel' ? 'panel' : 'by-hand';
    cues.push({ row: 0, kind: 'slow', facts: { how, until: SLOW_UNTIL } });
  }
  if (tube && start < SLOW_UNTIL && end >= SLOW_UNTIL) cues.push({ row: SLOW_UNTIL, kind: 'speed-up', facts: NOTHING });
  if (fabric.doubled.some((d) => d.from - 1 === start)) {
    cues.push({ row: start, kind: 'loose', facts: NOTHING });
  }
  // A yarn that the piece was cast on with is told where it is threaded.
  const worked = run.yarns[fabric.yarn[start]!];
  const stretch = worked?.behaviour.stretch ?? 'some';
  if (worked && stretch !== 'some' && r.purpose === 0 && before > 0 && start === before) {
    cues.push({ row: start, kind: 'yarn-hint', facts: { yarn: worked.id, stretch } });
  }
  if (tension) cues.push({ row: start, kind: 'tension', facts: tension });
  const tieAt = start + run.kit.habits.tieAfterRows;
  if (joined && tieAt <= end)
    cues.push({ row: tieAt, kind: 'tie', facts: { row: start + 1 - before, forGood: planned.tiedAtMachine === true } });
  const courses = gauges[r.feed]!.courses.value;
  const tableRow = Math.round((TABLE_MM / 10) * courses);
  for (let row = tableRow; tube && row <= end && row < CLOGS_FROM; row += tableRow) {
    if (row > start) cues.push({ row, kind: 'doughnut', facts: NOTHING });
  }
  const firstClog = Math.max(CLOGS_FROM, CLOGS_FROM + Math.ceil((start + 1 - CLOGS_FROM) / CLOG_EVERY) * CLOG_EVERY);
  for (let row = firstClog; row <= end; row += CLOG_EVERY) cues.push({ row, kind: 'clog', facts: { tube } });
  addLooks(cues, due, r);
  if (last) cues.push({ row: end, kind: 'last-row', facts: { tube } });
  return isInOrder(cues) ? cues : cues.sort((a, b) => a.row - b.row);
}
