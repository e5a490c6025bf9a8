import type { FabricState } from '../kit';

/**
 * The plan language: a short, closed list of things a hand does at the machine. A plan is data, safe to store and
 * to send; `knit` is the one engine that runs it.
 */

export type Mode = 'tube' | 'panel' | 'tube-as-panel';
export type CastOnStyle = 'weave' | 'e-wrap' | 'rag';

/** Put loops on every pin of the piece. The cast-on pass is not a counted row. */
export interface CastOn {
  readonly op: 'castOn';
  readonly style: CastOnStyle;
  readonly yarn: string;
  readonly tailMm: number;
}

/** Set the machine's counter to zero. */
export interface ZeroCounter {
  readonly op: 'zeroCounter';
}

/** Knit rows with one yarn. Another yarn than before means a join at the marker. */
export interface Knit {
  readonly op: 'knit';
  readonly section: string;
  readonly yarn: string;
  readonly rows: number;
  /** Work stays in the piece; waste and separator rows come out again. */
  readonly purpose: 'work' | 'waste' | 'separator';
  /** Length of each of the two tails at a join. */
  readonly joinTailMm: number;
}

/** Take the piece off: onto a thread, or by cranking on without yarn. */
export interface HangOff {
  readonly op: 'hangOff';
  readonly style: 'drawstring' | 'waste';
  /** The thread that takes the live stitches; null for a waste hang-off. */
  readonly thread: string | null;
  readonly threadMm: number;
  readonly doubled: boolean;
}

export type Operation = CastOn | ZeroCounter | Knit | HangOff;

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
  readonly operations: readonly Operation[];
}

export type Edge = 'cast-on' | 'hung-off';

/** What hands do after the machine, in order. */
export type Finish =
  | {
      readonly do: 'threadEdge';
      readonly piece: number;
      readonly edge: Edge;
      readonly yarn: string;
      readonly lengthMm: number;
      readonly doubled: boolean;
    }
  | { readonly do: 'removeWaste'; readonly piece: number; readonly edge: Edge; readonly rows: number }
  | { readonly do: 'drawShut'; readonly piece: number; readonly edge: Edge }
  | { readonly do: 'pushInside'; readonly piece: number; readonly foldRow: number }
  | { readonly do: 'joinCrowns'; readonly piece: number }
  | {
      readonly do: 'zipEdges';
      readonly piece: number;
      readonly yarn: string;
      readonly lengthMm: number;
      readonly stitches: number;
    }
  | { readonly do: 'drawBoth'; readonly piece: number }
  | { readonly do: 'checkJoins'; readonly piece: number; readonly joins: number }
  | { readonly do: 'weaveIn'; readonly piece: number; readonly tails: number }
  | { readonly do: 'turnUp'; readonly piece: number; readonly heightMm: number }
  | { readonly do: 'pompom'; readonly yarn: string; readonly wraps: number; readonly cardMm: number }
  | { readonly do: 'ties'; readonly yarn: string; readonly count: number; readonly lengthMm: number };

/** How the finished thing is folded and worn, for the readings that need it. */
export interface LinedHatWorn {
  readonly form: 'lined-hat';
  readonly headMm: number;
  readonly turnUpMm: number;
}
export type Worn = LinedHatWorn;

/** A program for the machine and the hands after it. */
export interface Plan {
  readonly title: string;
  readonly pieces: readonly Piece[];
  readonly finishing: readonly Finish[];
  readonly worn: Worn | null;
  /** State of the fabric the sizes are meant in. */
  readonly state: FabricState;
  /** The rows the size asks for and why, whatever the knitter then chose. */
  readonly wanted: {
    readonly rows: number;
    readonly low: number;
    readonly high: number;
    readonly because: string;
  } | null;
}

/** Every operation of the language; a test fails when one is never exercised. */
export const OPERATIONS = ['castOn', 'zeroCounter', 'knit', 'hangOff'] as const satisfies readonly Operation['op'][];

/** Every finishing action of the language. */
export const FINISHES = [
  'threadEdge',
  'removeWaste',
  'drawShut',
  'pushInside',
  'joinCrowns',
  'zipEdges',
  'drawBoth',
  'checkJoins',
  'weaveIn',
  'turnUp',
  'pompom',
  'ties'
] as const satisfies readonly Finish['do'][];
