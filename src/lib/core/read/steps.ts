import { machineOf, ringMm, yarnName } from '../kit';
import type { Operation, Piece, Plan, Side } from '../plan';
import { showLength } from '../quantity';
import { type Cue, cuesOf } from './cues';
import { type Executed, type RowRun, rowRuns } from './executed';
import { finishWords } from './finishing';

/** One thing to do, in the order it is done. */
export interface Step {
  readonly id: string;
  readonly phase: 'prepare' | 'knit' | 'finish';
  readonly piece: number | null;
  /** Index of the operation or of the finishing action it carries out; every one has exactly one step. */
  readonly operation: number | null;
  readonly finish: number | null;
  readonly title: string;
  readonly detail: string;
  /** Something must be done before the rows begin, such as joining a new yarn. */
  readonly before: string | null;
  /** Rows of the true count, from 1, or null for a step without rows. */
  readonly rows: { readonly from: number; readonly to: number } | null;
  /** The whole section these rows belong to, where shaping cuts it into several steps. */
  readonly section: { readonly from: number; readonly to: number } | null;
  readonly yarnId: string | null;
  readonly cues: readonly Cue[];
  /** Where two schools exist, one line on why this one. */
  readonly why: string | null;
  /** How many copies of the piece it is done for. */
  readonly copies: number;
  /** Done anew for every copy; a machine that is set up stays so. */
  readonly eachCopy: boolean;
  /** Minutes for one copy. */
  readonly minutes: number;
}

type Draft = Pick<Step, 'title' | 'detail' | 'minutes'> &
  Partial<Pick<Step, 'before' | 'rows' | 'section' | 'yarnId' | 'cues' | 'why' | 'eachCopy'>>;

/** Rows a practised knitter cranks in a minute in TUBE mode: a hat of 135 rows with all its finishing then takes 15 to 20 minutes (handbook section 10). */
export const TUBE_ROWS_PER_MINUTE = 18;

/** Rows in a minute when the crank goes to and fro by hand, a cord or a panel (own estimate, no source). */
export const PANEL_ROWS_PER_MINUTE = 12;

/** The first rows go at less than half of that (own estimate, no source). */
const SLOW_ROWS = 12;
const SLOW_FACTOR = 0.45;

const HOLE_NAMES: Readonly<Record<number, readonly string[]>> = {
  1: ['only'],
  2: ['small', 'large'],
  3: ['smallest', 'middle', 'largest']
};

function rowMinutes(run: Executed, piece: Piece, from: number, count: number): number {
  const { tubeRowsPerMinute, panelRowsPerMinute } = run.kit.habits;
  const pace =
    piece.mode === 'tube' ? (tubeRowsPerMinute ?? TUBE_ROWS_PER_MINUTE) : (panelRowsPerMinute ?? PANEL_ROWS_PER_MINUTE);
  const slow = Math.max(0, Math.min(SLOW_ROWS, from + count) - from);
  return (count - slow + slow / SLOW_FACTOR) / pace;
}

/** Setting up for a piece; what the piece before left as it should be is not asked for again. */
function prepare(run: Executed, piece: Piece, before: Piece | undefined): Draft[] {
  const machine = machineOf(run.kit, piece.machineId);
  const hole = HOLE_NAMES[machine.tensionHoles]?.[piece.hole - 1] ?? `number ${piece.hole}`;
  const firstOp = piece.operations.find((op) => op.op === 'castOn');
  const yarn = firstOp && run.yarns[run.fabric.yarns.indexOf(firstOp.yarn)]!;
  const strands = yarn && yarn.strands > 1 ? `, ${yarn.strands} strands together` : '';
  const few = piece.mode === 'tube-as-panel';
  const same = before?.machineId === piece.machineId && before.hole === piece.hole;
  const isSet = same && before.mode === piece.mode && (!few || (before.from === piece.from && before.to === piece.to));
  const lastYarn = before?.operations.findLast((op) => op.op === 'knit')?.yarn;
  const threaded = same && firstOp?.yarn === lastYarn;
  const setUp: Draft[] = [
    {
      title: `Switch ${machine.name} to ${piece.mode === 'panel' ? 'PANEL' : 'TUBE'}`,
      detail: few
        ? `Feet and clamps tight. You turn to and fro by hand over pins ${piece.from} to ${piece.to}, away from the marker, where the catch makes the crank stick.`
        : `Feet and clamps tight, every pin down, the ${machine.marker.counts} marker pin at the yarn guide.`,
      minutes: 0.5,
      eachCopy: false
    },
    {
      title: `Thread the yarn through the ${hole} hole`,
      detail: `${yarn ? yarnName(yarn) : 'The yarn'}${strands}, pulled slack from the ball on the floor. The gate stays open until the cast-on is laid.`,
      minutes: 0.5
    }
  ];
  return setUp.filter((_, i) => (i === 0 ? !isSet : !threaded));
}

