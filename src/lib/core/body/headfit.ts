import { courseWhenStretched } from '../kit';
import { slopeOf } from './slope';

/**
 * Hat fit: our own model on Peirce's trade-off between width and height of a stitch. The head is a dome: half a
 * sphere of the head's girth, then straight down to the brow.
 */

/** Arc from crown to brow as a share of the girth: 19 cm at 56 (craft 5). */
const ARC_SHARE = 1 / 3;

/** Up to this stretch a hat is snug and usual for these machines (craft 5.5). */
export const SNUG_STRETCH = 0.6;

/** Up to this it is tight; beyond it, up to the ring's own girth, very tight (craft 5.5). */
export const TIGHT_STRETCH = 0.9;

/** The tube has been as wide as the ring already; beyond this share of its girth it does not go (craft 5.5). */
const BEYOND_RING = 1.15;

/**
 * How far a tube is drawn over a girth.
 *
 * @param girthMm what it goes over
 * @param restMm girth of the tube at rest
 * @param ringMm once round the pins it was knitted on
 * @example reachOver(560, 355, 792) // 'snug'
 */
export function reachOver(girthMm: number, restMm: number, ringMm: number): 'snug' | 'tight' | 'very-tight' | 'never' {
  if (girthMm > BEYOND_RING * ringMm) return 'never';
  const stretch = girthMm / restMm - 1;
  return stretch <= SNUG_STRETCH ? 'snug' : stretch <= TIGHT_STRETCH ? 'tight' : 'very-tight';
}

export interface Knitted {
  readonly pins: number;
  /** Rows per cm at rest. */
  readonly courses: number;
  /** Stitches per cm at rest. */
  readonly wales: number;
  /** Share of its rest height below which a course does not go. */
  readonly flattest?: number;
}

/** A layer of knitting laid over a head, from the crown downwards. */
export interface HeadFit {
  /** Girth of the head in mm. */
  readonly girthMm: number;
  /** Arc from crown to brow in mm. */
  readonly browArcMm: number;
  /** Stretch of the fabric at the brow: 0.57 is 57 % wider than at rest. */
  readonly stretch: number;
  /** Course height at full stretch, in mm. */
  readonly fullCourseMm: number;
  /** Rows from the crown to an arc distance in mm; beyond the brow they run on at full stretch. */
  readonly rowsTo: (arcMm: number) => number;
  /** Arc distance in mm reached after so many rows. */
  readonly arcAt: (rows: number) => number;
}

/**
 * Girth of the dome at an arc distance from the crown: H sin(2 pi s / H), at most H.
 *
 * @param arcMm distance from the crown along the head, mm
 * @param girthMm girth of the head, mm
 * @returns mm
 * @example girthAt(140, 560) // 560
 */
export function girthAt(arcMm: number, girthMm: number): number {
  return arcMm >= girthMm / 4 ? girthMm : girthMm * Math.sin((2 * Math.PI * arcMm) / girthMm);
}

/**
 * Stretch of knitting at the brow.
 *
 * @returns a share: 0.57 is 57 % wider than at rest
 * @example browStretch(560, { pins: 48, wales: 1.35 }) // 0.575
 */
export const browStretch = (girthMm: number, { pins, wales }: Pick<Knitted, 'pins' | 'wales'>): number =>
  girthMm / (pins * (10 / wales)) - 1;

/**
 * The dome from crown to brow in three zones, by the angle at its middle: to `from` the knitting lies unstretched, to `to` its
 * courses become flatter as the head widens, and below that all are alike.
 */
function zonesOf(girthMm: number, course: number, wale: number, wide: number, fullCourseMm: number) {
  const radius = girthMm / (2 * Math.PI);
  // Where the dome is as wide as the knitting at rest, and where it is as wide as courses can still follow.
  const from = Math.asin(Math.min(1, wale / wide));
  const flat = Math.asin(Math.min(1, (wale + 2 * (course - fullCourseMm)) / wide));
  const to = wide > wale ? Math.max(from, flat) : from;
  const slope = slopeOf(course + wale / 2, wide / 2, from);
  const rowsFrom = (from * radius) / course;
  return { radius, slope, from, to, rowsFrom, rowsFull: rowsFrom + radius * slope.rowsOver(to - from) };
}

/**
 * Lays one layer of knitting over a head.
 *
 * @param girthMm girth of the head, above 0
 * @param knitted pins and rest gauge
 * @throws RangeError when an argument is not above 0
 * @example headFit(560, { pins: 48, courses: 2, wales: 1.35 }).rowsTo(560 / 3) // about 51
 */
export function headFit(girthMm: number, knitted: Knitted): HeadFit {
  const { pins, courses, wales } = knitted;
  if (!(girthMm > 0 && pins > 0 && courses > 0 && wales > 0)) {
    throw new RangeError(`girth, pins and gauge must be above 0; received ${girthMm}, ${pins}, ${courses}, ${wales}`);
  }
  const [course, wale, wide] = [10 / courses, 10 / wales, girthMm / pins];
  const browArcMm = girthMm * ARC_SHARE;
  const fullCourseMm = courseWhenStretched(course, wale, wide, knitted.flattest);
  const { radius, slope, from, to, rowsFrom, rowsFull } = zonesOf(girthMm, course, wale, wide, fullCourseMm);
  const rowsTo = (arc: number): number => {
    if (arc <= 0) return 0;
    if (arc <= from * radius) return arc / course;
    if (arc >= to * radius) return rowsFull + (arc - to * radius) / fullCourseMm;
    return rowsFrom + radius * slope.rowsOver(arc / radius - from);
  };
  const arcAt = (rows: number): number => {
    if (rows <= 0) return 0;
    if (rows <= rowsFrom) return rows * course;
    if (rows >= rowsFull) return to * radius + (rows - rowsFull) * fullCourseMm;
    return radius * (from + slope.after((rows - rowsFrom) / radius));
  };
  return { girthMm, browArcMm, stretch: browStretch(girthMm, knitted), fullCourseMm, rowsTo, arcAt };
}

/** Share of the tube's resting girth that a crown drawn shut takes off the height measured lying flat (craft 5.6). */
export const CROWN_SHARE = 0.1;

/**
 * Rows of a whole lined tube for a head: two layers, each with the rows a turned-up brim adds at full stretch.
 *
 * @returns rows, not rounded
 * @example linedRows(headFit(560, { pins: 48, courses: 2, wales: 1.35 }), 50) // about 137
 */
export function linedRows(fit: HeadFit, turnUpMm: number): number {
  return 2 * (fit.rowsTo(fit.browArcMm) + turnUpMm / fit.fullCourseMm);
}
