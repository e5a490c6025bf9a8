import { CAST_ON_ENDS, JOIN_TAIL_MM, otherSide } from './build';
import type { DecreaseMethod, Operation, OperationOf, Side } from './operations';

/**
 * Shaping as whole stitches at whole rows: how a slope is spread, how it is said, and what does not come out.
 */

/** So many stitches taken (or added) one by one, each after so many rows. */
export interface Gap {
  readonly everyRows: number;
  readonly times: number;
}

/** A slope that comes out: where its stitches go, and the rows that are left straight at its end. */
export interface Slope {
  readonly stitches: number;
  readonly rows: number;
  /** Runs of equal gaps, in their order. */
  readonly gaps: readonly Gap[];
  /** Row after which each stitch goes, from 1. */
  readonly at: readonly number[];
  /** Rows left over at the end, knitted straight. */
  readonly leftRows: number;
}

/** A slope that does not come out, with the nearest that do. */
export interface NoSlope {
  readonly ok: false;
  readonly stitches: number;
  readonly rows: number;
  /** Rows that so many stitches take. */
  readonly needs: number;
  readonly nearest: readonly { readonly stitches: number; readonly rows: number }[];
}

/** Runs of equal gaps between rows, in their order. @example gapsOf([2, 4, 8], 0) // every 2nd twice, every 4th once */
export function gapsOf(at: readonly number[], from: number): Gap[] {
  const gaps: { everyRows: number; times: number }[] = [];
  let before = from;
  for (const row of at) {
    const last = gaps.at(-1);
    if (last?.everyRows === row - before) last.times++;
    else gaps.push({ everyRows: row - before, times: 1 });
    before = row;
  }
  return gaps;
}

/** Full-fashioned decreases go at even rows: the yarn is then at the same side each time (craft 8). */
const STEP = 2;

/** How a slope is laid: spread without a bend, or as older editions had it, the longer gaps first. */
export type SlopeRule = 'spread' | 'longest-first';

/**
 * Spreads stitches evenly over rows, at even rows only: the i-th of n goes after row 2 floor(i floor(rows / 2) / n),
 * so that
 * no two blocks bend the edge (craft 8.5).
 *
 * @param stitches stitches to go, at least 0
 * @param rows rows there are
 * @returns the slope, or why not and the nearest that work
 * @example trySlope(3, 10) // after rows 2, 6 and 10
 */
export function trySlope(
  stitches: number,
  rows: number,
  rule: SlopeRule = 'spread'
): { readonly ok: true; readonly slope: Slope } | NoSlope {
  if (stitches === 0) return { ok: true, slope: { stitches: 0, rows, gaps: [], at: [], leftRows: rows } };
  const pairs = Math.floor(rows / STEP);
  if (pairs < stitches) {
    return {
      ok: false,
      stitches,
      rows,
      needs: stitches * STEP,
      nearest: [
        { stitches: Math.max(0, pairs), rows },
        { stitches, rows: stitches * STEP }
      ]
    };
  }
  if (rule === 'spread') {
    const at = Array.from({ length: stitches }, (_, i) => STEP * Math.floor(((i + 1) * pairs) / stitches));
    return { ok: true, slope: { stitches, rows, gaps: gapsOf(at, 0), at, leftRows: rows - at.at(-1)! } };
  }
  const short = Math.floor(pairs / stitches);
  const longTimes = pairs - short * stitches;
  const gaps: Gap[] = [
    { everyRows: (short + 1) * STEP, times: longTimes },
    { everyRows: short * STEP, times: stitches - longTimes }
  ].filter((gap) => gap.times > 0);
  const at: number[] = [];
  for (const gap of gaps) for (let i = 0; i < gap.times; i++) at.push((at.at(-1) ?? 0) + gap.everyRows);
  return { ok: true, slope: { stitches, rows, gaps, at, leftRows: rows - (at.at(-1) ?? 0) } };
}

/** Decreases that take so many stitches each, from one width to another. */
export type WholeDecreases = { readonly ok: true; readonly times: number } | NoWhole;

/** Decreases that do not come out, with the nearest widths that do. */
export interface NoWhole {
  readonly ok: false;
  /** How often it would be: a fraction. */
  readonly times: number;
  readonly nearest: readonly { readonly to: number; readonly times: number }[];
}

/**
 * How often so many stitches must go to come from one width to another; a fraction of a decrease is refused with the
 * two nearest widths that work.
 *
 * @throws RangeError when a width is below 0 or a decrease takes no stitch
 * @example wholeDecreases(38, 18, 3) // { ok: false, nearest: [{ to: 20, times: 6 }, { to: 17, times: 7 }] }
 */
export function wholeDecreases(from: number, to: number, each: number): WholeDecreases {
  if (!(from >= 0 && to >= 0 && each >= 1)) {
    throw new RangeError(`widths must be at least 0 and a decrease at least 1; received ${from}, ${to}, ${each}`);
  }
  const times = (from - to) / each;
  if (Number.isInteger(times)) return { ok: true, times };
  const [few, many] = [Math.floor(times), Math.ceil(times)];
  return {
    ok: false,
    times,
    nearest: [few, many].map((n) => ({ to: from - n * each, times: n })).filter(({ to: width }) => width >= 0)
  };
}

/** Something that happens at an edge after so many rows of a stretch. */
export interface ShapingEvent {
  readonly row: number;
  readonly op: Operation;
}

/** How stitches go at an edge: decreased by one of four ways, or taken off onto a thread one by one. */
export type EdgeMethod = DecreaseMethod | 'thread';

