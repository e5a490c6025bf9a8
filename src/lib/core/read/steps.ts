import type { Did, Made } from '../hand';
import { type Habits, machineOf } from '../kit';
import { type Executed, pieceAt, type PieceRun, type RowRun, ruleOfOperation } from '../knit';
import { type Operation, type OperationOf, type Piece, sameSection } from '../plan';
import { type Cue, cuesOf, type Due, dueIn } from './cues';
import { hangingOf, isBlind } from './hanging';
import { factsOf, type JoinedFacts, type What } from './facts';
import { holeAtEnd, holeAtStart, throughAt } from './tension';

/** One thing to do, in the order it is done: facts, no words. */
export interface Step {
  readonly id: string;
  readonly phase: 'prepare' | 'knit' | 'finish';
  readonly piece: number | null;
  /** Index of the operation or of the act it carries out; every one has exactly one step. */
  readonly operation: number | null;
  readonly act: number | null;
  readonly what: What;
  /** A new yarn must be joined before the rows begin. */
  readonly joined: JoinedFacts | null;
  /** Rows of the true count, from 1, or null for a step without rows. */
  readonly rows: { readonly from: number; readonly to: number } | null;
  /** The same rows as hands count them: the work from its first row; null for waste. */
  readonly workRows: { readonly from: number; readonly to: number } | null;
  /** Pin at which the yarn stands before and after these rows; 0 is at the marker. */
  readonly carriage: { readonly before: number; readonly after: number } | null;
  /** The whole section these rows belong to, where shaping cuts it into several steps. */
  readonly section: { readonly from: number; readonly to: number } | null;
  readonly yarnId: string | null;
  readonly cues: readonly Cue[];
  /** How many copies of the piece it is done for. */
  readonly copies: number;
  /** Done anew for every copy; a machine that is set up stays so. */
  readonly eachCopy: boolean;
  /** Minutes for one copy. */
  readonly minutes: number;
  /** Pieces that must be off the machine for it; none for a step at the machine. */
  readonly needs: readonly number[];
}

/**
 * Rows a practised knitter cranks in a minute on a ring of 46 pins, the slow first rows included: a hat of 135 rows with all
 * its finishing then takes 15 to 20 minutes, a preterm hat of 65 rows on 22 pins under 4 (craft 10, common
 * practice, no source).
 */
export const TUBE_ROWS_PER_MINUTE = 18;

/** The ring that pace is told of. A row takes the time of its stitches: on 22 pins half as long. */
export const PACE_PINS = 46;

/** Rows in a minute when the crank goes to and fro by hand, a cord or a panel (own estimate, no source). */
export const PANEL_ROWS_PER_MINUTE = 12;

/** At a pace that was learned row by row the first rows go at less than half of it (own estimate, no source). */
const SLOW_ROWS = 12;
const SLOW_FACTOR = 0.45;

/**
 * Rows this knitter cranks in a minute, by habit; where that was never said a practised knitter's on a ring of so many pins.
 *
 * @example rowsAMinute({ tubeRowsPerMinute: null, panelRowsPerMinute: null }, true, 23) // 36
 */
export const rowsAMinute = (
  { tubeRowsPerMinute, panelRowsPerMinute }: Pick<Habits, 'tubeRowsPerMinute' | 'panelRowsPerMinute'>,
  tube: boolean,
  pins: number
): number =>
  tube
    ? (tubeRowsPerMinute ?? (TUBE_ROWS_PER_MINUTE * PACE_PINS) / pins)
    : (panelRowsPerMinute ?? PANEL_ROWS_PER_MINUTE);

function rowMinutes(run: Executed, piece: Piece, from: number, count: number): number {
  const tube = piece.mode === 'tube';
  const pace = rowsAMinute(run.kit.habits, tube, piece.to - piece.from + 1);
  // The usual pace of a tube is that of whole pieces, its slow first rows included.
  if (tube && run.kit.habits.tubeRowsPerMinute === null) return count / pace;
  const slow = Math.max(0, Math.min(SLOW_ROWS, from + count) - from);
  return (count - slow + slow / SLOW_FACTOR) / pace;
}

/** Most steps need nothing and bring nothing: they share this. */
const NONE: readonly never[] = [];

