import {
  type EdgeMethod,
  type FittedSlope,
  type Mend,
  type Shaping,
  type ShapingEvent,
  type Side,
  type SlopeTrouble,
  slopeEvents,
  takesEach,
  trySlope,
  type TypedSlope,
  typedSlope,
  wholeDecreases
} from '../../plan';
import type { Ring } from './tube';

/** How one edge of a panel narrows: by which method, and spread evenly or as it is typed. */
export interface EdgeChoice {
  readonly method: Exclude<EdgeMethod, 'thread'> | 'held';
  /** Stitches that are held at once, where they are held. */
  readonly step: number;
  readonly slope: TypedSlope | null;
}

/** How a panel narrows: at which edges, and to which width. */
export interface TaperChoice {
  readonly taper: 'none' | 'both' | 'low' | 'high';
  readonly topMm: number;
  /** Stitches at the top where they were typed: they are kept, or it is said why not. */
  readonly topStitches: number | null;
  readonly edges: Readonly<Record<Side, EdgeChoice>>;
}

/** What happens at the edges, the stitches that are left, and how it is said. */
export interface Taper {
  readonly events: readonly ShapingEvent[];
  readonly left: number;
  readonly shaping: readonly Shaping[];
}

/** Stitches that always stay: a fashioned decrease needs four. */
const STAY = 3;

const eachOf = ({ method, step }: EdgeChoice): number => (method === 'held' ? step : takesEach(method));

/** The line of one edge, its trouble, and the stitches it takes. */
interface EdgeLine {
  readonly side: Side;
  readonly events: readonly ShapingEvent[];
  readonly takes: number;
  readonly line: Pick<Shaping, 'gaps' | 'at' | 'leftRows'>;
  readonly trouble: Shaping['trouble'];
}

/** What is shaped on one edge, by its rows. */
function eventsAt(side: Side, edge: EdgeChoice, at: readonly number[]): ShapingEvent[] {
  if (edge.method !== 'held') return slopeEvents({ at }, side, 0, edge.method);
  return at.map((row) => ({ row, op: { op: 'hold', side, stitches: edge.step } }));
}

/** Rows of a typed line at which the yarn stands at the other edge: what happens there comes a row later. */
export const laterIn = (at: readonly number[], side: Side, begins: Side): number =>
  at.filter((row) => (row % 2 === 0) !== (begins === side)).length;

/** How often a typed line happens, and what of it was left out. */
interface LeftOut {
  readonly times: number;
  readonly beyond: number;
  readonly over: number;
}

/** What was left out of a typed line. */
export const leftOf = ({ slope, beyond, over }: FittedSlope): LeftOut => ({ times: slope.at.length, beyond, over });

/** What a typed line cannot do as it stands, if anything. */
export function typedTrouble(
  option: string,
  { times, beyond, over }: LeftOut,
  later: number,
  rows: number
): Shaping['trouble'] {
  const mend: Mend = { remedy: { code: 'spread' }, options: { [option]: null } };
  if (beyond > 0) return { why: { is: 'typed-beyond', times: beyond, rows }, option, mend };
  if (over > 0) return { why: { is: 'typed-over', times: over }, option, mend };
  if (later > 0 && later < times) return { why: { is: 'typed-later', times: later }, option, mend };
  return undefined;
}

/**
 * Works a taper out in whole stitches at whole rows.
 *
 * @param given stitches at the start
 * @param rows rows of the work
 * @param begins edge where the yarn stands when the work begins; at the other one everything comes a row later
 */
export function taperOf(o: TaperChoice, ring: Ring, given: number, rows: number, begins: Side): Taper {
  if (o.taper === 'none') return { events: [], left: given, shaping: [] };
  const on: readonly Side[] = o.taper === 'both' ? ['low', 'high'] : [o.taper];
  const alike = on.length === 1 || JSON.stringify(o.edges.low) === JSON.stringify(o.edges.high);
  const top = Math.max(2, Math.min(given, o.topStitches ?? Math.round((o.topMm / 10) * ring.gauge.wales.value)));
  const lines = on.map((side) => edgeLine(o, ring, { given, top, rows, begins, share: on.length, alike }, side));
  const said = alike ? lines.slice(0, 1) : lines;
  return {
    events: lines.flatMap(({ events }) => events),
    left: given - lines.reduce((sum, { takes }) => sum + takes, 0),
    shaping: said.map(({ side, line, trouble }) => ({
      piece: 0,
      what: {
        of: 'edges',
        side: alike && on.length === 2 ? 'both' : side,
        held: o.edges[side].method === 'held' ? o.edges[side].step : 0
      },
      ...line,
      ...(trouble ? { trouble } : {})
    }))
  };
}

