import type { Machine } from '../../kit';
import type { Operation, OperationOf, Piece, Side } from '../../plan';
import type { RowArrays } from '../fabric';
import type { MachineNo } from '../refusal';
import type { Ring } from '../ring';

/** A refusal, and the pin it concerns. */
export interface No {
  readonly no: MachineNo;
  readonly pin?: number;
}

/** What an operation works on beside the ring: the machine, and the rows as they are written down. */
interface Bench {
  readonly machine: Machine;
  readonly rows: RowArrays;
  /** Index of the operation in its piece. */
  readonly index: number;
  /** Index of a yarn in the fabric. */
  readonly yarn: (id: string) => number;
  /** Index of a yarn and its tension in the gauges of the piece. */
  readonly feed: (op: OperationOf<'knit'>) => number;
}

/** How what an operation names is turned over. */
interface OpMirror {
  readonly pin: (pin: number) => number;
  readonly side: (side: Side) => Side;
}

/**
 * One operation, whole: why the machine cannot do it now, what it does, its mirror image, how long it takes. To add one,
 * write its file, its type in plan/operations, and name it in the index.
 */
export interface OpRule<O extends Operation = Operation> {
  readonly refuses: (ring: Ring, op: O, purpose: Uint8Array) => No | undefined;
  /** Does it. Asked only where nothing is refused. */
  readonly does: (ring: Ring, op: O, bench: Bench) => void;
  readonly mirror: (op: O, over: OpMirror) => O;
  /** Minutes without the rows; own estimates, no source. */
  readonly minutes: (op: O, piece: Piece, stitches: number) => number;
}

/** The rule of an operation of one name. */
export type RuleOf<K extends Operation['op']> = OpRule<OperationOf<K>>;

/** An operation that names no pin or side is its own mirror image. */
export const unchanged = <O>(op: O): O => op;

/** Pin at an edge of what hangs. */
export const edgePin = (ring: Ring, side: Side): number => (side === 'low' ? ring.low : ring.high);

/** Nothing hangs on the pins. */
export const empty = (needs: Extract<MachineNo, { code: 'pins-empty' }>['needs']): No => ({
  no: { code: 'pins-empty', needs }
});

/** Pins of a piece. */
export const pinsOf = (piece: Piece): number => piece.to - piece.from + 1;