/** Stitches that go each time. @example takesEach('double') // 2 */
export const takesEach = (method: EdgeMethod): 1 | 2 => (method === 'double' ? 2 : 1);

/** Increases of a slope at one edge, counted from a first row. */
export const increaseEvents = (slope: Slope, side: Side, fromRow: number): ShapingEvent[] =>
  slope.at.map((row) => ({ row: fromRow + row, op: { op: 'increase', side, stitches: 1 } }));

/**
 * Stitches that go at one edge, counted from a first row.
 *
 * @param stitches that go in all; the last of several double ones takes one where they are odd
 */
export const slopeEvents = (
  { at }: Pick<Slope, 'at'>,
  side: Side,
  fromRow: number,
  method: EdgeMethod = 'full-fashioned',
  stitches = at.length * takesEach(method)
): ShapingEvent[] =>
  at.map((row, i): ShapingEvent => {
    if (method === 'thread') return { row: fromRow + row, op: { op: 'hold', side, stitches: 1 } };
    const single = method === 'double' && i === at.length - 1 && stitches % 2 === 1;
    return {
      row: fromRow + row,
      op: single
        ? { op: 'decrease', side, stitches: 1, method: 'full-fashioned' }
        : { op: 'decrease', side, stitches: takesEach(method), method }
    };
  });

/** Whether an edge must have the yarn for it. */
const atAnEdge = (op: Operation): op is OperationOf<'decrease' | 'increase' | 'hold'> =>
  op.op === 'decrease' || op.op === 'increase' || op.op === 'hold';

/**
 * Events moved to where hands can carry them out: at the edge where the yarn stands, at once; at the far edge, one
 * row later.
 *
 * @param begins edge where the yarn stands before the first row
 * @example placed([{ row: 2, op: decreaseAt('low') }], 'high') // row 3
 */
function placed(events: readonly ShapingEvent[], begins: Side): ShapingEvent[] {
  const sorted = [...events].sort((a, b) => a.row - b.row);
  let [side, from] = [begins, 0];
  const yarnAt = (row: number): Side => ((row - from) % 2 === 0 ? side : otherSide(side));
  const out = sorted.map((event): ShapingEvent => {
    const { row, op } = event;
    if (op.op === 'newEnd') [side, from] = [op.side, row];
    return atAnEdge(op) && yarnAt(row) !== op.side ? { row: row + 1, op } : event;
  });
  return out.sort((a, b) => a.row - b.row);
}

/**
 * Rows with what happens between them: one section, cut where an edge is shaped.
 *
 * @param events in any order; those after the last row come at its end
 * @param begins edge where the yarn stands before the first row
 */
export function shapedRows(
  section: string,
  yarn: string,
  rows: number,
  events: readonly ShapingEvent[],
  begins: Side = CAST_ON_ENDS
): Operation[] {
  const out: Operation[] = [];
  let done = 0;
  const knitTo = (row: number): void => {
    if (row <= done) return;
    out.push({ op: 'knit', section, yarn, rows: row - done, purpose: 'work', joinTailMm: JOIN_TAIL_MM });
    done = row;
  };
  for (const event of placed(events, begins)) {
    knitTo(Math.min(event.row, rows));
    out.push(event.op);
  }
  knitTo(rows);
  return out;
}

/** Columns and pins of a widened panel: groups of `every` pins with `columns` laid between them, never at an edge. */
export interface Widened {
  /** Pins, counted from 1 within the panel, behind which a group is laid. */
  readonly after: readonly number[];
  readonly columns: number;
  /** Stitches across, the laid columns included. */
  readonly stitches: number;
}

/** How float groups are laid: so many columns between every so many pins. */
export interface WidenedBy {
  readonly every?: number;
  readonly columns?: number;
  /** As many groups as the knitter wants; as many as fit when absent. */
  readonly groups?: number;
  /** Pins before the first group; the groups lie in the middle when absent. */
  readonly firstAfter?: number;
  /** The rule of the first edition, which came too near to the high edge; for panels that were begun under it. */
  readonly first?: boolean;
}

/**
 * Where float groups go: 6 columns between every 6 pins, the outer six at either edge always plain (craft 8.9).
 * Groups that would
 * lie beyond the panel are left out.
 *
 * @param pins of the panel
 * @example widened(44).stitches // 80: 44 pins and 6 groups of 6
 * @example widened(44, { groups: 2, firstAfter: 12 }).after // [12, 18]
 */
export function widened(
  pins: number,
  { every = 6, columns = 6, groups: wished, firstAfter, first = false }: WidenedBy = {}
): Widened {
  const fit = Math.max(0, first ? Math.ceil(pins / every) - 1 : Math.floor(pins / every) - 1);
  const groups = wished ?? fit;
  // What is over lies half and half at the edges.
  const over = first ? 0 : Math.floor((pins - (groups + 1) * every) / 2);
  const from = firstAfter ?? over + every;
  const after = Array.from({ length: groups }, (_, i) => from + i * every).filter((pin) => pin >= 1 && pin < pins);
  return { after, columns, stitches: pins + after.length * columns };
}

/** Yarn laid round the card for one group: what so many stitches take (craft 8.9), mm. */
export const floatMm = (columns: number, loopMm: number): number => columns * loopMm;

/** Width of the card to the millimetre: half of the float, less its thickness (craft 8.9). @example cardMm(6, 26.5, 5) // 77 */
export const cardMm = (columns: number, loopMm: number, thicknessMm: number): number =>
  Math.round((floatMm(columns, loopMm) - thicknessMm) / 2);
