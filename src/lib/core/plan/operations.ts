import type { SectionTension } from './tension';

/**
 * The machine's language: a short, closed list of things a hand does at the ring. It is data, safe to store and to
 * send;
 * `knit` is the one engine that runs it.
 */

export type Mode = 'tube' | 'panel' | 'tube-as-panel';
type CastOnStyle = 'weave' | 'e-wrap' | 'rag';

/** Put loops on every pin of the piece. The cast-on pass is not a counted row. */
export interface CastOn {
  readonly op: 'castOn';
  readonly style: CastOnStyle;
  readonly yarn: string;
  readonly tailMm: number;
  /** Only these pins of the piece; all of them when absent. */
  readonly pins?: { readonly from: number; readonly to: number };
  /** Edge of a panel at which the yarn stands then; laid from low to high, the high one, when absent (craft 1.6). */
  readonly yarnAt?: Side;
}

/** The two edges of a panel: at its lowest pin and at its highest. */
export type Side = 'low' | 'high';

/**
 * Ways of taking stitches away at an edge (craft 8.3): full-fashioned keeps a neat edge column, with two edge
 * stitches two of
 * them; a double one takes two away; simple moves the edge stitch onto its neighbour.
 */
export type DecreaseMethod = 'full-fashioned' | 'two-edge' | 'double' | 'simple';

/** Take one stitch away at an edge of a panel, or two by a double one. Only where the yarn stands. */
interface Decrease {
  readonly op: 'decrease';
  readonly side: Side;
  readonly stitches: number;
  readonly method: DecreaseMethod;
}

/** Fill the next pin beyond an edge of a panel. Only where the yarn stands. */
interface Increase {
  readonly op: 'increase';
  readonly side: Side;
  readonly stitches: number;
}

/** Take edge stitches off onto a thread, to be chained off later. Only where the yarn stands. */
interface Hold {
  readonly op: 'hold';
  readonly side: Side;
  readonly stitches: number;
}

/** Cut the yarn and begin anew at one edge, with a tail at either end of the cut. */
interface NewEnd {
  readonly op: 'newEnd';
  readonly side: Side;
  readonly yarn: string;
  readonly tailMm: number;
  /** Length of the old end and of the new one, where they do something later; as `tailMm` when absent. */
  readonly oldTailMm?: number;
  readonly newTailMm?: number;
}

/** From here on lay the yarn round a card behind these pins, for so many columns each (craft 8.9). */
interface Float {
  readonly op: 'float';
  readonly after: readonly number[];
  readonly columns: number;
  /** Width of the card the yarn is laid round, mm. */
  readonly cardMm?: number;
}

/** Set the machine's counter to zero. */
interface ZeroCounter {
  readonly op: 'zeroCounter';
}

/** Knit rows with one yarn. Another yarn than before means a join at the marker. */
export interface Knit extends SectionTension {
  readonly op: 'knit';
  readonly section: string;
  readonly yarn: string;
  readonly rows: number;
  /** Work stays in the piece; waste and separator rows come out again. */
  readonly purpose: 'work' | 'waste' | 'separator';
  /** Length of each of the two tails at a join. */
  readonly joinTailMm: number;
  /**
   * Length of the work's first tail where it begins on waste, and of its last one where waste follows; as at a join
   * when absent.
   */
  readonly firstTailMm?: number;
  readonly lastTailMm?: number;
  /** Where the work begins on waste: its first tail is dropped into the middle, or tied loosely to find its stitch. */
  readonly firstTail?: 'drop' | 'tie';
}

/** Lift the stitches of an earlier row back onto the pins, so that the rows between hang doubled. */
interface Rehang {
  readonly op: 'rehang';
  /** The true row whose stitches are lifted, from 1. */
  readonly row: number;
}

/** Let the stitches of some pins run down on purpose, from the last row to the cast-on. */
interface Ladder {
  readonly op: 'ladder';
  readonly pins: readonly number[];
}

/** Take the piece off: onto a thread, by cranking on without yarn, or chained with a hook stitch by stitch. */
export interface HangOff {
  readonly op: 'hangOff';
  readonly style: 'drawstring' | 'waste' | 'chain' | 'thread';
  /** The thread that takes the live stitches, or the yarn they are chained with; null for a waste hang-off. */
  readonly thread: string | null;
  readonly threadMm: number;
  readonly doubled: boolean;
}

export type Operation =
  CastOn | ZeroCounter | Knit | Rehang | Ladder | Decrease | Increase | Hold | NewEnd | Float | HangOff;

/** An operation of one kind, or of some. @example OperationOf<'hold'> */
export type OperationOf<K extends Operation['op']> = Extract<Operation, { readonly op: K }>;

/** One thing that comes off the machine in one go. */
export interface Piece {
  readonly label: string;
  readonly machineId: string;
  readonly copies: number;
  readonly mode: Mode;
  /** First and last pin used, counted from 1 at the marker. */
  readonly from: number;
  readonly to: number;
  /** Tension hole, counted from the smallest. */
  readonly hole: number;
  /** Pieces with the same pair name must come out alike. */
  readonly pair?: string;
  /** The tails of a change of colour are tied for good and trimmed at the machine, a few rows on. */
  readonly tiedAtMachine?: boolean;
  /** Steps in the knitter's own words, each after a row of the work; 0 is before the first. */
  readonly own?: readonly { readonly row: number; readonly text: string }[];
  readonly operations: readonly Operation[];
}

/** Every operation of the language; a test fails when one is never exercised. */
export const OPERATIONS = [
  'castOn',
  'zeroCounter',
  'knit',
  'rehang',
  'ladder',
  'decrease',
  'increase',
  'hold',
  'newEnd',
  'float',
  'hangOff'
] as const satisfies readonly Operation['op'][];
