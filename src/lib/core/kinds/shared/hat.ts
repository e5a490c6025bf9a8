import { headFit, linedRows } from '../../body';
import type { Reason } from '../../quantity';
import { type Kit } from '../../kit';
import {
  type Act,
  castOn,
  choiceOption,
  type Condition,
  drawstring,
  type Edge,
  edgeOfHalf,
  type Face,
  lengthOption,
  MOST_ROWS,
  type Operation,
  type Notes,
  otherEdge,
  switchOption,
  type Wearer,
  yarnOrNoneOption
} from '../../plan';
import { even, type Ring, wantedRows } from './tube';
import { type JoinChoice, joinOption, joinsTied, onPurlSide, rest, weave } from './hands';
import { firstLoop, type Waste, wasteAway, type WasteChoice, wasteFor, wasteIfWished, withWaste } from './waste';
import { eitherWith, type OwnTail, ownTails } from './tails';
import { countedOption, ENDS, sizeByOption, wearerOption, WHO } from './options';

export const headOption = lengthOption({ group: WHO, measure: 'head', min: 200, max: 800, start: 560 });

export const turnUpOption = (start: number) => lengthOption({ group: WHO, min: 0, max: 150, start });

/** Turn-up of a baby's hat (common practice, no source). */
export const BABY_TURN_UP_MM = 10;

/** Who a hat is for and what decides its rows. */
export const hatSizeOptions = {
  wearer: wearerOption('adult', 'child', 'baby'),
  headMm: headOption,
  turnUpMm: turnUpOption(50),
  sizeBy: sizeByOption(WHO, 'head', 'height', 'length', 'rows'),
  heightMm: lengthOption({ group: WHO, min: 40, max: 600, start: 235, when: { key: 'sizeBy', is: ['height'] } }),
  tubeMm: lengthOption({ group: WHO, min: 80, max: 1200, start: 550, when: { key: 'sizeBy', is: ['length'] } }),
  rows: countedOption({ counts: 'rows', group: WHO, min: 10, max: MOST_ROWS, start: 120 })
};

export interface HatSize {
  readonly wearer: Exclude<Wearer, 'thing'>;
  readonly headMm: number;
  readonly turnUpMm: number;
  readonly sizeBy: 'head' | 'height' | 'length' | 'rows';
  readonly heightMm: number;
  /** Length of the whole tube, stretched and at rest. */
  readonly tubeMm: number;
  readonly rows: number;
}

/** The half of the rows that lies outside when a tube is folded into itself. */
export const outerOption = choiceOption({ group: ENDS, school: true, choices: ['first', 'last'] });

/** At which end something is so. */
type AtEnds = 'both' | 'first' | 'last';
const atEnds = (when: Condition) => choiceOption({ group: ENDS, choices: ['both', 'first', 'last'], when });
const isAt = (at: AtEnds, edge: Edge): boolean => at === 'both' || edgeOfHalf(at) === edge;

/** How the crowns of a lined hat are closed and what holds the stitches until then. */
export const crownOptions = {
  closing: choiceOption({ group: ENDS, school: true, choices: ['draw', 'pinch', 'zip', 'pull'] }),
  outer: outerOption,
  joinBy: joinOption,
  ...wasteIfWished,
  ...eitherWith(withWaste),
  thread: yarnOrNoneOption({ group: ENDS, open: true }),
  threadAt: atEnds({ key: 'thread', isNot: [null] }),
  doubled: switchOption({ group: ENDS, start: false }),
  doubledAt: atEnds({ key: 'doubled', is: [true] })
};

export interface CrownChoice extends WasteChoice {
  readonly closing: 'draw' | 'pinch' | 'zip' | 'pull';
  readonly outer: 'first' | 'last';
  readonly joinBy: JoinChoice;
  readonly firstWith: 'own' | 'cut';
  readonly lastWith: 'own' | 'cut';
  readonly thread: string | null;
  readonly threadAt: AtEnds;
  readonly doubled: boolean;
  readonly doubledAt: AtEnds;
}

/** Least rows of a tube that can be folded into itself. */
const LEAST_ROWS = 10;

