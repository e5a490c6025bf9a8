import type { FingerTension } from '../kit';
import type { CrankFault } from './fault';

/** Why a row was knitted, as stored in a fabric. */
export const PURPOSES = ['work', 'waste', 'separator'] as const;

/** What one pin did in one row, as stored in a fabric. */
export const CELL = { none: 0, stitch: 1, tuck: 2, missed: 3, ladder: 4 } as const;

/** What the machine did in one operation, read off the ring before and after it. */
export interface Trace {
  readonly operation: number;
  /** True row count of the piece before and after. */
  readonly rowsBefore: number;
  readonly rowsAfter: number;
  /** Pins with a stitch on them after the operation. */
  readonly occupied: number;
  /** Pin the yarn stands at after the operation; 0 is at the marker. */
  readonly carriage: number;
  /** Lowest and highest pin with a stitch; 0 and -1 when the pins are empty. */
  readonly low: number;
  readonly high: number;
  /** 1 when the next turn goes up the pin numbers, -1 when it goes down. */
  readonly direction: 1 | -1;
  /** What the machine's counter shows, or null where it shows nothing true. */
  readonly counter: number | null;
}

/** What the yarn runs through: a hole of the guide, and fingers; null where they are as in the whole project. */
export interface Tension {
  readonly hole: number;
  readonly fingers: FingerTension | null;
}

/** A run of neighbouring rows of one operation: they agree in everything a picture or a table shows. */
export interface RowRun {
  /** First and last row, counted from 0, both included. */
  readonly first: number;
  readonly last: number;
  readonly yarn: number;
  /** Index into the gauges of the piece. */
  readonly feed: number;
  readonly purpose: number;
  readonly operation: number;
}

/** The work of a piece: its first and last row, from 0, both included; waste comes before and after. */
export interface WorkSpan {
  readonly first: number;
  readonly last: number;
  readonly count: number;
}

/** What the pins did for one piece: one entry a row, plus one cell for each pin in each row. */
export interface PieceFabric {
  readonly rows: number;
  readonly pins: number;
  /** First pin that carries a stitch, counted from 1. */
  readonly firstPin: number;
  /** Stitches of the fabric across a full row. */
  readonly width: number;
  /** Index into `Fabric.yarns`, a row. */
  readonly yarn: Uint16Array;
  /**
   * Index into the gauges of the piece, a row: the yarn, and so many yarns further on for every tension of the piece after
   * its first. One array with `yarn` where all rows are as tight.
   */
  readonly feed: Uint16Array;
  /** How tight the rows are, each once; the first is that of the piece itself. */
  readonly tensions: readonly Tension[];
  /** Index of the operation that knitted it, a row. */
  readonly operation: Uint16Array;
  /** Index into PURPOSES, a row. */
  readonly purpose: Uint8Array;
  /** Stitches made, a row. */
  readonly stitches: Uint16Array;
  /** Lowest and highest pin with a stitch, a row. */
  readonly low: Uint16Array;
  readonly high: Uint16Array;
  /** Where the yarn stands once the row is done: 0 at the low edge, 1 at the high one. */
  readonly yarnAt: Uint8Array;
  /** Pins behind which the yarn was laid round a card, and the columns each group becomes. */
  readonly floats: { readonly after: readonly number[]; readonly columns: number };
  /** Row within its section, from 1. */
  readonly inSection: Uint32Array;
  /** What the machine's counter shows once the row is done; -1 where it is blind. */
  readonly counter: Int32Array;
  /** All rows, gathered into runs of one operation each. */
  readonly runs: readonly RowRun[];
  readonly work: WorkSpan;
  /** CELL codes, row after row, `width` to a row. */
  readonly cells: Uint8Array;
  /** Rows that hang doubled because the first of them was lifted back onto the pins; from 1, both included. */
  readonly doubled: readonly { readonly from: number; readonly to: number }[];
  /** Pins whose stitches were dropped on purpose, in order. */
  readonly ladders: readonly number[];
  /** What went wrong in it. */
  readonly faults: readonly CrankFault[];
  readonly trace: readonly Trace[];
}

/** What is written down row by row while a piece is knitted. */
export type RowArrays = Omit<
  PieceFabric,
  'rows' | 'runs' | 'work' | 'trace' | 'tensions' | 'doubled' | 'ladders' | 'floats' | 'faults'
>;

/** The result of running a plan: what hangs from the machine, and what it was made of. */
export interface Fabric {
  /** Ids of the yarns in the order the plan first uses them. */
  readonly yarns: readonly string[];
  readonly pieces: readonly PieceFabric[];
}
