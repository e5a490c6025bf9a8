import { bisector } from 'd3-array';
import type { Kit } from '../kit';
import { noted } from '../quantity';
import { allWorkRows, type Counted, countedRow, type Fabric, workOf } from '../knit';
import type { Plan } from '../plan';
import type { Cue } from './cues';
import type { Step } from './steps';

/** How far a knitter is: rows cranked in all, over every piece and copy, and things confirmed since the last row. */
export interface Position {
  readonly rows: number;
  readonly ticks: number;
}

/** Why a step is not done when its turn comes: it is done later, or never. */
export const PASSED_FOR = ['later', 'not-needed', 'other-way', 'too-late'] as const;
export type PassedFor = (typeof PASSED_FOR)[number];

/** One piece as it goes over the machine: of several copies each is a leg of its own. */
export interface Leg {
  readonly piece: number;
  readonly label: string;
  /** Which copy, from 1, of how many. */
  readonly copy: number;
  readonly copies: number;
  /** Rows cranked before this leg begins. */
  readonly offset: number;
  readonly rows: number;
  /** Rows of waste before the work, and rows of the work: what hands count. */
  readonly before: number;
  readonly workRows: number;
  readonly steps: readonly Step[];
  /** For a panel, the pins every row goes between. */
  readonly turns: readonly { readonly fromPin: number; readonly toPin: number }[] | null;
  /** What a row of it is called, and what the machine's counter shows after it. */
  readonly counted: (row: number) => Counted;
  readonly counter: (row: number) => number | null;
  /** Pins behind which a card stands. */
  readonly card: readonly number[];
  /** Rows of the work of this copy, waste counted, after which a new ball came in that nobody had planned. */
  readonly balls: readonly number[];
  /** Rows after a join at which its tails are tied. */
  readonly tieAfter: number;
  /** Joins are tied for good then. */
  readonly forGood: boolean;
}

/** Everything there is to crank, in order. */
export interface Track {
  readonly legs: readonly Leg[];
  readonly rows: number;
  /** Rows of the work, waste left out. */
  readonly workRows: number;
}

/** What a track is laid from. */
interface Planned {
  readonly kit: Pick<Kit, 'habits'>;
  readonly plan: Plan;
  readonly fabric: Fabric;
  readonly steps: readonly Step[];
}

/**
 * Lays all pieces and their copies one after the other.
 *
 * @example trackOf(result).legs.map((leg) => leg.label) // ['Body', 'Leg', 'Leg']
 */
export function trackOf({ kit, plan, fabric, steps }: Planned): Track {
  let offset = 0;
  const legs = plan.pieces.flatMap((piece, p) => {
    const own = steps.filter((step) => step.piece === p && step.phase !== 'finish');
    const knitted = fabric.pieces[p]!;
    const { rows } = knitted;
    const work = workOf(knitted);
    const counted = (row: number): Counted => countedRow(knitted, row);
    const counter = (row: number): number | null =>
      (knitted.counter[row - 1] ?? -1) < 0 ? null : knitted.counter[row - 1]!;
    const turns =
      piece.mode === 'tube'
        ? null
        : Array.from(knitted.yarnAt, (at, row) => {
            const ends = [knitted.low[row]!, knitted.high[row]!] as const;
            return at === 1 ? { fromPin: ends[0], toPin: ends[1] } : { fromPin: ends[1], toPin: ends[0] };
          });
    return Array.from({ length: piece.copies }, (_, i): Leg => {
      const mine = i === 0 ? own : own.filter((step) => step.eachCopy);
      const leg = {
        piece: p,
        label: piece.label,
        copy: i + 1,
        copies: piece.copies,
        offset,
        rows,
        before: work.before,
        workRows: work.rows,
        steps: mine,
        turns,
        counted,
        counter,
        card: knitted.floats.after,
        balls: knitted.faults.flatMap((f) =>
          f.kind === 'new-ball' && f.copy === i + 1 && f.row > work.before && f.row < work.before + work.rows
            ? [f.row]
            : []
        ),
        tieAfter: kit.habits.tieAfterRows,
        forGood: piece.tiedAtMachine === true
      };
      offset += rows;
      return leg;
    });
  });
  return { legs, rows: offset, workRows: allWorkRows({ plan, fabric }) };
}

