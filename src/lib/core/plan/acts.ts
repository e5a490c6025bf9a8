import type { Side } from './operations';
import type { Edge, RunRef, TailEnd } from './rims';
import type { Face } from './sides';

/**
 * The hands' language: a closed list of what hands do once a piece is off the machine. It is data only: no counts, no
 * lengths that follow from the fabric, no prose. `work` is the one engine that runs it; what an act refuses, does and
 * takes
 * in minutes stands in a file of its own in `hand/acts`, its words in `words`, its drawing in `draw/acts`.
 */

/** Ways of taking waste yarn off; words never mix them (craft 3.7). */
export type WasteWay = 'strand' | 'unravel' | 'separator' | 'cut';

/** Run a thread through the loops of an end: a length cut for it, or the work's own tail. */
interface Thread {
  readonly do: 'thread';
  readonly piece: number;
  readonly edge: Edge;
  readonly yarn: string;
  readonly doubled: boolean;
  /** The work's own tail at this end, in `yarn`; a length is cut when absent. */
  readonly own?: Edge;
}

/**
 * Lead a tail along the closed edge it hangs at to where its job begins: to the other fold, or to the near corner of
 * a top.
 */
interface Lead {
  readonly do: 'lead';
  readonly piece: number;
  readonly tail: Edge;
  readonly to: 'other-fold' | 'corner';
}

/**
 * Draw ends shut on their threads, several in turn. Their tails are laid on this face of the fabric before the hole
 * is shut.
 */
interface Draw {
  readonly do: 'draw';
  readonly piece: number;
  readonly edges: readonly Edge[];
  readonly tail: Face;
}

/** Draw an end half together, so that what is left can be sewn flat. */
interface Gather {
  readonly do: 'gather';
  readonly piece: number;
  readonly edge: Edge;
}

/** Bring the tail of one end out through the other, which is open still. */
interface BringOut {
  readonly do: 'bringOut';
  readonly piece: number;
  readonly from: Edge;
  readonly through: Edge;
}

/** How two runs become a seam. */
export type JoinWay = 'loops' | 'hook' | 'needle' | 'graft' | 'mattress' | 'zip' | 'together';

/** Make one seam of two rims or runs of them. */
export interface Join {
  readonly do: 'join';
  /** Code of the seam: `side-left`, `end-first`. */
  readonly name: string;
  readonly a: readonly RunRef[];
  readonly b: readonly RunRef[];
  readonly by: JoinWay;
  /** Yarn that it is sewn with; null where loops go through loops. */
  readonly yarn: string | null;
  /** Sewn with the own tail of the first piece at this end, in `yarn`; a length is cut when absent. */
  readonly own?: Edge;
  /** Pins left out, to run down as ladders. */
  readonly leave?: readonly number[];
  /** Two tubes in one another are closed straight across, through four layers. */
  readonly across?: boolean;
  /** Worked from this side of the fabric; from the knit side when absent. */
  readonly from?: Face;
}

/** Buttons, or the holes for them, evenly spaced along a straight stretch of an edge, from its first row. */
export interface ButtonLine {
  readonly count: number;
  readonly over: RunRef;
  /** Width of a button. */
  readonly buttonMm: number;
}

/** Make an edge: chained off, crocheted or banded. */
interface Bind {
  readonly do: 'bind';
  readonly name: string;
  readonly runs: readonly RunRef[];
  readonly by: 'chain' | 'crochet';
  readonly yarn: string;
  /** Worked with the piece's own tail there, in `yarn`; a length is cut when absent. */
  readonly own?: TailEnd;
  /** Crochet stitches in every loop: in each, or in each and between. */
  readonly perLoop?: 1 | 2;
  /** Stitches the knitter wants round it, a multiple of the repeat; counted from the loops when absent. */
  readonly stitches?: number;
  readonly repeat?: number;
  readonly rounds?: number;
  /** Ribs on a foundation round: so many stitches round the posts from the front, then so many from the back. */
  readonly ribs?: { readonly front: number; readonly back: number };
  /** Stitches picked up for every four rows along an edge; three when absent. */
  readonly perFour?: number;
  /** How wide the edge is to be: so many rounds are worked. */
  readonly widthMm?: number;
  /** Holes for buttons that are left in it. */
  readonly holes?: ButtonLine;
  /** Worked from this side of a tube; from either when absent. */
  readonly from?: Face;
}