/** What an edge has to do with: the panel, and how many edges share the narrowing. */
interface Sharing {
  readonly given: number;
  readonly top: number;
  readonly rows: number;
  readonly begins: Side;
  /** Edges that narrow. */
  readonly share: number;
  readonly alike: boolean;
}

function edgeLine(o: TaperChoice, ring: Ring, at: Sharing, side: Side): EdgeLine {
  const { given, top, rows, begins, share } = at;
  const edge = o.edges[side];
  const own = o.topStitches !== null;
  const each = eachOf(edge);
  const most = Math.max(0, Math.floor((given - STAY) / (each * share)));
  if (edge.slope) {
    // Where the yarn stands at the other edge it comes a row later: nothing may be left for after the last row.
    const fitted = typedSlope(edge.slope, rows - 1, most);
    const later = laterIn(fitted.slope.at, side, begins);
    const option = side === 'high' && !at.alike ? 'slopeHigh' : 'slope';
    return {
      side,
      events: eventsAt(side, edge, fitted.slope.at),
      takes: each * fitted.slope.stitches,
      line: fitted.slope,
      trouble: typedTrouble(option, leftOf(fitted), later, rows)
    };
  }
  // Several at once must go a whole number of times; one at a time it is enough to halve evenly.
  const isWhole = edge.method === 'held' || edge.method === 'double' || own;
  const whole = isWhole ? wholeDecreases(given, top, each * share) : null;
  const wish = whole && !whole.ok ? whole.nearest[0]!.times : Math.round((given - top) / (each * share));
  const times = Math.min(wish, most);
  const far = share === 2 || side !== begins;
  const room = edge.method === 'held' ? rows - 2 : far ? rows - 1 : rows;
  const tried = trySlope(times, room, ring.slopes);
  const fits = tried.ok ? tried : trySlope(Math.min(times, tried.nearest[0]!.stitches), room, ring.slopes);
  if (!fits.ok) return { side, events: [], takes: 0, line: { gaps: [], at: [], leftRows: rows }, trouble: undefined };
  const { slope } = fits;
  const trouble =
    whole && !whole.ok
      ? fraction(o, ring, { from: given, to: top, each: each * share, times: whole.times, nearest: whole.nearest })
      : tried.ok
        ? undefined
        : steep(o, ring, tried);
  return { side, events: eventsAt(side, edge, slope.at), takes: each * slope.stitches, line: slope, trouble };
}

/** A width that does not come out in whole decreases, and the nearest that does. */
function fraction(
  o: TaperChoice,
  ring: Ring,
  why: Omit<Extract<SlopeTrouble, { is: 'fraction' }>, 'is'>
): Shaping['trouble'] {
  const stitches = why.nearest[0]!.to;
  const mm = Math.max(10, Math.round((10 * stitches) / ring.gauge.wales.value));
  const own = o.topStitches !== null;
  return {
    why: { is: 'fraction', ...why },
    option: own ? 'topStitches' : 'topMm',
    mend: { remedy: { code: 'top', stitches }, options: own ? { topStitches: stitches } : { topMm: mm } }
  };
}

/** More decreases than there are rows for, and the length that has them. */
function steep(
  o: TaperChoice,
  ring: Ring,
  { stitches, rows, needs, nearest }: Omit<Extract<SlopeTrouble, { is: 'too-steep' }>, 'is'>
): Shaping['trouble'] {
  const longer = nearest[1]!.rows + 2;
  const own = o.topStitches !== null;
  return {
    why: { is: 'too-steep', stitches, rows, needs, nearest },
    option: own ? 'rows' : 'lengthMm',
    mend: {
      remedy: { code: 'longer', rows: longer },
      options: own ? { rows: longer } : { lengthMm: Math.ceil((longer * 10) / ring.gauge.courses.value) }
    }
  };
}