/** A section with all its rows, and how many of them come before this stretch of it. */
interface Stretch {
  readonly of: { rows: number };
  readonly before: number;
}

const SHAPES: ReadonlySet<Operation['op']> = new Set(['decrease', 'increase', 'hold', 'newEnd', 'float']);

/**
 * The section that every operation of a panel which knits belongs to, by its index: shaping cuts a section into stretches, so
 * neighbours of the same name and yarn, with nothing but shaping between them, are one. In a tube each is a section of its own.
 */
function sectionsOf({ mode, operations }: Piece): readonly Stretch[] {
  const sections: Stretch[] = [];
  if (mode === 'tube') return sections;
  let of: Stretch['of'] | null = null;
  let last: OperationOf<'knit'> | null = null;
  for (const [i, op] of operations.entries()) {
    if (op.op !== 'knit') {
      if (!SHAPES.has(op.op)) of = null;
      continue;
    }
    if (!of || !sameSection(last, op)) of = { rows: 0 };
    sections[i] = { of, before: of.rows };
    of.rows += op.rows;
    last = op;
  }
  return sections;
}

/** Setting up for a piece; what the piece before left as it should be is not asked for again. */
function prepare(run: Executed, p: number): { id: string; what: What; each: boolean }[] {
  const piece = pieceAt(run, p).planned;
  const before = run.plan.pieces[p - 1];
  const hole = holeAtStart(run, p);
  const machine = machineOf(run.kit, piece.machineId);
  const firstOp = piece.operations.find((op) => op.op === 'castOn');
  const yarn = firstOp && run.yarns[run.fabric.yarns.indexOf(firstOp.yarn)]!;
  // What a yarn asks of the hand belongs to the first rows of the work: waste is knitted anyhow.
  const first = piece.operations.find((op) => op.op === 'knit')?.purpose === 'work';
  const few = piece.mode === 'tube-as-panel';
  const same = before?.machineId === piece.machineId && holeAtEnd(run, p - 1) === hole;
  const isSet = same && before.mode === piece.mode && (!few || (before.from === piece.from && before.to === piece.to));
  const lastYarn = before?.operations.findLast((op) => op.op === 'knit')?.yarn;
  // A copy that ends in another hole is threaded anew for the next one.
  const alike = piece.copies === 1 || holeAtEnd(run, p) === hole;
  const threaded = same && alike && firstOp?.yarn === lastYarn;
  const mode: What = {
    say: 'mode',
    facts: { machineId: machine.id, mode: piece.mode, from: piece.from, to: piece.to }
  };
  const guide: What = { say: 'guide', facts: { hole, holes: machine.tensionHoles, yarn: firstOp?.yarn ?? null, strands: yarn?.strands ?? 1, stretch: first ? (yarn?.behaviour.stretch ?? 'some') : 'some' } }; // prettier-ignore
  const all = [
    { what: mode, each: false, skip: isSet },
    { what: guide, each: true, skip: threaded }
  ];
  return all.filter(({ skip }) => !skip).map(({ what, each }, i) => ({ id: `ready${i}`, what, each }));
}

/** The yarn that is joined before the rows of an operation, where another was knitted before. */
function joinedFacts(run: Executed, at: PieceRun, index: number, last: Operation | undefined): JoinedFacts | null {
  const piece = at.planned;
  const op = piece.operations[index]!;
  if (op.op !== 'knit' || last === undefined || !('yarn' in last) || last.yarn === op.yarn) return null;
  const first =
    op.purpose === 'work' && last.op === 'knit' && last.purpose !== 'work' ? (last.firstTail ?? 'drop') : null;
  const tube = piece.mode === 'tube';
  // Waste is changed at the marker: there the first stitch of the work is found again.
  const before = tube && first === null && op.purpose === 'work' ? run.kit.habits.joinPins : 0;
  const through = throughAt(run, at, index, op);
  // Where waste follows the work, what was knitted before is its last row.
  const ends = op.purpose !== 'work' && last.op === 'knit' && last.purpose === 'work';
  const tailMm = (ends ? last.lastTailMm : undefined) ?? op.joinTailMm;
  const newTailMm = (first !== null ? op.firstTailMm : undefined) ?? op.joinTailMm;
  return { yarn: op.yarn, tailMm, newTailMm, tube, before, first, through };
}