/**
 * Chain the rungs of ladders in one go, from one end to the other: over both tubes, or along an opening with one of
 * them.
 */
interface ChainRungs {
  readonly do: 'chainRungs';
  /** Code of the chain. */
  readonly name: string;
  readonly segments: readonly { readonly name: string; readonly a: RunRef; readonly b?: RunRef }[];
  /** Yarn of the cut end that is pulled through the last loop. */
  readonly yarn: string;
}

/** Let the loops that were left out run down the whole piece. */
interface RunDown {
  readonly do: 'runDown';
  readonly piece: number;
  readonly pins: readonly number[];
}

/** Take the waste yarn off an end whose loops are secured. */
interface WasteOff {
  readonly do: 'wasteOff';
  readonly piece: number;
  readonly edge: Edge;
  readonly by: WasteWay;
}

/** Folds of a piece, or of what was made of it. */
type FoldWay = 'inside' | 'pinch' | 'flat' | 'pouch-right' | 'pouch-left' | 'pouch-over' | 'brim' | 'twist';

interface Fold {
  readonly do: 'fold';
  readonly piece: number;
  readonly how: FoldWay;
  /** Folded into itself: the end that is pushed in, so that its half of the rows lies inside. */
  readonly enters?: Edge;
  /** Lying flat: the two pins at the long folds; the marker and the pin opposite when absent. */
  readonly pins?: readonly [number, number];
  /** Height of a turned-up brim as it was asked for. */
  readonly heightMm?: number;
}

/** What lies outside once a piece is turned: a face of one layer, a half of two, or the back layer of a flat ring. */
type TurnOut = Face | 'first' | 'last' | 'back';

/** Turn a piece inside out, through an opening. */
interface Turn {
  readonly do: 'turn';
  readonly piece: number;
  readonly out: TurnOut;
  /** It is finished like this: nothing turns it back. */
  readonly stays?: true;
}

/** Draw a thread round a tube: at a row for a waist, or round both corners for ears. */
interface Waist {
  readonly do: 'waist';
  readonly piece: number;
  readonly at: number | 'corners';
  readonly yarn: string;
}

/** Fill a tube while an end is open. */
interface Fill {
  readonly do: 'fill';
  readonly piece: number;
}

/** Pin pieces out to their measures, moist, until they are dry. */
interface Block {
  readonly do: 'block';
  readonly pieces: readonly number[];
}

/** Latch floats up into columns. */
interface Latch {
  readonly do: 'latch';
  readonly piece: number;
}

/** Latch a stitch up that was dropped at the crank, from the row of the piece in which it was lost. */
interface LatchUp {
  readonly do: 'latchUp';
  readonly piece: number;
  /** Which copy, from 1. */
  readonly copy: number;
  readonly pin: number;
  readonly row: number;
}

/** A chain worked with a hook, between two points of a piece or by itself. */
interface Cord {
  readonly do: 'cord';
  readonly name: 'loop' | 'strap' | 'halter' | 'drawstring' | 'tie';
  readonly piece: number;
  readonly count: number;
  readonly yarn: string;
  /** Chains to 10 cm, by the knitter's own hook. */
  readonly per10Cm: number;
  /** As long as this run, from corner to corner, and a little more; or once round the end with room to pull. */
  readonly along?: RunRef;
  /** A length the knitter asked for. */
  readonly mm?: number;
  /** A loop over an end that must stand out so far. */
  readonly reachMm?: number;
  /** Chains the knitter asked for. */
  readonly chains?: number;
}

/** Try a piece on and clip the places where something is to be fastened. */
interface TryOn {
  readonly do: 'tryOn';
  readonly piece: number;
  readonly clips: number;
}

/** Run the cord through the channel of a piece. */
interface ThreadCord {
  readonly do: 'threadCord';
  readonly piece: number;
}