/** A row that is cranked next. */
interface RowNext {
  readonly leg: Leg;
  /** The step of its rows. */
  readonly step: Step;
  /** The row of the piece, from 1, waste and all. */
  readonly row: number;
  /** The same row as hands count it. */
  readonly counted: Counted;
  /** What the machine's counter shows once it is done, by the knitter's school; null where it is blind. */
  readonly counter: number | null;
  readonly inSection: number;
  readonly ofSection: number;
  /** The pins a panel's row goes between; null for a tube, which only turns on. */
  readonly turn: { readonly fromPin: number; readonly toPin: number } | null;
  /** Pins behind which the yarn goes round the card in this row, in the order the guide meets them. */
  readonly card: readonly number[];
}

/** What comes next at the crank: a thing to confirm, a row to crank, or nothing more. */
export type Next =
  /** `join`: the yarn of the step's rows is to be joined; else the step itself is to be done. */
  | { readonly do: 'confirm'; readonly leg: Leg; readonly step: Step; readonly join: boolean }
  | ({ readonly do: 'row' } & RowNext)
  /** A row that is cranked pin by pin, because an earlier one is lifted in it; with its last pin it is done. */
  | ({ readonly do: 'lift'; readonly lift: Step; readonly pin: number; readonly of: number } & RowNext)
  | { readonly do: 'done' };

interface Waiting {
  readonly leg: Leg;
  readonly step: Step;
  readonly join: boolean;
}

/** Confirmations that wait after so many rows in all, in order. */
function confirmsAt(track: Track, rows: number): Waiting[] {
  const waiting: Waiting[] = [];
  for (const leg of track.legs) {
    let at = leg.offset;
    for (const step of leg.steps) {
      if (step.rows) {
        if (step.joined && leg.offset + step.rows.from - 1 === rows) waiting.push({ leg, step, join: true });
        at = leg.offset + step.rows.to;
      } else if (at === rows) waiting.push({ leg, step, join: false });
    }
  }
  return waiting;
}

/** The row after so many in all, or nothing when all are done. */
function rowAfter(track: Track, rows: number): RowNext | undefined {
  const leg = track.legs.find((l) => l.offset <= rows && rows < l.offset + l.rows);
  if (!leg) return undefined;
  const row = rows - leg.offset + 1;
  const step = leg.steps.find((s) => s.rows && s.rows.from <= row && row <= s.rows.to);
  if (!step?.rows) return undefined;
  const { from, to } = step.section ?? step.rows;
  const turn = leg.turns?.[row - 1] ?? null;
  const counted = leg.counted(row);
  const card = counted.of === 'work' ? leg.card : [];
  return {
    leg,
    step,
    row,
    counted,
    counter: leg.counter(row),
    inSection: row - from + 1,
    ofSection: to - from + 1,
    turn,
    card: turn && turn.toPin < turn.fromPin ? [...card].reverse() : card
  };
}

/**
 * What comes next at the crank. A position from before an edit of the plan still has an answer: the row count is
 * the truth, confirmations beyond those that wait are dropped.
 *
 * @example nextAt(track, { rows: 0, ticks: 0 }) // { do: 'confirm', step: { what: { say: 'mode', … } }, … }
 */
export function nextAt(track: Track, position: Position): Next {
  const row = rowAfter(track, position.rows);
  let { ticks } = position;
  let lift: Step | null = null;
  for (const waits of confirmsAt(track, position.rows)) {
    // A lifting is the row itself: whatever else waits, a new yarn too, comes before it.
    if (row && !waits.join && waits.step.what.say === 'rehang') lift = waits.step;
    else if (ticks === 0) return { do: 'confirm', ...waits };
    else ticks -= 1;
  }
  if (row && lift?.what.say === 'rehang') {
    // One tick for every pin; with the last one the row is done.
    const of = lift.what.facts.pins;
    return { do: 'lift', ...row, lift, pin: Math.min(ticks, of - 1) + 1, of };
  }
  return row ? { do: 'row', ...row } : { do: 'done' };
}