/** What a run of rows is called, and where it lies in its piece. */
export function rowWords(
  run: Pick<Executed, 'plan' | 'fabric' | 'yarns'>,
  p: number,
  op: Extract<Operation, { op: 'knit' }>,
  from: number,
  to: number
): { title: string; detail: string } {
  const count = to - from + 1;
  const where = `Row ${from} to ${to}`;
  const blind = run.plan.pieces[p]!.mode === 'tube' ? '' : ' The counter does not count here: Tomble does.';
  return {
    title: `${op.section}: ${count} ${count === 1 ? 'row' : 'rows'} in ${yarnName(run.yarns[run.fabric.yarns.indexOf(op.yarn)]!)}`,
    detail:
      op.purpose === 'work'
        ? `${where} of the piece.${blind}`
        : `${where}. ${op.purpose === 'waste' ? 'These rows come out again.' : 'One row to pull out, so that the waste falls away.'}`
  };
}

/** The rows of a section that shaping cuts into stretches: its neighbours of the same name and yarn belong to it. */
function sectionOf(run: Executed, p: number, index: number, from: number): { from: number; to: number } {
  const { operations } = run.plan.pieces[p]!;
  const own = operations[index]!;
  let [first, last] = [from + 1, from + (own.op === 'knit' ? own.rows : 0)];
  if (run.plan.pieces[p]!.mode === 'tube' || own.op !== 'knit') return { from: first, to: last };
  const belongs = (op: Operation): boolean =>
    op.op === 'knit' && op.section === own.section && op.yarn === own.yarn && op.purpose === own.purpose;
  const shapes = (op: Operation): boolean => ['decrease', 'increase', 'hold', 'newEnd', 'float'].includes(op.op);
  for (let i = index - 1; i >= 0 && (belongs(operations[i]!) || shapes(operations[i]!)); i--) {
    const op = operations[i]!;
    if (op.op === 'knit') first -= op.rows;
  }
  for (let i = index + 1; i < operations.length && (belongs(operations[i]!) || shapes(operations[i]!)); i++) {
    const op = operations[i]!;
    if (op.op === 'knit') last += op.rows;
  }
  return { from: first, to: last };
}

