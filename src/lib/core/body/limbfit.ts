import { courseWhenStretched } from '../kit';
import type { Knitted } from './headfit';

/**
 * A tube drawn over something round of one girth: a limb, a bottle, a body. Own model on Peirce's trade-off between
 * width and height of a stitch, the same as for heads.
 */
export interface LimbFit {
  /** 0.2 is 20 % wider than at rest; below 0 the tube hangs loose by that share. */
  readonly stretch: number;
  /** Height of a course on the limb, in mm. */
  readonly courseMm: number;
  /** Rows, not rounded, that reach along so many mm of the limb. */
  readonly rowsFor: (lengthMm: number) => number;
}

/**
 * Draws a tube over a limb.
 *
 * @param girthMm girth of the limb, above 0
 * @param knitted pins and rest gauge
 * @throws RangeError when an argument is not above 0
 * @example limbFit(230, { pins: 22, courses: 2, wales: 1.35 }).stretch // 0.411…
 */
export function limbFit(girthMm: number, knitted: Knitted): LimbFit {
  const { pins, courses, wales } = knitted;
  if (!(girthMm > 0 && pins > 0 && courses > 0 && wales > 0)) {
    throw new RangeError(`girth, pins and gauge must be above 0; received ${girthMm}, ${pins}, ${courses}, ${wales}`);
  }
  const restWale = 10 / wales;
  const courseMm = courseWhenStretched(10 / courses, restWale, girthMm / pins, knitted.flattest);
  return { stretch: girthMm / (pins * restWale) - 1, courseMm, rowsFor: (lengthMm) => lengthMm / courseMm };
}

/** A tube that is wider than what it covers by more than this slips off (own estimate, no source). */
export const SLIPS_OFF = -0.05;

/** Knitting stretched lengthwise round a head or neck: about so much is snug (own estimate, no source). */
export const LENGTHWISE_STRETCH = 0.3;

/** Lengthwise the fabric gives less than across; beyond this it pulls narrow and hard (own estimate, no source). */
export const MOST_LENGTHWISE = 0.5;

/**
 * Rows of a tube that lies round something lengthwise, as a headband does.
 *
 * @param girthMm what it lies round
 * @param courses rows per cm at rest
 * @param stretch lengthwise stretch it is worn with
 * @example ringRows(560, 2, 0.3) // 86.1…
 */
export const ringRows = (girthMm: number, courses: number, stretch: number): number =>
  ((girthMm / 10) * courses) / (1 + stretch);
