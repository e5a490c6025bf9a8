import type { PerCm } from '../kit';

/** Factors from one gauge to another, with the working. */
export interface Conversion {
  /** Multiply stitch counts by this for the same width. */
  readonly stitchFactor: number;
  /** Multiply row counts by this for the same length. */
  readonly rowFactor: number;
}

/**
 * Converts the counts of a pattern to another gauge: the same width takes stitches in the ratio of the stitches per cm,
 * the same length rows in the ratio of the rows per cm (craft 5).
 *
 * @param pattern the gauge the pattern was written for
 * @param machine the gauge it will be knitted at
 * @throws RangeError when a gauge is not above 0
 * @example convertGauge({ wales: 2, courses: 2.8 }, { wales: 40 / 26, courses: 20 / 9.5 }) // factors 0.7692 and 0.7519
 */
export function convertGauge(pattern: PerCm, machine: PerCm): Conversion {
  for (const [name, value] of Object.entries({
    ...pattern,
    machineCourses: machine.courses,
    machineWales: machine.wales
  })) {
    if (!(value > 0)) throw new RangeError(`${name} must be above 0; received ${value}`);
  }
  return { stitchFactor: machine.wales / pattern.wales, rowFactor: machine.courses / pattern.courses };
}

/** A count of the pattern at the other gauge, whole, with how far the rounding is off. */
export interface Converted {
  readonly exact: number;
  readonly whole: number;
  /** What the rounding makes of the size, in percent. */
  readonly offPercent: number;
}

/** Converts one count. @example convertCount(20, 0.7692).whole // 15 */
export function convertCount(count: number, factor: number): Converted {
  const exact = count * factor;
  const whole = Math.max(1, Math.round(exact));
  return { exact, whole, offPercent: exact === 0 ? 0 : (whole / exact - 1) * 100 };
}