function operationStep(
  run: Executed,
  p: number,
  index: number,
  op: Operation,
  rows: RowRun | undefined,
  final: boolean,
  last: Operation | undefined
): Draft {
  const { units } = run.kit.habits;
  const piece = run.plan.pieces[p]!;
  // What hung on the pins before this operation.
  const { trace } = run.fabric.pieces[p]!;
  const hung = trace[index - 1];
  const edge = (side: Side): number => (side === 'low' ? (hung?.low ?? piece.from) : (hung?.high ?? piece.to));
  const inner = (side: Side, by: number): number => edge(side) + (side === 'low' ? by : -by);
  const machine = machineOf(run.kit, piece.machineId);
  const yarn = (id: string): string => yarnName(run.yarns[run.fabric.yarns.indexOf(id)]!);
  switch (op.op) {
    case 'castOn': {
      const [first, end] = [op.pins?.from ?? piece.from, op.pins?.to ?? piece.to];
      const pins = end - first + 1;
      if (op.style === 'rag') {
        return {
          title: 'Hang the reusable strip on the pins',
          detail: `One open loop of the strip on every pin, all ${pins}, none skipped. Lay the yarn in the guide and close the gate.`,
          yarnId: op.yarn,
          minutes: 2
        };
      }
      if (op.style === 'e-wrap') {
        return {
          title: `Wrap the cast-on in ${yarn(op.yarn)}`,
          detail: `Leave a tail of ${showLength(op.tailMm, units)}. Wrap pins ${first} to ${end} one by one, snug, not tight. Then lay the yarn in the guide and close the gate.`,
          yarnId: op.yarn,
          minutes: 0.3 + 0.06 * pins
        };
      }
      return {
        title: `Weave the cast-on in ${yarn(op.yarn)}`,
        detail: `Leave a tail of ${showLength(op.tailMm, units)} hanging in the middle. Under one pin, behind the next, all ${piece.to - piece.from + 1} pins, no pull on the yarn, none skipped. Then lay the yarn in the guide and close the gate. This pass is not a counted row.`,
        yarnId: op.yarn,
        minutes: 0.3 + 0.025 * pins
      };
    }
    case 'rehang':
      return {
        title: `Lift row ${op.row} back onto the pins`,
        detail: `From inside, stitch by stitch, the loop of row ${op.row} above the waste onto the pin it came from: ${piece.to - piece.from + 1} of them. Begin at the marker. The next row knits both together.`,
        why: 'A doubled edge lies flat and holds a cord; a single one rolls up.',
        minutes: 0.12 * (piece.to - piece.from + 1)
      };
    case 'decrease':
      return op.method === 'full-fashioned'
        ? {
            title: `Decrease one at the edge of pin ${edge(op.side)}`,
            detail: `With the pick lift the three edge stitches; the middle one first onto the pin nearest the panel, then the inner one on top of it, then the edge stitch onto its own pin, now pin ${inner(op.side, 1)}. It leans ${op.side === 'low' ? 'right' : 'left'} and follows the slope.`,
            why: 'Full-fashioned: a neat edge column for the seam. Simple: quicker, for edges that are hidden.',
            minutes: 0.6
          }
        : {
            title: `Decrease one at the edge of pin ${edge(op.side)}`,
            detail: `Move the edge stitch from pin ${edge(op.side)} onto its neighbour, pin ${inner(op.side, 1)}; empty pin ${edge(op.side)}.`,
            minutes: 0.3
          };
    case 'increase':
      return {
        title: `Increase one at the edge of pin ${edge(op.side)}`,
        detail: `Lay a loop of the row below onto the empty pin ${inner(op.side, -1)}, beside the edge.`,
        minutes: 0.4
      };
    case 'hold':
      return {
        title: `Take ${op.stitches} stitches off at the edge of pin ${edge(op.side)}`,
        detail: `The yarn must hang here, at pin ${edge(op.side)}. Take pins ${[edge(op.side), inner(op.side, op.stitches - 1)].sort((a, b) => a - b).join(' to ')} onto a waste thread; they are chained off later. Go on from pin ${inner(op.side, op.stitches)}.`,
        minutes: 0.5 + 0.1 * op.stitches
      };
    case 'newEnd':
      return {
        title: `Cut the yarn and begin at pin ${edge(op.side)}`,
        detail: `Leave ${showLength(op.tailMm, units)} at either end of the cut, slip the new end under the bumper at pin ${edge(op.side)}.`,
        yarnId: op.yarn,
        minutes: 1
      };
    case 'float':
      return {
        title: `Set the card for ${op.after.length} groups of ${op.columns} columns`,
        detail: `From now on lay the yarn round the card behind pins ${op.after.join(', ')} in every row, before the next pin takes it. Always the same pull.`,
        minutes: 1
      };
    case 'ladder':
      return {
        title: `Let ${op.pins.length === 1 ? 'a stitch' : `${op.pins.length} stitches`} run down at pin ${op.pins.join(' and ')}`,
        detail: `Lift the stitch off pin ${op.pins.join(' and off pin ')} and help it run to the cast-on with a pick. Clingy wool may need help at every row.`,
        minutes: 2 * op.pins.length
      };
    case 'zeroCounter':
      return { title: 'Set the counter to zero', detail: 'The next turn is row 1 of the section.', minutes: 0.1 };
    case 'knit': {
      const from = rows?.first ?? 0;
      const joined = last !== undefined && 'yarn' in last && last.yarn !== op.yarn;
      const whole = sectionOf(run, p, index, from);
      return {
        ...rowWords(run, p, op, from + 1, from + op.rows),
        before: joined
          ? `${piece.mode === 'tube' ? 'Stop at the marker' : 'Stop at the edge'}. Change to ${yarn(op.yarn)}: the old yarn to the middle with a tail of ${showLength(op.joinTailMm, units)}, the new one into the guide, its tail in the middle. Close the gate.`
          : null,
        rows: { from: from + 1, to: from + op.rows },
        section: whole,
        yarnId: op.yarn,
        cues: rows ? cuesOf(run, p, rows, joined && op.purpose === 'work', final) : [],
        minutes: rowMinutes(run, piece, from, op.rows) + (joined ? 0.5 : 0)
      };
    }
    case 'hangOff':
      if (piece.mode !== 'tube' && op.style === 'drawstring') {
        return {
          title: `Gather the last stitches onto the tail`,
          detail: `Cut a tail of ${showLength(op.threadMm, units)} and draw it through all ${trace[index - 1]?.occupied ?? 0} stitches with a needle.`,
          yarnId: op.thread,
          minutes: 1
        };
      }
      if (op.style === 'thread') {
        return {
          title: `Take the last ${trace[index - 1]?.occupied ?? 0} stitches onto a thread`,
          detail: `Pins ${edge('low')} to ${edge('high')}, onto ${showLength(op.threadMm, units)} of waste thread. They stay live until they are chained or joined.`,
          minutes: 0.5 + 0.1 * (trace[index - 1]?.occupied ?? 0)
        };
      }
      if (op.style === 'chain') {
        return {
          title: `Chain the stitches off in ${op.thread ? yarn(op.thread) : 'the yarn'}`,
          detail: `Leave ${showLength(op.threadMm, units)} of yarn. With a hook take two stitches, pull the second through the first, on round the ring: firm, not tight. Pull the end through the last one.`,
          why: 'Chained off: an edge that is done at once. On waste yarn the stitches stay live for a later edge.',
          yarnId: op.thread,
          minutes: 0.1 * (piece.to - piece.from + 1)
        };
      }
      return op.style === 'waste'
        ? {
            title: 'Crank off the waste',
            detail: 'Cut the yarn and crank on without it until the tube falls off. The waste holds the stitches.',
            minutes: 0.5
          }
        : {
            title: `Hang off onto ${op.thread ? yarn(op.thread) : 'a thread'}`,
            detail: `Cut a tail of ${showLength(op.threadMm, units)} (${(op.threadMm / ringMm(machine)).toFixed(1)} turns of the ring${op.doubled ? ', to be used doubled' : ''}). Crank one row with no yarn, stop just before the marker. With a needle take every live stitch from inside to outside onto it, several at a time, a finger over the next one.`,
            yarnId: op.thread,
            minutes: 3
          };
  }
}

