import { pieceAt, type PieceRun } from '../knit';
import { type FingerTension, machineOf } from '../kit';
import type { Executed } from '../knit';
import type { OperationOf } from '../plan';

/** What changes in how tight the yarn runs as rows begin; null where it is as before. */
export interface TensionFacts {
  readonly hole: number | null;
  /** Holes of the guide. */
  readonly holes: number;
  readonly fingers: FingerTension | null;
}

type Knit = OperationOf<'knit'>;

interface Turn {
  readonly hole: number;
  readonly wasHole: number;
  readonly fingers: FingerTension;
  readonly wasFingers: FingerTension;
  /** Another yarn is laid in before the rows. */
  readonly joins: boolean;
}

/** What an operation is knitted at, and what the rows before it were; before the first rows the guide is threaded already. */
function turnAt(run: Executed, { planned: piece, index: p }: PieceRun, index: number, op: Knit): Turn {
  const earlier = piece.operations.slice(0, index);
  const last = earlier.findLast((o) => o.op === 'knit');
  const laid = earlier.findLast((o) => 'yarn' in o);
  const { fingers } = run.brief;
  return {
    hole: op.hole ?? piece.hole,
    wasHole: last ? (last.hole ?? piece.hole) : holeAtStart(run, p),
    fingers: op.fingers ?? fingers,
    wasFingers: last?.fingers ?? fingers,
    joins: laid !== undefined && 'yarn' in laid && laid.yarn !== op.yarn
  };
}

const holesOf = (run: Executed, { planned }: PieceRun): number => machineOf(run.kit, planned.machineId).tensionHoles;
const isEven = ({ fabric }: PieceRun): boolean => fabric.tensions.length === 1;

/**
 * How the tension changes as the rows of an operation begin. The hole of a yarn that is laid in with them is told there.
 *
 * @returns null where it goes on as it was
 * @example tensionAt(run, pieceAt(run, 0), 4, knit) // { hole: null, holes: 3, fingers: 'firm' }
 */
export function tensionAt(run: Executed, at: PieceRun, index: number, op: Knit): TensionFacts | null {
  if (isEven(at)) return null;
  const { hole, wasHole, fingers, wasFingers, joins } = turnAt(run, at, index, op);
  const facts = { hole: joins || hole === wasHole ? null : hole, fingers: fingers === wasFingers ? null : fingers };
  return facts.hole === null && facts.fingers === null ? null : { ...facts, holes: holesOf(run, at) };
}

/** The hole that a yarn laid in before an operation is threaded through; null where it is the one of the yarn before it. */
export function throughAt(
  run: Executed,
  at: PieceRun,
  index: number,
  op: Knit
): { readonly hole: number; readonly holes: number } | null {
  if (isEven(at)) return null;
  const { hole, wasHole, joins } = turnAt(run, at, index, op);
  return joins && hole !== wasHole ? { hole, holes: holesOf(run, at) } : null;
}

/** The hole a piece is cast on through: that of its first rows where these are of the same yarn. */
export function holeAtStart(run: Executed, p: number): number {
  const { operations, hole } = pieceAt(run, p).planned;
  const cast = operations.find((op) => op.op === 'castOn');
  const first = operations.find((op) => op.op === 'knit');
  return first && first.yarn === cast?.yarn ? (first.hole ?? hole) : hole;
}

/** The hole the yarn runs through when a piece is done. */
export function holeAtEnd(run: Executed, p: number): number {
  const { operations, hole } = pieceAt(run, p).planned;
  return operations.findLast((op) => op.op === 'knit')?.hole ?? hole;
}
