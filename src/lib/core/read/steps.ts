import { machineOf, ringMm, yarnName } from '../kit';
import type { Operation, Piece } from '../plan';
import { showLength } from '../quantity';
import { type Cue, cuesOf } from './cues';
import { type Executed, type RowRun, rowRuns } from './executed';
import { finishWords } from './finishing-words';

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
  readonly yarnId: string | null;
  readonly cues: readonly Cue[];
  readonly minutes: number;
}

type Draft = Omit<Step, 'id' | 'phase' | 'piece' | 'operation' | 'finish' | 'before' | 'rows' | 'yarnId' | 'cues'> &
  Partial<Pick<Step, 'before' | 'rows' | 'yarnId' | 'cues'>>;

/** Rows a practised knitter cranks in a minute in TUBE mode: a hat of 135 rows with all its finishing then takes 15 to 20 minutes (handbook section 10). */
export const TUBE_ROWS_PER_MINUTE = 18;

/** The first rows go at less than half of that (own estimate, no source). */
const SLOW_ROWS = 12;
const SLOW_FACTOR = 0.45;

const HOLE_NAMES: Readonly<Record<number, readonly string[]>> = {
  1: ['only'],
  2: ['small', 'large'],
  3: ['smallest', 'middle', 'largest']
};

function rowMinutes(run: Executed, from: number, count: number): number {
  const pace = run.kit.habits.tubeRowsPerMinute ?? TUBE_ROWS_PER_MINUTE;
  const slow = Math.max(0, Math.min(SLOW_ROWS, from + count) - from);
  return (count - slow + slow / SLOW_FACTOR) / pace;
}

function prepare(run: Executed, piece: Piece): Draft[] {
  const machine = machineOf(run.kit, piece.machineId);
  const hole = HOLE_NAMES[machine.tensionHoles]?.[piece.hole - 1] ?? `number ${piece.hole}`;
  const firstOp = piece.operations.find((op) => op.op === 'castOn');
  const yarn = firstOp && run.yarns[run.fabric.yarns.indexOf(firstOp.yarn)]!;
  const strands = yarn && yarn.strands > 1 ? `, ${yarn.strands} strands together` : '';
  return [
    {
      title: `Switch ${machine.name} to ${piece.mode === 'panel' ? 'PANEL' : 'TUBE'}`,
      detail: `Feet and clamps tight, every pin down, the ${machine.marker.counts} marker pin at the yarn guide.`,
      minutes: 0.5
    },
    {
      title: `Thread the yarn through the ${hole} hole`,
      detail: `${yarn ? yarnName(yarn) : 'The yarn'}${strands}, pulled slack from the ball on the floor. The gate stays open until the cast-on is laid.`,
      minutes: 0.5
    }
  ];
}

function operationStep(
  run: Executed,
  piece: Piece,
  op: Operation,
  rows: RowRun | undefined,
  final: boolean,
  last: Operation | undefined
): Draft {
  const { units } = run.kit.habits;
  const machine = machineOf(run.kit, piece.machineId);
  const yarn = (id: string): string => yarnName(run.yarns[run.fabric.yarns.indexOf(id)]!);
  switch (op.op) {
    case 'castOn':
      return {
        title: `Weave the cast-on in ${yarn(op.yarn)}`,
        detail: `Leave a tail of ${showLength(op.tailMm, units)} hanging in the middle. Under one pin, behind the next, all ${piece.to - piece.from + 1} pins, no pull on the yarn, none skipped. Then lay the yarn in the guide and close the gate. This pass is not a counted row.`,
        yarnId: op.yarn,
        minutes: 1.5
      };
    case 'zeroCounter':
      return { title: 'Set the counter to zero', detail: 'The next turn is row 1 of the section.', minutes: 0.1 };
    case 'knit': {
      const from = rows?.first ?? 0;
      const joined = last !== undefined && 'yarn' in last && last.yarn !== op.yarn;
      const many = `${op.rows} ${op.rows === 1 ? 'row' : 'rows'}`;
      return {
        title: `${op.section}: ${many} in ${yarn(op.yarn)}`,
        detail:
          op.purpose === 'work'
            ? `Row ${from + 1} to ${from + op.rows} of the machine's count.`
            : `Row ${from + 1} to ${from + op.rows}. ${op.purpose === 'waste' ? 'These rows come out again.' : 'One row to pull out, so that the waste falls away.'}`,
        before: joined
          ? `Stop at the marker. Change to ${yarn(op.yarn)}: the old yarn to the middle with a tail of ${showLength(op.joinTailMm, units)}, the new one into the guide, its tail in the middle. Close the gate.`
          : null,
        rows: { from: from + 1, to: from + op.rows },
        yarnId: op.yarn,
        cues: rows ? cuesOf(run, rows, joined && op.purpose === 'work', final) : [],
        minutes: rowMinutes(run, from, op.rows) + (joined ? 0.5 : 0)
      };
    }
    case 'hangOff':
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

/** Reads what to do from the first switch to the last knot. Every operation and every finishing action has one step. */
export function readSteps(run: Executed): Step[] {
  const steps: Step[] = [];
  run.plan.pieces.forEach((piece, p) => {
    const runs = new Map(rowRuns(run.fabric.pieces[p]!).map((r) => [r.operation, r]));
    const final = piece.operations.findLastIndex((op) => op.op === 'knit');
    prepare(run, piece).forEach((draft, i) => steps.push(make(draft, `p${p}.ready${i}`, 'prepare', p, null, null)));
    let last: Operation | undefined;
    piece.operations.forEach((op, i) => {
      steps.push(make(operationStep(run, piece, op, runs.get(i), i === final, last), `p${p}.${i}`, 'knit', p, i, null));
      if ('yarn' in op) last = op;
    });
  });
  const yarn = (id: string) => run.yarns[run.fabric.yarns.indexOf(id)]!;
  run.plan.finishing.forEach((finish, i) => {
    const piece = 'piece' in finish ? finish.piece : null;
    const yarnId = 'yarn' in finish ? finish.yarn : null;
    steps.push(make({ ...finishWords(finish, run.kit, yarn), yarnId }, `f${i}.${finish.do}`, 'finish', piece, null, i));
  });
  return steps;
}

function make(
  draft: Draft,
  id: string,
  phase: Step['phase'],
  piece: number | null,
  operation: number | null,
  finish: number | null
): Step {
  return { before: null, rows: null, yarnId: null, cues: [], ...draft, id, phase, piece, operation, finish };
}
