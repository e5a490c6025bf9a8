import type { Reason } from '../quantity';
import type { Side } from './operations';
import type { Mend } from './remedy';
import type { RunRef } from './rims';
import type { Gap, NoSlope, NoWhole } from './shape';

/** A line of shaping as it was asked for, and as it comes out in whole stitches at whole rows. */
export interface Shaping {
  readonly piece: number;
  readonly what: ShapingLine;
  /** Runs of equal gaps, in their order. */
  readonly gaps: readonly Gap[];
  /** Rows of the work after which it happens, from 1. */
  readonly at: readonly number[];
  readonly leftRows: number;
  /** Why it does not come out, and what would. */
  readonly trouble?: undefined | { readonly why: SlopeTrouble; readonly option?: string; readonly mend?: Mend };
}

/** Which line is shaped; stitches held at once where some are. */
export type ShapingLine =
  | { readonly of: 'edges'; readonly side: Side | 'both'; readonly held: number }
  | { readonly of: 'armhole'; readonly held: number }
  | { readonly of: 'neck' }
  | { readonly of: 'sleeve' }
  /** A shoulder that slopes, and the groups it is held in. */
  | { readonly of: 'shoulder'; readonly groups: readonly number[] };

/** Why a line of shaping does not come out, with what would. */
export type SlopeTrouble =
  | ({ readonly is: 'too-steep' } & Pick<NoSlope, 'stitches' | 'rows' | 'needs' | 'nearest'>)
  | ({ readonly is: 'fraction'; readonly from: number; readonly to: number; readonly each: number } & Pick<NoWhole, 'times' | 'nearest'>) // prettier-ignore
  /** A typed line goes on after the last row, so many times. */
  | { readonly is: 'typed-beyond'; readonly times: number; readonly rows: number }
  /** An armhole is typed to begin before the underarm, at a row. */
  | { readonly is: 'typed-early'; readonly times: number; readonly row: number }
  /** A typed line has no stitches left to take, so many times. */
  | { readonly is: 'typed-over'; readonly times: number }
  /** Some of a typed line fall where the yarn stands at the other edge, and come a row later. */
  | { readonly is: 'typed-later'; readonly times: number }
  /** A typed line takes other stitches than the rest of the piece asks for. */
  | { readonly is: 'typed-other'; readonly takes: number; readonly wants: number }
  | ({ readonly is: 'neck-low'; readonly lower: number } & Pick<NoSlope, 'stitches' | 'rows' | 'needs'>);

/** One edge of several that make up a rim: an armhole, a neck, the top of a sleeve. */
export interface RimPart {
  readonly edge: RunRef;
  /** Stitches of it that seams take; 0 when absent. */
  readonly inSeams?: number;
  /** How often it goes into the rim; once when absent. */
  readonly times?: number;
}

/** A count that was asked for and one that could be given. */
export interface Clamped {
  readonly piece: number;
  readonly option: string;
  readonly asked: number;
  readonly given: number;
  readonly of: 'rows' | 'stitches' | 'groups' | 'pin';
  /** No room for it; another number that was typed leaves an odd one over; its shaping needs more. */
  readonly why: 'room' | 'even' | 'needs' | 'place';
}

/** Once round the body at the hem. Lengths in mm. */
interface GarmentRound {
  readonly parts: readonly RimPart[];
  readonly askedMm: number;
  readonly chestMm: number;
  /** Panels under each arm. */
  readonly panels: number;
  /**
   * Stitches of a half, as many as the ring can give, in PANEL mode or turned by hand, and as many as the measures
   * need.
   */
  readonly half: number;
  readonly most: number;
  readonly byHand: number;
  readonly needs: number;
  /** How far round the ring reaches with so many panels under each arm. */
  readonly gives: readonly { readonly panels: number; readonly mm: number }[];
}

/** The rims of a garment, to be measured off the fabric, and the body measures they must agree with, in mm. */
interface GarmentRims {
  readonly asked: { readonly neckMm: number; readonly upperArmMm: number };
  /** Width of the bands as it was asked for, mm, and whether the fronts are closed. */
  readonly bands: { readonly mm: number; readonly fronts: 'closed' | 'open' };
  /** Where a pocket begins, its rows, and the rows of the front below the underarm. */
  readonly pocket: { readonly piece: number; readonly up: number; readonly rows: number; readonly room: number } | null;
  readonly round: GarmentRound;
  /** Once round. */
  readonly armhole: readonly RimPart[];
  /** Straight across at the back. */
  readonly neck: readonly RimPart[];
  readonly shoulder: readonly RimPart[];
  /** Once round the top of a sleeve; null where there is none. */
  readonly sleeve: readonly RimPart[] | null;
  /** The row of the work after which the body of a piece ends, and at which of its edges an armhole then begins. */
  readonly underarms: readonly { readonly piece: number; readonly row: number; readonly sides: readonly Side[] }[];
  /** Pieces whose rows must agree. */
  readonly front: number;
  readonly back: number;
}

/**
 * What only the draft knows and judges or forms ask for: what was wished and could not be had. It is no part of the
 * program.
 */
export interface Notes {
  /** Slopes and necks, in words and rows; none for tubes. */
  readonly shaping?: readonly Shaping[];
  /** What the ring could not give: stitches asked for and given, by piece. */
  readonly narrowed?: readonly { readonly piece: number; readonly asked: number; readonly given: number; readonly option?: string }[]; // prettier-ignore
  /** What was typed and could not be knitted as it stands, with what is knitted in its place: rows, or stitches. */
  readonly clamped?: readonly Clamped[];
  /** Where a garment meets the body. */
  readonly garment?: GarmentRims;
  /** What makes the partners of a seam agree, by the seam's name. */
  readonly mends?: Readonly<Record<string, Mend>>;
  /**
   * Answers to options that are not asked for now, with which the plan would come out as it is: a knitter who goes
   * over to counting rows begins with the rows there are. Lengths in mm, counts whole.
   */
  readonly unasked?: Readonly<Record<string, number>>;
  /** The rows the size asks for and why, whatever the knitter then chose. */
  readonly wanted: {
    readonly rows: number;
    readonly low: number;
    readonly high: number;
    /** Rows of one layer from the crown to the brow, where the rest may be as many as one likes. */
    readonly layer?: number;
    readonly because: readonly Reason[];
  } | null;
}

/** Notes of a plan that nothing was wished of. */
export const NO_NOTES: Notes = { wanted: null };