/** Rows of a lined tube by head, by height or as counted, and what the head asks for. */
export function linedTubeRows(
  o: HatSize,
  ring: Ring,
  crown: 'drawn' | 'straight' = 'drawn',
  /** An odd count of rows is wanted: two parts that differ by an odd number. */
  odd = false
): { rows: number; wanted: NonNullable<Notes['wanted']>; unasked: { rows: number; heightMm: number; tubeMm: number } } {
  const rowsFor = (courses: number): number =>
    ring.fewer * linedRows(headFit(o.headMm, { ...ring.knitted, courses }), o.turnUpMm);
  const { courses } = ring.gauge;
  const lostMm = crown === 'drawn' ? ring.crownMm : 0;
  const because: Reason = { say: 'layers', headMm: o.headMm, turnUpMm: o.turnUpMm, fewer: 1 - ring.fewer };
  const wanted = wantedRows(rowsFor, ring, because);
  const fitted = even(wanted.exact, LEAST_ROWS);
  const whole = (exact: number): number => (odd ? Math.max(LEAST_ROWS + 1, 2 * Math.floor(exact / 2) + 1) : even(exact, LEAST_ROWS)); // prettier-ignore
  const rowsBy: Record<HatSize['sizeBy'], () => number> = {
    head: () => whole(wanted.exact),
    height: () => whole(((o.heightMm + o.turnUpMm + lostMm) / 10) * 2 * courses.value),
    // A tube of a length has the rows that make it, an odd count too.
    length: () => Math.max(LEAST_ROWS, Math.round((o.tubeMm / 10) * courses.value)),
    rows: () => o.rows
  };
  const rows = rowsBy[o.sizeBy]();
  return {
    rows,
    // A count is rounded to an even one, which may lie a little outside what the gauge gives exactly.
    wanted: { low: Math.min(wanted.low, fitted), high: Math.max(wanted.high, fitted), because: wanted.because, rows: fitted }, // prettier-ignore
    unasked: {
      rows,
      heightMm: (10 * rows) / (2 * courses.value) - o.turnUpMm - lostMm,
      tubeMm: (10 * rows) / courses.value
    }
  };
}

/** The ends of a lined tube: operations round the work, and the threads that close it. */
export function linedEnds(
  kit: Kit,
  o: CrownChoice,
  work: readonly Operation[],
  ring: Ring,
  first: string,
  last: string
) {
  const waste = wasteFor(kit, o, first, last);
  const turn = ring.turnMm;
  const worked: Record<Edge, string> = { 'cast-on': first, 'hung-off': last };
  const end = (edge: Edge): CrownEnd => {
    const thread = o.thread !== null && isAt(o.threadAt, edge) ? o.thread : worked[edge];
    const doubled = o.doubled && isAt(o.doubledAt, edge);
    return { thread, doubled, ...(thread === worked[edge] ? ownTails(kit, o)(edge) : {}) };
  };
  const ends: Record<Edge, CrownEnd> = { 'cast-on': end('cast-on'), 'hung-off': end('hung-off') };
  const at = ends['hung-off'];
  const off = drawstring(at.thread, at.doubled ? 2 * turn : turn, at.doubled);
  const operations: Operation[] = waste.yarn
    ? [...waste.before, ...work, ...waste.after]
    : [castOn(first), ...work, off];
  return { operations, waste, ends };
}

/** How one end of a lined tube is drawn: on which thread, and whether that is the work's own tail. */
interface CrownEnd extends OwnTail {
  readonly thread: string;
  readonly doubled: boolean;
}

/** A lined tube as its kind made it. */
export interface LinedTube {
  readonly piece: number;
  readonly joins: number;
  /** Yarn of the first work row. */
  readonly first: string;
  readonly waste: Waste;
  readonly ends: Readonly<Record<Edge, CrownEnd>>;
}

