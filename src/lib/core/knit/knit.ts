import { type Kit, type Machine, machineOf } from '../kit';
import type { Finding, OperationOf, Piece, Plan, SectionTension } from '../plan';
import { CELL, type Fabric, type PieceFabric, type Tension, type Trace } from './fabric';
import type { CrankFault } from './fault';
import type { MachineNo } from './refusal';
import { ruleOf } from './operations';
import { unknitted } from './room';
import { runsOf, workIn } from './runs';
import { carriageOf, emptyRing, type Ring } from './ring';

/** A fabric and whatever the machine refused to do on the way. */
export interface Knitted {
  readonly fabric: Fabric;
  readonly refusals: readonly Finding[];
}

/** Widest stretch of typed arrays one run may fill; a plan beyond it is refused, not swapped to disk. */
const MOST_CELLS = 64_000_000;

function refusal(no: MachineNo, piece: number, row: number, pin?: number): Finding {
  const place = { piece, row, ...(pin === undefined ? {} : { pin }) };
  return { code: no.code, weight: 'stop', place, about: { by: 'machine', facts: no } };
}

function yarnsOf(plan: Plan): string[] {
  const seen = new Set<string>();
  for (const piece of plan.pieces) {
    for (const op of piece.operations) {
      if (op.op === 'castOn' || op.op === 'knit' || op.op === 'newEnd') seen.add(op.yarn);
      else if (op.op === 'hangOff' && op.thread) seen.add(op.thread);
    }
  }
  for (const act of plan.acts) if ('yarn' in act && act.yarn !== null) seen.add(act.yarn);
  if (plan.worn && 'yarn' in plan.worn) seen.add(plan.worn.yarn);
  return [...seen];
}

/**
 * Marks in the fabric what went wrong in it; a fault beyond it is none of this piece. The yarn of a dropped stitch stays where
 * it was laid, as a rung: a row takes as much of it as before.
 */
function applyFaults(fabric: PieceFabric, faults: readonly CrankFault[], index: number): PieceFabric {
  const mark = (row: number, pin: number, cell: number): void => {
    const column = pin - fabric.firstPin;
    if (row < 1 || row > fabric.rows || column < 0 || column >= fabric.width) return;
    const at = (row - 1) * fabric.width + column;
    if (fabric.cells[at] === CELL.stitch) fabric.cells[at] = cell;
  };
  const own = faults.filter(
    (f) =>
      f.piece === index && f.row <= fabric.rows && f.pin >= fabric.firstPin && f.pin < fabric.firstPin + fabric.width
  );
  for (const { kind, row, pin, over } of own) {
    for (let i = 0; i < over; i++) {
      if (kind === 'dropped') mark(row - i, pin, CELL.missed);
      if (kind === 'tuck') mark(row - i, pin, CELL.tuck);
      if (kind === 'wrong-turn') mark(row, pin + i, CELL.tuck);
    }
  }
  return { ...fabric, faults: own };
}

/** How tight the rows of a piece are, each once: first as the piece is. */
function tensionsOf(piece: Piece): { readonly list: readonly Tension[]; readonly of: (op: SectionTension) => number } {
  const key = ({ hole, fingers }: SectionTension): string => `${hole ?? piece.hole} ${fingers ?? ''}`;
  const known = new Map([[key({}), 0]]);
  const list: Tension[] = [{ hole: piece.hole, fingers: null }];
  for (const op of piece.operations) {
    if (op.op !== 'knit' || (op.hole ?? op.fingers) === undefined || known.has(key(op))) continue;
    known.set(key(op), list.length);
    list.push({ hole: op.hole ?? piece.hole, fingers: op.fingers ?? null });
  }
  return { list, of: list.length === 1 ? () => 0 : (op) => known.get(key(op))! };
}

