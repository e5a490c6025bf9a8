import { remembered } from '../quantity';
import { rulesOf } from './edition';
import type { KnownOfGauges } from './known';
import { combined, NINE_TENTHS } from './normal';
import type { Observation } from './observation';

/**
 * How far the same hands knit the same plan differently from piece to piece: 2 to 4 % (craft 5, common practice, no
 * source). It
 * begins at 3 % and is learned for each knitter from what was finished.
 */

/** Relative standard deviation at first, and how many pieces that belief is worth. */
const FIRST_SD = 0.03;
const FIRST_PIECES = 4;

/** What earlier editions took for everybody. */
const FIXED_SD = 0.02;

/** A piece of several yarns says of each only what its share does: one of less than this says nothing of the hands. */
const LEAST_SHARE = 0.75;

/** What is known of how pieces differ. */
export interface PieceSpread {
  /** Relative standard deviation from piece to piece. */
  readonly sd: number;
  /** Standard deviations either side that hold nine pieces in ten: Student's t for what was learned. */
  readonly quantile: number;
}

/**
 * Quantile of Student's t below which nineteen twentieths lie, so that nine tenths lie between it and its opposite:
 * the expansion
 * of Fisher and Cornish (Abramowitz and Stegun 26.7.5, from memory), good to a thousandth from four degrees on.
 *
 * @param freedom degrees of freedom, at least 4
 * @example studentNineTenths(4) // 2.13
 */
export function studentNineTenths(freedom: number): number {
  const z = NINE_TENTHS;
  const terms = [
    (z ** 3 + z) / 4,
    (5 * z ** 5 + 16 * z ** 3 + 3 * z) / 96,
    (3 * z ** 7 + 19 * z ** 5 + 17 * z ** 3 - 15 * z) / 384
  ];
  return terms.reduce((sum, term, i) => sum + term / freedom ** (i + 1), z);
}

/** Sum of the squared deviations of pieces from the mean of their kind, and the degrees of freedom of it. */
function deviations(groups: Iterable<readonly number[]>): { squares: number; freedom: number } {
  let [squares, freedom] = [0, 0];
  for (const values of groups) {
    const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
    for (const value of values) squares += (value - mean) ** 2;
    freedom += values.length - 1;
  }
  return { squares, freedom };
}

/** Pieces that were made alike: what they measured differs by the hands alone. */
const alike = (piece: Observation): string =>
  [piece.machineId, piece.yarnId, piece.strands, piece.hole, piece.fingers, piece.state].join(' ');

/** Logarithms of a count per mm of the pieces that say it, by what was made alike. */
function grouped(
  finished: readonly Observation[],
  of: (piece: Observation) => number | null
): Iterable<readonly number[]> {
  const groups = new Map<string, number[]>();
  for (const piece of finished) {
    const value = piece.setAside || piece.share < LEAST_SHARE ? null : of(piece);
    if (value === null) continue;
    const key = alike(piece);
    const group = groups.get(key);
    if (group) group.push(Math.log(value));
    else groups.set(key, [Math.log(value)]);
  }
  return groups.values();
}

/** s^2 = (4 x 0.03^2 + the squared deviations) / (4 + n - 1), with Student's t of as many degrees (craft 5). */
function learnt(groups: Iterable<readonly number[]>): PieceSpread {
  const { squares, freedom } = deviations(groups);
  const degrees = FIRST_PIECES + freedom;
  const sd = Math.sqrt((FIRST_PIECES * FIRST_SD ** 2 + squares) / degrees);
  return { sd, quantile: studentNineTenths(degrees) };
}

const FIXED: PieceSpread = { sd: FIXED_SD, quantile: NINE_TENTHS };

/** How far the pieces of a knitter differ, along their rows and across their stitches. */
export interface PieceSpreads {
  readonly courses: PieceSpread;
  readonly wales: PieceSpread;
}

const ofFinished = remembered((finished: readonly Observation[]): PieceSpreads => ({
  courses: learnt(grouped(finished, ({ rows, lengthMm }) => lengthMm && rows / lengthMm)),
  wales: learnt(grouped(finished, ({ pins, flatWidthMm }) => flatWidthMm && pins / flatWidthMm))
}));

/**
 * How far this knitter's pieces differ.
 *
 * @example pieceSpreads({ ...kit, finished: [] }).courses.sd // 0.03
 */
export const pieceSpreads = (kit: KnownOfGauges): PieceSpreads =>
  rulesOf(kit).learnsSpread ? ofFinished(kit.finished) : { courses: FIXED, wales: FIXED };

/**
 * Half of the range of a next piece, as a share: what is not known of the gauge, and what pieces differ by.
 *
 * @param estimateSd relative standard deviation of the gauge itself
 * @param learned whether it was learned from pieces: it is as uncertain as they differ
 */
export const nextPiece = (estimateSd: number, { sd, quantile }: PieceSpread, learned: boolean): number =>
  combined((learned ? quantile : NINE_TENTHS) * estimateSd, quantile * sd);