/** The step of one operation. */
function operationStep(
  run: Executed,
  at: PieceRun,
  index: number,
  op: Operation,
  rows: RowRun | undefined,
  section: Stretch | undefined,
  final: boolean,
  last: Operation | undefined,
  due: Due,
  hangs: ReturnType<typeof hangingOf> | null
): Step {
  const { planned: piece, fabric, index: p } = at;
  const from = rows?.first ?? 0;
  const knits = op.op === 'knit';
  const what = factsOf(run, at, index, op, from, hangs);
  const joined = joinedFacts(run, at, index, last);
  const { trace } = fabric;
  const stitches = trace[index - 1]?.occupied ?? 0;
  const own = knits ? { from: from + 1, to: from + op.rows } : null;
  return {
    id: `p${p}.${index}`,
    phase: 'knit',
    piece: p,
    operation: index,
    act: null,
    what,
    joined,
    rows: own,
    workRows: knits && op.purpose === 'work' ? { from: from + 1 - due.before, to: from + op.rows - due.before } : null,
    carriage: knits ? { before: trace[index - 1]?.carriage ?? 0, after: trace[index]!.carriage } : null,
    section: section ? { from: from + 1 - section.before, to: from + section.of.rows - section.before } : own,
    yarnId: 'yarn' in op ? op.yarn : op.op === 'hangOff' && op.style !== 'thread' ? op.thread : null,
    cues: knits && what.say === 'knit' && rows ? cuesOf(run, due, rows, what.facts.tension, joined !== null && op.purpose === 'work' && joined.first === null, final) : NONE, // prettier-ignore
    copies: piece.copies,
    eachCopy: true,
    minutes: knits
      ? rowMinutes(run, piece, from, op.rows) + (joined ? 0.5 : 0)
      : ruleOfOperation(op).minutes(op, piece, stitches),
    needs: NONE
  };
}

/** The step of one act. */
function actStep(did: Did): Step {
  const { act } = did;
  const yarnId = 'yarn' in act ? act.yarn : null;
  return {
    id: did.id,
    phase: 'finish',
    piece: did.pieces.length === 1 ? did.pieces[0]! : null,
    operation: null,
    act: did.index,
    what: { say: 'act', did },
    joined: null,
    rows: null,
    workRows: null,
    carriage: null,
    section: null,
    yarnId,
    cues: NONE,
    copies: did.times,
    eachCopy: true,
    minutes: did.minutes,
    needs: did.pieces
  };
}

/**
 * Reads what to do from the first switch to the last knot. Every operation and every act has one step; a piece of several
 * copies has its steps once, and says how many copies there are. An act that was refused has none: a finding says why.
 */
export function readSteps(run: Made): Step[] {
  const steps: Step[] = [];
  run.plan.pieces.forEach((piece, p) => {
    const at = pieceAt(run, p);
    const { runs } = at.fabric;
    let next = 0;
    const final = piece.operations.findLastIndex((op) => op.op === 'knit');
    for (const { id, what, each } of prepare(run, p)) {
      steps.push({
        id: `p${p}.${id}`,
        phase: 'prepare',
        piece: p,
        operation: null,
        act: null,
        what,
        joined: null,
        rows: null,
        workRows: null,
        carriage: null,
        section: null,
        yarnId: null,
        cues: NONE,
        copies: each ? piece.copies : 1,
        eachCopy: each,
        // Setting up is not counted: practice tells the time of the piece alone.
        minutes: 0,
        needs: NONE
      });
    }
    let last: Operation | undefined;
    const due = dueIn(run, at);
    const sections = sectionsOf(piece);
    const hangs = isBlind(run, p) ? hangingOf(run, p) : null;
    piece.operations.forEach((op, i) => {
      // Runs lie in the order of the operations that knitted them.
      const rows = runs[next]?.operation === i ? runs[next++] : undefined;
      steps.push(operationStep(run, at, i, op, rows, sections[i], i === final, last, due, hangs));
      if ('yarn' in op) last = op;
    });
  });
  for (const did of run.worked.done) if (did.facts) steps.push(actStep(did));
  return steps;
}