/** Sew runs of a part onto a line of another. */
interface SewOn {
  readonly do: 'sewOn';
  readonly piece: number;
  readonly to: number;
  /** Code of the place: `neck-sides`, `bag-tips`. */
  readonly place: string;
  /** Runs of the part that are sewn; each copy alike. */
  readonly runs: readonly RunRef[];
  /** Each run lies half to the left and half to the right of a point. */
  readonly split?: boolean;
  /** The runs lie beside each other and are sewn in one line, with one thread. */
  readonly inOne?: boolean;
  /** Where its first row lies on the other: above this work row, so many stitches in from that side. */
  readonly at?: { readonly row: number; readonly stitches: number; readonly side: Side };
  readonly yarn: string;
  /**
   * The own tail of the part at this end, in `yarn`, sews the first of its runs; a length is cut for every other one.
   */
  readonly own?: Edge;
}

/** Stretch, let it rest, and measure before anything hides what is to be measured. */
interface Rest {
  readonly do: 'rest';
  readonly pieces: readonly number[];
}

/** Wind pompoms, or take bought ones, and fix them. */
interface Pompom {
  readonly do: 'pompom';
  readonly yarn: string;
  readonly wraps: number;
  readonly cardMm: number;
  readonly count: number;
  readonly on: 'piece' | 'alone';
  readonly from: 'wound' | 'bought';
  readonly by: 'bow' | 'button';
  /** What trimming takes off all round; the usual when absent. */
  readonly trimMm?: number;
  /** Width of the button that holds it. */
  readonly buttonMm?: number;
}

/** Fix a small thing onto a piece. */
interface Fix {
  readonly do: 'fix';
  readonly what: 'face' | 'safety-eyes' | 'button' | 'patch' | 'tag';
  readonly piece: number;
  readonly count: number;
  readonly yarn: string;
  /** The work row its middle lies on. */
  readonly row?: number;
  /** The pin its middle lies over, counted from the marker. */
  readonly pin?: number;
  /** A patch that is glued on under a weight, overnight. */
  readonly glued?: true;
  /** Buttons opposite their holes. */
  readonly along?: ButtonLine & { readonly perFour: number };
}

/** Hang what was made on a line at even spacing. */
interface Hang {
  readonly do: 'hang';
  readonly piece: number;
  /** The piece that hangs, every copy of it; null for pompoms. */
  readonly motif: number | null;
  readonly count: number;
  readonly firstMm: number;
  readonly spacingMm: number;
  readonly dropMm: number;
  readonly yarn: string;
}

/** Tie tails: those of every join, those of both crowns, or a work's first tail through its first loop. */
interface Tie {
  readonly do: 'tie';
  readonly piece: number;
  readonly tails: 'joins' | 'crowns' | 'first-loop';
  /** For a first loop: at which end. */
  readonly edge?: Edge;
  readonly how: 'knot' | 'overhand' | 'stitch';
}

/** Weave in, or bury between layers or in the filling, every tail that is loose and can be reached. */
interface Weave {
  readonly do: 'weave';
  /** Only of these pieces; of all when absent. */
  readonly pieces?: readonly number[];
  /** Only the tails of joins; every loose one when absent. */
  readonly tails?: 'joins';
  /** Only the tails at this end of the piece. */
  readonly edge?: Edge;
  /** The tail is on the needle still: it is run in and cut at once. */
  readonly threaded?: true;
  readonly how: 'woven' | 'inside';
}

/** A step in the knitter's own words. */
interface Own {
  readonly do: 'own';
  readonly text: string;
  /** Hours it takes by itself then; none when absent. */
  readonly waitH?: number;
}

export type Act =
  | Thread
  | Lead
  | Draw
  | Gather
  | BringOut
  | Join
  | Bind
  | ChainRungs
  | RunDown
  | WasteOff
  | Fold
  | Turn
  | Waist
  | Fill
  | Block
  | Latch
  | LatchUp
  | Cord
  | TryOn
  | ThreadCord
  | SewOn
  | Rest
  | Pompom
  | Fix
  | Hang
  | Tie
  | Weave
  | Own;

/** An act of one kind. @example ActOf<'draw'> */
export type ActOf<D extends Act['do']> = Extract<Act, { readonly do: D }>;