/**
 * Reads what to do from the first switch to the last knot. Every operation and every finishing action has one step; a
 * piece of several copies has its steps once, and says how many copies there are.
 */
export function readSteps(run: Executed): Step[] {
  const steps: Step[] = [];
  run.plan.pieces.forEach((piece, p) => {
    const runs = new Map(rowRuns(run.fabric.pieces[p]!).map((r) => [r.operation, r]));
    const final = piece.operations.findLastIndex((op) => op.op === 'knit');
    const put = (draft: Draft, id: string, phase: Step['phase'], operation: number | null): void => {
      steps.push(
        made(draft, {
          id,
          phase,
          piece: p,
          operation,
          finish: null,
          copies: draft.eachCopy === false ? 1 : piece.copies
        })
      );
    };
    prepare(run, piece, run.plan.pieces[p - 1]).forEach((draft, i) => put(draft, `p${p}.ready${i}`, 'prepare', null));
    let last: Operation | undefined;
    piece.operations.forEach((op, i) => {
      put(operationStep(run, p, i, op, runs.get(i), i === final, last), `p${p}.${i}`, 'knit', i);
      if ('yarn' in op) last = op;
    });
  });
  run.plan.finishing.forEach((finish, i) => {
    const piece = 'piece' in finish ? finish.piece : null;
    const yarnId = 'yarn' in finish ? finish.yarn : null;
    const copies = copiesOf(run, finish);
    const words = finishWords(run, finish);
    const title = copies > 1 ? `${words.title} (${copies} times)` : words.title;
    const id = `f${i}.${finish.do}`;
    const draft: Draft = { ...words, title, yarnId };
    steps.push(made(draft, { id, phase: 'finish', piece, operation: null, finish: i, copies }));
  });
  return steps;
}

/**
 * A step from its words and its place. Every field is named, because spreading two records of changing shape took most
 * of the time of a plan.
 */
function made(draft: Draft, at: Pick<Step, 'id' | 'phase' | 'piece' | 'operation' | 'finish' | 'copies'>): Step {
  return {
    id: at.id,
    phase: at.phase,
    piece: at.piece,
    operation: at.operation,
    finish: at.finish,
    copies: at.copies,
    eachCopy: draft.eachCopy ?? true,
    title: draft.title,
    detail: draft.detail,
    minutes: draft.minutes,
    before: draft.before ?? null,
    rows: draft.rows ?? null,
    section: draft.section ?? null,
    yarnId: draft.yarnId ?? null,
    cues: draft.cues ?? [],
    why: draft.why ?? null
  };
}

/** How often a finishing action is done: once for each copy of its piece, but where it names its own count. */
export function copiesOf(run: Executed, finish: Plan['finishing'][number]): number {
  if (!('piece' in finish) || 'count' in finish || finish.do === 'cuff') return 1;
  if ('join' in finish) {
    // A seam within one piece is sewn on every copy of it.
    const { a, b } = run.plan.joins[finish.join]!;
    if (a.piece !== b.piece) return 1;
  }
  return run.plan.pieces[finish.piece]?.copies ?? 1;
}