/** What the four schools of closing a crown are put together from. */
function crownActs(o: CrownChoice, { piece, first, waste, ends }: LinedTube) {
  const outer = edgeOfHalf(o.outer);
  const inner = otherEdge(outer);
  // The cast-on tail is the drawstring where there is no waste: single, and of the work's own yarn.
  const rethread = !waste.yarn && (ends['cast-on'].doubled || ends['cast-on'].thread !== first);
  const thread = (edge: Edge, own: OwnTail): Act => ({
    do: 'thread',
    piece,
    edge,
    yarn: ends[edge].thread,
    doubled: ends[edge].doubled,
    ...own
  });
  return {
    outer,
    inner,
    /** The loops of an end on a thread, its waste off. */
    ready: (edge: Edge): Act[] => {
      const { own } = ends[edge];
      if (!waste.yarn) return edge === 'cast-on' && rethread ? [thread(edge, {})] : [];
      // Run through all loops, the tail holds its own first loop; cut thread leaves that one to be tied.
      return [
        thread(edge, own ? { own } : {}),
        ...wasteAway(piece, edge, waste, o),
        ...(own ? [] : firstLoop(piece, edge, waste))
      ];
    },
    draw: (edges: readonly Edge[], tail: Face): Act => ({ do: 'draw', piece, edges, tail }),
    fold: (how: 'inside' | 'pinch', enters: Edge): Act => ({ do: 'fold', piece, how, enters }),
    out: (from: Edge): Act => ({ do: 'bringOut', piece, from, through: otherEdge(from) }),
    crowns: (how: 'knot' | 'stitch'): Act => ({ do: 'tie', piece, tails: 'crowns', how }),
    hide: (edge: Edge): Act => ({ do: 'weave', how: 'inside', pieces: [piece], edge, threaded: true })
  };
}

/** One school of closing both crowns, from the open tube to the closed hat with the outer half outside. */
type Closing = (o: CrownChoice, tube: LinedTube) => readonly Act[];

/** The four schools (craft 7.3). Each is a whole: which end goes in first, where its tail lies, what is turned. */
const CLOSINGS: Readonly<Record<CrownChoice['closing'], Closing>> = {
  // The lining's end is drawn and pushed in; its tail, between the layers, comes out before the outer end is drawn.
  draw: (o, tube) => {
    const c = crownActs(o, tube);
    return [
      ...c.ready(c.inner),
      ...c.ready(c.outer),
      c.draw([c.inner], 'purl'),
      c.fold('inside', c.inner),
      c.out(c.inner),
      c.draw([c.outer], 'knit'),
      c.crowns('knot'),
      weave('inside', tube.piece)
    ];
  },
  // Both ends are drawn; the lining's tail is run in and cut, the outer one joins the points.
  pinch: (o, tube) => {
    const c = crownActs(o, tube);
    return [
      ...c.ready(c.inner),
      ...c.ready(c.outer),
      c.draw([c.inner], 'knit'),
      c.hide(c.inner),
      c.draw([c.outer], 'knit'),
      c.fold('pinch', c.inner),
      c.crowns('stitch'),
      { do: 'weave', how: 'inside', pieces: [tube.piece], threaded: true }
    ];
  },
  // Sewn from the lining's side, then the whole hat is turned.
  zip: (o, tube) => {
    const c = crownActs(o, tube);
    const { piece, ends } = tube;
    // Where the lining's end was threaded anew, its tail is no drawstring, but it is there to sew with.
    const { thread, own } = ends[c.inner];
    return [
      ...c.ready(c.inner),
      ...c.ready(c.outer),
      c.fold('inside', c.outer),
      {
        do: 'join',
        name: 'crown',
        a: [{ piece, run: c.inner }],
        b: [{ piece, run: c.outer }],
        by: 'zip',
        yarn: thread,
        ...(own ? { own } : {})
      },
      c.draw([c.inner, c.outer], 'knit'),
      weave('inside', piece),
      { do: 'turn', piece, out: o.outer }
    ];
  },
  // The outer end stands a little out of the lining's: it is drawn first, both are sewn together, then the hat is
  // turned.
  pull: (o, tube) => {
    const c = crownActs(o, tube);
    return [
      ...c.ready(c.inner),
      ...c.ready(c.outer),
      c.fold('inside', c.outer),
      c.draw([c.outer], 'purl'),
      c.out(c.outer),
      c.draw([c.inner], 'knit'),
      c.crowns('stitch'),
      weave('inside', tube.piece),
      { do: 'turn', piece: tube.piece, out: o.outer }
    ];
  }
};

/** What hands do with a tube that is folded into itself, up to the turned-up brim. */
export const linedActs = (o: CrownChoice & Pick<HatSize, 'turnUpMm'>, tube: LinedTube): Act[] => [
  rest(tube.piece),
  ...onPurlSide(tube.piece, joinsTied(tube.piece, tube.joins, o.joinBy)),
  ...CLOSINGS[o.closing](o, tube),
  ...(o.turnUpMm > 0 ? [{ do: 'fold', piece: tube.piece, how: 'brim', heightMm: o.turnUpMm } as const] : [])
];
