import type { RunRef } from './rims';

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
  readonly trouble?: { readonly sentence: string; readonly option?: string; readonly mend?: Mend };
}

/** A change of the brief that mends something, where the kind knows one. */
export interface Mend {
  readonly label: string;
  readonly options: Readonly<Record<string, unknown>>;
}

/** One edge of several that make up a rim: an armhole, a neck, the top of a sleeve. */
export interface RimPart {
  readonly edge: RunRef;
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

/**
 * What only the draft knows and judges or forms ask for: what was wished and could not be had. It is no part of the
 * program.
 */
export interface Notes {
  /** Slopes and necks, in words and rows; none for tubes. */
  readonly shaping?: readonly Shaping[];
  /** What the ring could not give: stitches asked for and given, by piece. */
  readonly narrowed?: readonly { readonly piece: number; readonly asked: number; readonly given: number; readonly option?: string }[]; // prettier-ignore
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
    readonly because: string;
  } | null;
}

/** Notes of a plan that nothing was wished of. */
export const NO_NOTES: Notes = { wanted: null };
