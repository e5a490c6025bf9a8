import { headFit, linedRows } from '../../body';
import type { Reason } from '../../quantity';
import { type Kit } from '../../kit';
import {
  type Act,
  castOn,
  choiceOption,
  drawstring,
  type Edge,
  lengthOption,
  MOST_ROWS,
  type Operation,
  type Notes,
  switchOption,
  type Wearer,
  yarnOrNoneOption
} from '../../plan';
import { even, type Ring, wantedRows } from './tube';
import { type JoinChoice, joinOption, joinsTied, rest, weave } from './hands';
import { firstLoop, type Waste, wasteAway, type WasteChoice, wasteFor, wasteIfWished } from './waste';
import { countedOption, ENDS, sizeByOption, wearerOption, WHO } from './options';

export const headOption = lengthOption({ group: WHO, measure: 'head', min: 200, max: 800, start: 560 });

export const turnUpOption = (start: number) => lengthOption({ group: WHO, min: 0, max: 150, start });

/** Who a hat is for and what decides its rows. */
export const hatSizeOptions = {
  wearer: wearerOption('adult', 'child', 'baby'),
  headMm: headOption,
  turnUpMm: turnUpOption(50),
  sizeBy: sizeByOption(WHO, 'head', 'height', 'rows'),
  heightMm: lengthOption({ group: WHO, min: 40, max: 600, start: 235, when: { key: 'sizeBy', is: ['height'] } }),
  rows: countedOption({ group: WHO, min: 10, max: MOST_ROWS, start: 120 })
};

export interface HatSize {
  readonly wearer: Exclude<Wearer, 'thing'>;
  readonly headMm: number;
  readonly turnUpMm: number;
  readonly sizeBy: 'head' | 'height' | 'rows';
  readonly heightMm: number;
  readonly rows: number;
}

/** How the crowns of a lined hat are closed and what holds the stitches until then. */
export const crownOptions = {
  closing: choiceOption({ group: ENDS, school: true, choices: ['draw', 'pinch', 'zip'] }),
  joinBy: joinOption,
  ...wasteIfWished,
  thread: yarnOrNoneOption({ group: ENDS, open: true }),
  doubled: switchOption({ group: ENDS, start: false })
};

export interface CrownChoice extends WasteChoice {
  readonly closing: 'draw' | 'pinch' | 'zip';
  readonly joinBy: JoinChoice;
  readonly thread: string | null;
  readonly doubled: boolean;
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
): { rows: number; wanted: NonNullable<Notes['wanted']>; unasked: { rows: number; heightMm: number } } {
  const rowsFor = (courses: number): number =>
    ring.fewer * linedRows(headFit(o.headMm, { ...ring.knitted, courses }), o.turnUpMm);
  const { courses } = ring.gauge;
  const lostMm = crown === 'drawn' ? ring.crownMm : 0;
  const because: Reason = { say: 'layers', headMm: o.headMm, turnUpMm: o.turnUpMm, fewer: 1 - ring.fewer };
  const wanted = wantedRows(rowsFor, ring, because);
  const fitted = even(wanted.exact, LEAST_ROWS);
  const whole = (exact: number): number => (odd ? Math.max(LEAST_ROWS + 1, 2 * Math.floor(exact / 2) + 1) : even(exact, LEAST_ROWS)); // prettier-ignore
  const rows =
    o.sizeBy === 'rows'
      ? o.rows
      : whole(o.sizeBy === 'head' ? wanted.exact : ((o.heightMm + o.turnUpMm + lostMm) / 10) * 2 * courses.value);
  return {
    rows,
    // A count is rounded to an even one, which may lie a little outside what the gauge gives exactly.
    wanted: { low: Math.min(wanted.low, fitted), high: Math.max(wanted.high, fitted), because: wanted.because, rows: fitted }, // prettier-ignore
    unasked: { rows, heightMm: (10 * rows) / (2 * courses.value) - o.turnUpMm - lostMm }
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
  const off = drawstring(o.thread ?? last, o.doubled ? 2 * turn : turn, o.doubled);
  const operations: Operation[] = waste.yarn
    ? [...waste.before, ...work, ...waste.after]
    : [castOn(first), ...work, off];
  const threads: Record<Edge, string> = { 'cast-on': o.thread ?? first, 'hung-off': o.thread ?? last };
  return { operations, waste, threads };
}

/**
 * What hands do with a tube that is folded into itself, up to the turned-up brim (craft 7.3). An end that is drawn shut and
 * turned inside can no longer be reached, so its tail is brought out first.
 */
export function linedActs(
  o: CrownChoice & Pick<HatSize, 'turnUpMm'>,
  at: { piece: number; joins: number; first: string; waste: Waste; threads: Record<Edge, string> }
): Act[] {
  const { piece, joins, first, waste, threads } = at;
  const thread = (edge: Edge): Act => ({ do: 'thread', piece, edge, yarn: threads[edge], doubled: o.doubled });
  const draw = (edges: readonly Edge[], tail: 'in' | 'out'): Act => ({ do: 'draw', piece, edges, tail });
  const fold = (how: 'inside' | 'pinch'): Act => ({ do: 'fold', piece, how });
  // The cast-on tail is the drawstring where there is no waste: single, and of the work's own yarn.
  const rethread = !waste.yarn && (o.doubled || threads['cast-on'] !== first);
  const ready = (edge: Edge): Act[] => {
    if (waste.yarn) return [thread(edge), ...wasteAway(piece, edge, waste, o), ...firstLoop(piece, edge, waste)];
    return edge === 'cast-on' && rethread ? [thread(edge)] : [];
  };
  const crowns = (how: 'knot' | 'stitch'): Act => ({ do: 'tie', piece, tails: 'crowns', how });
  const ready2 = [...ready('cast-on'), ...ready('hung-off')];
  const closing: Record<CrownChoice['closing'], () => Act[]> = {
    draw: () => [
      ...ready2,
      draw(['cast-on'], 'in'),
      fold('inside'),
      { do: 'bringOut', piece, from: 'cast-on', through: 'hung-off' },
      draw(['hung-off'], 'out'),
      crowns('knot')
    ],
    pinch: () => [...ready2, draw(['cast-on'], 'out'), draw(['hung-off'], 'out'), fold('pinch'), crowns('stitch')],
    zip: () => [
      ...ready2,
      fold('inside'),
      { do: 'join', name: 'crown', a: [{ piece, run: 'cast-on' }], b: [{ piece, run: 'hung-off' }], by: 'zip', yarn: threads['cast-on'] }, // prettier-ignore
      draw(['cast-on', 'hung-off'], 'out')
    ]
  };
  return [
    rest(piece),
    ...joinsTied(piece, joins, o.joinBy),
    ...closing[o.closing](),
    weave('inside', piece),
    ...(o.turnUpMm > 0 ? [{ do: 'fold', piece, how: 'brim', heightMm: o.turnUpMm } as const] : [])
  ];
}