/** The leg a position is in; the last one when all is cranked, none where nothing is cranked at all. */
export function legAt(track: Track, rows: number): Leg | undefined {
  return track.legs.find((leg) => rows < leg.offset + leg.rows) ?? track.legs.at(-1);
}

/**
 * The machine that a piece hangs on after so many rows: none before the first row and after the last one.
 *
 * @returns id of the machine, or null
 */
export function hangsOn(planned: Planned, rows: number): string | null {
  const track = trackOf(planned);
  const leg = rows > 0 && rows < track.rows ? legAt(track, rows) : undefined;
  return leg ? (planned.plan.pieces[leg.piece]?.machineId ?? null) : null;
}

/** Rows of the work of one leg that are done after so many rows in all. */
export const workIn = (leg: Leg, rows: number): number =>
  Math.max(0, Math.min(leg.workRows, rows - leg.offset - leg.before));

/** Rows in all at which so many rows of the work of a leg are done; at none, its waste is to be knitted still. */
export const rowsAt = (leg: Leg, work: number): number => leg.offset + (work > 0 ? leg.before + work : 0);

/**
 * Rows of the work that are done, of all pieces, after so many rows in all.
 *
 * @example workCount(track, 6) // 1, after five rows of waste
 */
export const workCount = (track: Track, rows: number): number =>
  track.legs.reduce((sum, leg) => sum + workIn(leg, rows), 0);

/** How many rows ahead a cue is announced: enough to slow down, few enough to remember. */
export const ANNOUNCE_ROWS = 5;

/** A cue with the rows that are left until it is due. Its own row is counted over all pieces. */
export type Ahead = Cue & { readonly inRows: number };

/** Cues of a leg over all rows. A colour change or the end of the rows is announced like any other cue. */
function cuesOfLeg(leg: Leg): Cue[] {
  const own = leg.steps.flatMap((step): Cue[] => [
    ...step.cues,
    ...(step.rows && step.joined
      ? [{ row: step.rows.from - 1, kind: 'change' as const, facts: { what: step.what, before: step.joined.before } }]
      : []),
    ...handWork(leg, step)
  ]);
  const balls = leg.balls.map((row): Cue => ({
    row: Math.min(leg.rows, row + leg.tieAfter),
    kind: 'tie',
    facts: { row: row + 1 - leg.before, forGood: leg.forGood }
  }));
  return [...own, ...balls].map((cue) => ({ ...cue, row: cue.row + leg.offset }));
}

/** Work between two sections, such as a rehang, is announced too. */
function handWork(leg: Leg, step: Step): Cue[] {
  if (step.rows || step.phase !== 'knit') return [];
  const at = leg.steps.indexOf(step);
  const before = leg.steps.slice(0, at).findLast((s) => s.rows)?.rows?.to;
  const goesOn = leg.steps.slice(at).some((s) => s.rows);
  return before !== undefined && goesOn ? [{ row: before, kind: 'hand', facts: { what: step.what } }] : [];
}

/** Cues of a whole track by their rows, in order; the leg of each, because a leg that is over announces nothing. */
const inOrder = noted((track: Track): readonly { readonly cue: Cue; readonly until: number }[] =>
  track.legs
    .flatMap((leg) => cuesOfLeg(leg).map((cue) => ({ cue, until: leg.offset + leg.rows })))
    // What hands must do there comes before what is minded there.
    .sort((a, b) => a.cue.row - b.cue.row || Number('what' in b.cue.facts) - Number('what' in a.cue.facts))
);

const rowOf = bisector(({ cue }: { cue: Cue }) => cue.row);

/**
 * The cue that is due now or comes next.
 *
 * @param rows rows cranked so far in all
 * @returns cues of this very row first, then the next one ahead
 */
export function cuesAhead(track: Track, rows: number): Ahead[] {
  const cues = inOrder(track);
  const ahead: Ahead[] = [];
  for (let i = rowOf.left(cues, rows); i < cues.length; i++) {
    const { cue, until } = cues[i]!;
    if (until < rows) continue;
    ahead.push({ ...cue, inRows: cue.row - rows });
    if (cue.row > rows) break;
  }
  return ahead;
}
