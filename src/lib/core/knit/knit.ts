import { type Kit, type Machine, machineOf } from '../kit';
import type { Finding, Operation, Piece, Plan } from '../plan';
import { CELL, type Fabric, type PieceFabric, PURPOSES, type Trace } from './fabric';
import type { CrankFault } from './fault';
import { emptyRing, type Ring } from './ring';

/** A fabric and whatever the machine refused to do on the way. */
export interface Knitted {
  readonly fabric: Fabric;
  readonly refusals: readonly Finding[];
}

/** Widest stretch of typed arrays one run may fill; a plan beyond it is refused, not swapped to disk. */
const MOST_CELLS = 64_000_000;

function refusal(code: string, piece: number, row: number, sentence: string): Finding {
  return { code, weight: 'stop', place: { piece, row }, sentence };
}

function yarnsOf(plan: Plan): string[] {
  const seen = new Set<string>();
  for (const piece of plan.pieces) {
    for (const op of piece.operations) {
      if (op.op === 'castOn' || op.op === 'knit') seen.add(op.yarn);
      else if (op.op === 'hangOff' && op.thread) seen.add(op.thread);
    }
  }
  for (const finish of plan.finishing) if ('yarn' in finish) seen.add(finish.yarn);
  return [...seen];
}

/** Why the machine cannot do an operation now, or nothing when it can. */
function cannot(ring: Ring, op: Operation): { code: string; why: string } | undefined {
  switch (op.op) {
    case 'castOn':
      return ring.occupied ? { code: 'pins-full', why: 'the pins already carry stitches; hang off first' } : undefined;
    case 'knit':
      if (!ring.occupied)
        return { code: 'pins-empty', why: 'there is nothing on the pins to knit onto; cast on first' };
      return op.rows < 1 ? { code: 'no-rows', why: `a section needs at least one row, and has ${op.rows}` } : undefined;
    case 'hangOff':
      return ring.occupied ? undefined : { code: 'pins-empty', why: 'there is nothing on the pins to hang off' };
    case 'zeroCounter':
      return ring.counts
        ? undefined
        : { code: 'no-counter', why: 'there is no counter to set in this mode on this machine' };
  }
}

function applyFaults(fabric: PieceFabric, faults: readonly CrankFault[], index: number): void {
  for (const fault of faults) {
    if (fault.piece !== index || fault.row < 1 || fault.row > fabric.rows) continue;
    const many = fault.kind === 'wrong-turn' ? fault.pins : 1;
    const row = fault.row - 1;
    for (let i = 0; i < many; i++) {
      const column = fault.pin - fabric.firstPin + i;
      if (column < 0 || column >= fabric.width) continue;
      const missed = fault.kind === 'missed-hook';
      fabric.cells[row * fabric.width + column] = missed ? CELL.missed : CELL.tuck;
      if (missed) fabric.stitches[row] = fabric.stitches[row]! - 1;
    }
  }
}

function runPiece(
  piece: Piece,
  index: number,
  machine: Machine,
  yarnIndex: ReadonlyMap<string, number>,
  refusals: Finding[]
): PieceFabric {
  const ring = emptyRing(machine, piece.mode, piece.from, piece.to);
  const asked = piece.operations.reduce((sum, op) => sum + (op.op === 'knit' && op.rows > 0 ? op.rows : 0), 0);
  const tooMany = asked * Math.max(1, ring.width) > MOST_CELLS;
  const rows = tooMany ? 0 : asked;
  const out = {
    pins: machine.pins,
    firstPin: ring.firstPin,
    width: ring.width,
    yarn: new Uint16Array(rows),
    operation: new Uint16Array(rows),
    purpose: new Uint8Array(rows),
    stitches: new Uint16Array(rows),
    inSection: new Uint32Array(rows),
    counter: new Int32Array(rows),
    cells: new Uint8Array(rows * ring.width)
  };
  const trace: Trace[] = [];
  const stop = (code: string, why: string): void => {
    refusals.push(refusal(code, index, ring.rows + 1, `${piece.label}, row ${ring.rows + 1}: ${why}.`));
  };
  if (piece.from < 1 || piece.to > machine.pins || piece.to < piece.from) {
    stop('pin-out-of-reach', `pins ${piece.from} to ${piece.to} are not on ${machine.name}, which has ${machine.pins}`);
  } else if (ring.width < 1) {
    stop('pin-out-of-reach', `pins ${piece.from} to ${piece.to} cannot be completed in PANEL mode`);
  } else if (tooMany) {
    stop('too-many-rows', `${asked} rows are more than Tomble can hold; split the piece`);
  } else {
    for (const [i, op] of piece.operations.entries()) {
      const rowsBefore = ring.rows;
      const no = cannot(ring, op);
      if (no) stop(no.code, no.why);
      else if (op.op === 'castOn') ring.occupied = true;
      else if (op.op === 'zeroCounter') ring.counter = 0;
      else if (op.op === 'hangOff') ring.occupied = false;
      else crank(ring, op, i, out, yarnIndex.get(op.yarn) ?? 0);
      trace.push({
        operation: i,
        rowsBefore,
        rowsAfter: ring.rows,
        occupied: ring.occupied ? ring.width : 0,
        carriage: ring.carriage,
        direction: ring.direction,
        counter: ring.counts ? ring.counter : null
      });
    }
    if (ring.occupied) stop('left-on-pins', 'the piece is never taken off the pins');
  }
  return { ...out, rows: ring.rows, trace };
}

type Arrays = Omit<PieceFabric, 'rows' | 'trace'>;

/** Knits the rows of one operation onto the ring and into the arrays. */
function crank(ring: Ring, op: Operation & { op: 'knit' }, index: number, out: Arrays, yarn: number): void {
  const start = ring.rows;
  const end = start + op.rows;
  out.yarn.fill(yarn, start, end);
  out.operation.fill(index, start, end);
  out.purpose.fill(PURPOSES.indexOf(op.purpose), start, end);
  out.stitches.fill(ring.width, start, end);
  out.cells.fill(CELL.stitch, start * ring.width, end * ring.width);
  for (let row = start; row < end; row++) {
    out.inSection[row] = row - start + 1;
    out.counter[row] = ring.counts ? ++ring.counter : -1;
  }
  ring.rows = end;
  // A tube ends each row at the marker; a panel ends it at the other edge and turns round.
  if (ring.mode !== 'tube' && op.rows % 2 === 1) {
    ring.direction = ring.direction === 1 ? -1 : 1;
    ring.carriage = ring.carriage === ring.from ? ring.to : ring.from;
  }
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
  const pieces = plan.pieces.map((piece, i) => {
    const fabric = runPiece(piece, i, machineOf(kit, piece.machineId), yarnIndex, refusals);
    if (faults.length) applyFaults(fabric, faults, i);
    return fabric;
  });
  return { fabric: { yarns, pieces }, refusals };
}