function runPiece(
  piece: Piece,
  index: number,
  machine: Machine,
  yarnIndex: ReadonlyMap<string, number>,
  refusals: Finding[]
): PieceFabric {
  const ring = emptyRing(machine, piece);
  const tensions = tensionsOf(piece);
  const asked = piece.operations.reduce((sum, op) => sum + (op.op === 'knit' && op.rows > 0 ? op.rows : 0), 0);
  const tooMany = asked * Math.max(1, ring.width) > MOST_CELLS;
  const rows = tooMany ? 0 : asked;
  const out = unknitted(machine.pins, ring, rows, tensions.list);
  const trace: Trace[] = [];
  const yarn = (id: string): number => yarnIndex.get(id) ?? 0;
  const feed = (op: OperationOf<'knit'>): number => yarn(op.yarn) + tensions.of(op) * yarnIndex.size;
  const stop = (no: MachineNo, pin?: number): void =>
    void refusals.push(refusal(no, index, Math.max(1, ring.rows + 1 - ring.before), pin));
  const reach = { from: piece.from, to: piece.to, pins: machine.pins, first: 1 };
  if (piece.from < 1 || piece.to > machine.pins || piece.to < piece.from) {
    stop({ code: 'pin-out-of-reach', ...reach, of: 'machine' });
  } else if (ring.width < 1) {
    stop({ code: 'pin-out-of-reach', ...reach, of: 'panel' });
  } else if (tooMany) {
    stop({ code: 'too-many-rows', rows: asked });
  } else {
    for (const [i, op] of piece.operations.entries()) {
      const rowsBefore = ring.rows;
      const rule = ruleOf(op);
      const no = rule.refuses(ring, op, out.purpose);
      if (no) stop(no.no, no.pin);
      else rule.does(ring, op, { machine, rows: out, index: i, yarn, feed });
      trace.push(traced(ring, i, rowsBefore));
    }
    if (ring.occupied) stop({ code: 'left-on-pins' });
  }
  // A piece that could not be begun: nothing hangs after any of its operations.
  while (trace.length < piece.operations.length) trace.push(traced(ring, trace.length, 0));
  out.rows = ring.rows;
  out.runs = runsOf(out);
  out.work = workIn(out.runs);
  out.ladders = [...ring.ladders].sort((a, b) => a - b);
  out.floats = ring.floats;
  out.trace = trace;
  return out;
}

/** What hangs after an operation, and where the yarn stands. */
const traced = (ring: Ring, operation: number, rowsBefore: number): Trace => ({
  operation,
  rowsBefore,
  rowsAfter: ring.rows,
  occupied: ring.occupied ? ring.high - ring.low + 1 : 0,
  carriage: carriageOf(ring),
  low: ring.occupied ? ring.low : 0,
  high: ring.occupied ? ring.high : -1,
  direction: ring.mode === 'tube' || ring.yarnAt === 'low' ? 1 : -1,
  counter: ring.counts ? ring.counter : null
});

/** Whether two pieces are knitted alike, operation by operation. */
function alike(a: Piece, b: Piece): boolean {
  return (
    a.machineId === b.machineId &&
    a.mode === b.mode &&
    a.from === b.from &&
    a.to === b.to &&
    a.hole === b.hole &&
    a.operations.length === b.operations.length &&
    a.operations.every((op, i) => JSON.stringify(op) === JSON.stringify(b.operations[i]))
  );
}

/**
 * Runs a plan on its machines.
 *
 * @param kit where the machines are looked up
 * @param plan the program
 * @param faults what goes wrong on purpose, for training and for finding causes
 * @returns the fabric, and a finding that names piece and row for everything the machine refused
 * @throws RangeError when a piece names a machine the kit does not have
 * @example knit(kit, plan).fabric.pieces[0].rows // 110
 */
export function knit(kit: Kit, plan: Plan, faults: readonly CrankFault[] = []): Knitted {
  const yarns = yarnsOf(plan);
  const yarnIndex = new Map(yarns.map((id, i) => [id, i]));
  const refusals: Finding[] = [];
  // Strips that are knitted alike are one fabric: what is read of the first is read of all.
  const known: { readonly piece: Piece; readonly fabric: PieceFabric }[] = [];
  const pieces = plan.pieces.map((piece, i) => {
    const machine = machineOf(kit, piece.machineId);
    if (faults.length) return applyFaults(runPiece(piece, i, machine, yarnIndex, refusals), faults, i);
    const same = known.find((other) => alike(other.piece, piece));
    if (same) return same.fabric;
    const before = refusals.length;
    const fabric = runPiece(piece, i, machine, yarnIndex, refusals);
    // What the machine refuses names its piece.
    if (refusals.length === before) known.push({ piece, fabric });
    return fabric;
  });
  return { fabric: { yarns, pieces }, refusals };
}
