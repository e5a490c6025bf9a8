import { headFit, linedRows } from '../../body';
import { type Kit } from '../../kit';
import {
  castOn,
  choiceOption,
  drawstring,
  type Edge,
  type Finish,
  lengthOption,
  MOST_ROWS,
  type Operation,
  type Plan,
  switchOption,
  type Wearer,
  yarnOrNoneOption
} from '../../plan';
import { even, type Ring, wantedRows } from './tube';
import { type Waste, type WasteChoice, wasteFor, wasteIfWished } from './waste';
import { countedOption, ENDS, sizeByOption, wearerOption, WHO } from './options';

export const headOption = lengthOption({
  title: 'Head girth',
  group: WHO,
  help: 'Round the brow and the back of the head, tape snug.',
  measure: 'head',
  min: 200,
  max: 800,
  start: 560
});

export const turnUpOption = (start: number) =>
  lengthOption({
    title: 'Turned-up brim',
    group: WHO,
    help: '0 for a hat without a turn-up.',
    min: 0,
    max: 150,
    start
  });

/** Who a hat is for and what decides its rows. */
export const hatSizeOptions = {
  wearer: wearerOption('adult', 'child', 'baby'),
  headMm: headOption,
  turnUpMm: turnUpOption(50),
  sizeBy: sizeByOption(WHO, { head: 'The head', height: 'Finished height', rows: 'A row count' }),
  heightMm: lengthOption({
    title: 'Finished height',
    group: WHO,
    help: 'Lying flat, the brim as worn.',
    min: 40,
    max: 600,
    start: 235,
    when: { key: 'sizeBy', is: ['height'] }
  }),
  rows: countedOption({
    title: 'Rows',
    group: WHO,
    help: 'All rows of the tube, both layers.',
    min: 10,
    max: MOST_ROWS,
    start: 120
  })
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
  closing: choiceOption({
    title: 'Closing the crown',
    group: ENDS,
    choices: [
      { value: 'draw', label: 'Draw each end shut', help: 'Quick: two knots, then sewn together inside.' },
      {
        value: 'zip',
        label: 'Zip both edges first',
        help: 'Flat, without a lump: stitches joined one by one, then drawn.'
      }
    ]
  }),
  ...wasteIfWished,
  thread: yarnOrNoneOption({ title: 'Drawstring thread', group: ENDS, empty: 'The tail of the same yarn' }),
  doubled: switchOption({ title: 'Draw with the thread doubled', group: ENDS, start: false })
};

export interface CrownChoice extends WasteChoice {
  readonly closing: 'draw' | 'zip';
  readonly thread: string | null;
  readonly doubled: boolean;
}

/** Least rows of a tube that can be folded into itself. */
const LEAST_ROWS = 10;

/** Rows of a lined tube by head, by height or as counted, and what the head asks for. */
export function linedTubeRows(
  o: HatSize,
  ring: Ring
): { rows: number; wanted: NonNullable<Plan['wanted']>; unasked: { rows: number; heightMm: number } } {
  const rowsFor = (courses: number): number => linedRows(headFit(o.headMm, { ...ring.knitted, courses }), o.turnUpMm);
  const { courses } = ring.gauge;
  const turned = o.turnUpMm ? `, brim ${o.turnUpMm / 10} cm turned up at full stretch` : '';
  const because = `two layers over a head of ${o.headMm / 10} cm, brow a third of the girth below the crown${turned}`;
  const wanted = wantedRows(rowsFor, ring, because);
  const fitted = even(wanted.exact, LEAST_ROWS);
  const rows =
    o.sizeBy === 'rows'
      ? o.rows
      : o.sizeBy === 'head'
        ? fitted
        : even(((o.heightMm + o.turnUpMm) / 10) * 2 * courses.value, LEAST_ROWS);
  return {
    rows,
    wanted: { low: wanted.low, high: wanted.high, because: wanted.because, rows: fitted },
    unasked: { rows, heightMm: (10 * rows) / (2 * courses.value) - o.turnUpMm }
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
  const lengthMm = drawstring('', turn).threadMm * (o.doubled ? 2 : 1);
  const threads: Record<Edge, { yarn: string; lengthMm: number }> = {
    'cast-on': { yarn: o.thread ?? first, lengthMm },
    'hung-off': { yarn: o.thread ?? last, lengthMm }
  };
  return { operations, waste, threads };
}

/** Finishing of a lined tube up to the turned-up brim. */
export function linedFinishing(
  o: CrownChoice & HatSize,
  at: { rows: number; joins: number; first: string; ring: Ring; waste: Waste; threads: Record<Edge, { yarn: string; lengthMm: number }> } // prettier-ignore
): Finish[] {
  const { rows, joins, first, ring, waste, threads } = at;
  const list: Finish[] = [];
  if (joins > 0) list.push({ do: 'checkJoins', piece: 0, joins });
  const thread = (edge: Edge): Finish => ({ do: 'threadEdge', piece: 0, edge, ...threads[edge], doubled: o.doubled });
  if (waste.yarn) {
    for (const edge of ['cast-on', 'hung-off'] as const) {
      list.push(thread(edge), { do: 'removeWaste', piece: 0, edge, rows: waste.rows[edge] });
    }
  } else if (o.doubled || threads['cast-on'].yarn !== first) {
    // The cast-on tail would be the drawstring here, and it is single and of the work's own yarn.
    list.push(thread('cast-on'));
  }
  const fold: Finish = { do: 'pushInside', piece: 0, foldRow: Math.floor(rows / 2) };
  if (o.closing === 'draw') {
    list.push({ do: 'drawShut', piece: 0, edge: 'cast-on' }, { do: 'drawShut', piece: 0, edge: 'hung-off' });
    list.push(fold, { do: 'joinCrowns', piece: 0 });
  } else {
    list.push(fold, {
      do: 'zipEdges',
      piece: 0,
      yarn: threads['cast-on'].yarn,
      // One thread through both edges: twice the ring, and a hand's length to hold at either end.
      lengthMm: Math.round(2 * ring.turnMm + 300),
      stitches: ring.machine.pins
    });
    list.push({ do: 'drawBoth', piece: 0 });
  }
  list.push({ do: 'weaveIn', piece: 0, tails: o.closing === 'zip' ? 4 : 2 });
  if (o.turnUpMm > 0) list.push({ do: 'turnUp', piece: 0, heightMm: o.turnUpMm });
  return list;
}
