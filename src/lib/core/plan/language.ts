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
  /** Only these pins of the piece; all of them when absent. */
  readonly pins?: { readonly from: number; readonly to: number };
}

/** The two edges of a panel: at its lowest pin and at its highest. */
export type Side = 'low' | 'high';

/** Take one stitch away at an edge of a panel. */
export interface Decrease {
  readonly op: 'decrease';
  readonly side: Side;
  readonly stitches: number;
  /** Full-fashioned keeps a neat edge column; simple moves the edge stitch onto its neighbour. */
  readonly method: 'full-fashioned' | 'simple';
}

/** Fill the next pin beyond an edge of a panel. */
export interface Increase {
  readonly op: 'increase';
  readonly side: Side;
  readonly stitches: number;
}

/** Take edge stitches off onto a thread, to be chained off later. Only where the yarn is. */
export interface Hold {
  readonly op: 'hold';
  readonly side: Side;
  readonly stitches: number;
}

/** Cut the yarn and begin anew at one edge, with a tail at either end of the cut. */
export interface NewEnd {
  readonly op: 'newEnd';
  readonly side: Side;
  readonly yarn: string;
  readonly tailMm: number;
}

/** From here on lay the yarn round a card behind these pins, for so many columns each (handbook section 8). */
export interface Float {
  readonly op: 'float';
  readonly after: readonly number[];
  readonly columns: number;
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

/** Lift the stitches of an earlier row back onto the pins, so that the rows between hang doubled. */
export interface Rehang {
  readonly op: 'rehang';
  /** The true row whose stitches are lifted, from 1. */
  readonly row: number;
}

/** Let the stitches of some pins run down on purpose, from the last row to the cast-on. */
export interface Ladder {
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
  readonly operations: readonly Operation[];
}

/** The two ends of a piece. */
export type Edge = 'cast-on' | 'hung-off';

/** A stretch of the rim of a piece, by name, so that a join can say what it joins. */
export interface EdgeRef {
  readonly piece: number;
  readonly edge: Edge | 'ladder' | 'side' | 'held';
  /** Which edge of a panel. */
  readonly side?: Side;
  /** Pins of an end that take part, both included; all of them when absent. */
  readonly pins?: { readonly from: number; readonly to: number };
  /** Of a flattened tube end only one half takes part. */
  readonly half?: 'front' | 'back';
  /** Pin of a ladder. */
  readonly pin?: number;
  /** Work rows of a ladder, a side or of stitches taken off onto a thread, from 1, both included. */
  readonly rows?: { readonly from: number; readonly to: number };
  /** Stretch along the length of a flattened tube, in mm from the cast-on; for seams on folded pieces. */
  readonly along?: { readonly fromMm: number; readonly toMm: number };
}

/** Two edges that become one seam. Its partners must agree, and a judge sees to it. */
export interface Join {
  readonly name: string;
  readonly a: EdgeRef;
  readonly b: EdgeRef;
  readonly by: 'hook' | 'needle' | 'ladder' | 'mattress';
  /** A change of the brief that makes the partners agree, where the kind knows one. */
  readonly mend?: { readonly label: string; readonly options: Readonly<Record<string, unknown>> };
}

interface OnPiece {
  readonly piece: number;
}
interface OnEdge extends OnPiece {
  readonly edge: Edge;
}
/** Yarn that is cut for one action. */
interface Cut {
  readonly yarn: string;
  readonly lengthMm: number;
}

/** What hands do after the machine, in order. One file in `read/finishing` says how each is done. */
export type Finish =
  | ({ readonly do: 'threadEdge'; readonly doubled: boolean } & OnEdge & Cut)
  | ({ readonly do: 'removeWaste'; readonly rows: number } & OnEdge)
  | ({ readonly do: 'drawShut' } & OnEdge)
  | ({ readonly do: 'pushInside'; readonly foldRow: number } & OnPiece)
  | ({ readonly do: 'joinCrowns' } & OnPiece)
  | ({ readonly do: 'zipEdges'; readonly stitches: number } & OnPiece & Cut)
  | ({ readonly do: 'drawBoth' } & OnPiece)
  | ({ readonly do: 'checkJoins'; readonly joins: number } & OnPiece)
  | ({ readonly do: 'weaveIn'; readonly tails: number } & OnPiece)
  | ({ readonly do: 'turnUp'; readonly heightMm: number } & OnPiece)
  | {
      readonly do: 'pompom';
      readonly yarn: string;
      readonly wraps: number;
      readonly cardMm: number;
      readonly count: number;
      /** Sits on a thing, or is the thing itself. */
      readonly on: 'piece' | 'alone';
    }
  | { readonly do: 'ties'; readonly yarn: string; readonly count: number; readonly lengthMm: number }
  /** Close a flattened end straight across, through two layers or four. */
  | ({ readonly do: 'flatClose'; readonly by: 'hook' | 'needle'; readonly layers: 2 | 4 } & OnEdge & Cut)
  /** A crocheted edge: so many stitches for each pin. */
  | ({ readonly do: 'crochetEdge'; readonly perPin: 1 | 2 } & OnEdge & Cut)
  /** A chain worked with a hook: a loop, a strap, a drawstring. */
  | ({
      readonly do: 'chain';
      readonly what: 'loop' | 'strap' | 'drawstring';
      readonly count: number;
      readonly chainMm: number;
      readonly stitches: number;
    } & OnPiece &
      Cut)
  | ({ readonly do: 'threadCord'; readonly lengthMm: number } & OnPiece)
  | ({ readonly do: 'turnOut'; readonly side: 'knit' | 'purl' } & OnPiece)
  | ({ readonly do: 'chainLadder'; readonly join: number; readonly rows: number } & OnPiece & Cut)
  /** Sew or chain the two edges of a join of the plan. */
  | ({ readonly do: 'seam'; readonly join: number; readonly seamMm: number } & OnPiece & Cut)
  /** Chain off stitches that wait on a thread, or a whole last edge. */
  | ({ readonly do: 'chainHeld'; readonly stitches: number; readonly where: string } & OnPiece & Cut)
  /** Pin a piece out, and others of the same measures with it. */
  | ({ readonly do: 'block'; readonly also: readonly number[]; readonly widthMm: number; readonly heightMm: number } & OnPiece) // prettier-ignore
  /** A band crocheted along an open edge. */
  | { readonly do: 'edging'; readonly what: string; readonly alongMm: number; readonly stitches: number; readonly yarn: string; readonly lengthMm: number } // prettier-ignore
  | ({ readonly do: 'latch'; readonly groups: number; readonly columns: number; readonly cardMm: number } & OnPiece)
  | ({ readonly do: 'twist'; readonly seamMm: number } & OnPiece & Cut)
  | ({ readonly do: 'sewToe' } & OnEdge & Cut)
  | ({ readonly do: 'ears' } & OnPiece & Cut)
  | ({ readonly do: 'foldBag'; readonly fold: 1 | 2 | 3 | 4; readonly heightMm: number } & OnPiece)
  | ({ readonly do: 'cuff'; readonly stitches: number; readonly repeat: number; readonly rounds: number } & OnPiece &
      Cut)
  | ({ readonly do: 'stuff'; readonly grams: number; readonly girthMm: number } & OnPiece)
  | ({ readonly do: 'waist'; readonly row: number } & OnPiece & Cut)
  | ({ readonly do: 'attach'; readonly to: number; readonly count: number; readonly where: string } & OnPiece & Cut)
  | ({ readonly do: 'face'; readonly eyes: 'embroidered' | 'safety' } & Cut)
  | ({
      readonly do: 'string';
      readonly count: number;
      readonly what: string;
      readonly firstMm: number;
      readonly spacingMm: number;
      readonly dropMm: number;
    } & OnPiece &
      Cut);

/** How the finished thing is folded and worn, for the readings that need it. One file in `read/worn` each. */
export interface LinedHatWorn {
  readonly form: 'lined-hat';
  readonly headMm: number;
  readonly turnUpMm: number;
  /** Name of the section that lies astride the fold, where there is one. */
  readonly band?: string;
}
/** A lined tube closed straight across, so that two corners stand up. */
export interface EarHatWorn {
  readonly form: 'ear-hat';
  readonly headMm: number;
  readonly turnUpMm: number;
}
/** A single layer with a brim doubled by a rehang. */
export interface BrimHatWorn {
  readonly form: 'brim-hat';
  readonly headMm: number;
}
/** Tubes drawn over something round: a limb, a bottle, a body. */
export interface SleeveWorn {
  readonly form: 'sleeve';
  readonly over: string;
  readonly girthMm: number;
  /** The far end is closed over it. */
  readonly closed: 'no' | 'toe' | 'flat';
  /** Chained straps over it, for the picture. */
  readonly straps: number;
}
/** A tube lying flat: a scarf, a sack, a plain tube. */
export interface FlatWorn {
  readonly form: 'flat';
  /** How its ends look, first the cast-on. */
  readonly ends: readonly ['open' | 'drawn' | 'straight', 'open' | 'drawn' | 'straight'];
  readonly pompoms: number;
}
/** A tube whose ends meet: it lies round a head, a neck or a mug lengthwise. */
export interface RingWorn {
  readonly form: 'ring';
  readonly over: string;
  readonly girthMm: number;
  /** Times it goes round. */
  readonly turns: number;
  readonly twist: boolean;
  /** What loops of chain bridge between the ends, in mm; 0 where the ends are sewn together. */
  readonly gapMm: number;
}
export interface SackWorn {
  readonly form: 'sack';
  readonly cordMm: number;
}
export interface BagWorn {
  readonly form: 'folded-bag';
}
export interface WrapWorn {
  readonly form: 'wrap';
  readonly sleeveRows: number;
  readonly neckRows: number;
  readonly underarmRows: number;
  readonly bodyRows: number;
}
/** Parts of a toy where they belong: distances from the middle of the main part, as shares of it. */
export interface ToyWorn {
  readonly form: 'toy';
  readonly parts: readonly ToyPart[];
}
export interface ToyPart {
  readonly piece: number;
  /** Share by which stuffing widens the tube; null for a part that is not stuffed. */
  readonly stuffing: number | null;
  /** Work rows at which a thread makes a waist. */
  readonly waists: readonly number[];
  /** Where each copy sits: centre of its near end in mm, and the way it points, in degrees from straight down. */
  readonly at: readonly { readonly x: number; readonly y: number; readonly turn: number }[];
  readonly ends: readonly ['open' | 'drawn' | 'straight', 'open' | 'drawn' | 'straight'];
}
export interface GarlandWorn {
  readonly form: 'garland';
  readonly lineMm: number;
  readonly firstMm: number;
  readonly spacingMm: number;
  readonly dropMm: number;
  readonly count: number;
  /** The piece that hangs from the line; null for pompoms. */
  readonly motif: number | null;
  readonly pompom: { readonly yarn: string; readonly sizeMm: number } | null;
}
export interface PompomWorn {
  readonly form: 'pompom';
  readonly yarn: string;
  readonly sizeMm: number;
  readonly count: number;
}
/** Panels laid out side by side as a schematic, each edge with its measure. */
export interface PanelsWorn {
  readonly form: 'panels';
  /** How the pieces stand beside each other: the index of the piece, copies and mirror images named by their own. */
  readonly rows: readonly (readonly number[])[];
  /** What the finished thing must go round, mm, and what it is; null for flat things. */
  readonly body: { readonly what: string; readonly girthMm: number } | null;
}
export type Worn =
  | PanelsWorn
  | LinedHatWorn
  | EarHatWorn
  | BrimHatWorn
  | SleeveWorn
  | FlatWorn
  | RingWorn
  | SackWorn
  | BagWorn
  | WrapWorn
  | ToyWorn
  | GarlandWorn
  | PompomWorn;

/** A line of shaping as it was asked for, and as it comes out in whole stitches at whole rows. */
export interface Shaping {
  readonly piece: number;
  readonly what: string;
  /** "every 4th row 5 times, then every 2nd row 7 times". */
  readonly words: string;
  /** Rows of the work after which it happens, from 1. */
  readonly at: readonly number[];
  readonly leftRows: number;
  /** Why it does not come out, and what would. */
  readonly trouble?: { readonly sentence: string; readonly option?: string; readonly mend?: { readonly label: string; readonly options: Readonly<Record<string, unknown>> } }; // prettier-ignore
}

/** One edge of several that make up a rim: an armhole, a neck, the top of a sleeve. */
export interface RimPart {
  readonly edge: EdgeRef;
  /** Stitches of it that seams take; 0 when absent. */
  readonly inSeams?: number;
  /** How often it goes into the rim; once when absent. */
  readonly times?: number;
}

/** The rims of a garment, to be measured off the fabric, and the body measures they must agree with, in mm. */
export interface GarmentRims {
  readonly asked: { readonly neckMm: number; readonly upperArmMm: number };
  /** Once round. */
  readonly armhole: readonly RimPart[];
  /** Straight across at the back. */
  readonly neck: readonly RimPart[];
  readonly shoulder: readonly RimPart[];
  /** Once round the top of a sleeve; null where there is none. */
  readonly sleeve: readonly RimPart[] | null;
  /** Pieces whose rows must agree. */
  readonly front: number;
  readonly back: number;
}

/** Who or what it is for; cautions follow from it. */
export type Wearer = 'adult' | 'child' | 'baby' | 'thing';

/** A program for the machine and the hands after it. */
export interface Plan {
  readonly title: string;
  readonly pieces: readonly Piece[];
  /** Slopes and necks, in words and rows; none for tubes. */
  readonly shaping?: readonly Shaping[];
  /** What the ring could not give: stitches asked for and given, by piece. */
  readonly narrowed?: readonly { readonly piece: number; readonly asked: number; readonly given: number; readonly option?: string }[]; // prettier-ignore
  /** Where a garment meets the body. */
  readonly garment?: GarmentRims;
  /**
   * Answers to options that are not asked for now, with which the plan would come out as it is: a knitter who goes
   * over to counting rows begins with the rows there are. Lengths in mm, counts whole.
   */
  readonly unasked?: Readonly<Record<string, number>>;
  /** Seams with the edges they join; a finishing action carries each out. */
  readonly joins: readonly Join[];
  readonly finishing: readonly Finish[];
  readonly worn: Worn | null;
  readonly wearer: Wearer;
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

/** How a finished thing can be worn or laid. */
export const FORMS = [
  'lined-hat',
  'ear-hat',
  'brim-hat',
  'sleeve',
  'flat',
  'ring',
  'sack',
  'folded-bag',
  'wrap',
  'toy',
  'garland',
  'pompom',
  'panels'
] as const satisfies readonly Worn['form'][];
