import type { PerCm } from './swatch';

/**
 * Rows to stitches of a real swatch (craft 5.3, around the 1.3 of Munden's constants): 25 cm to 40 with 12 cm to 20
 * is real.
 */
export const PLAUSIBLE_RATIO = { low: 1, high: 1.7 } as const;

/** How far a gauge may stand from what is expected before it is doubted, as a factor (own estimate, no source). */
const FAR = 1.5;

/**
 * A slip explains a swatch when the mended gauge comes so much nearer to what is expected (own estimate, no source).
 */
const NEARER = 0.5;

/** What probably went wrong when a swatch was measured. */
export interface Slip {
  readonly kind: 'swapped' | 'inches' | 'width-for-girth' | 'girth-for-width' | 'on-the-machine' | 'unknown';
  /** What is wrong with it: rows to a stitch that no knitting has, or so many times from what is expected. */
  readonly off: { readonly by: 'ratio' | 'times'; readonly value: number };
  /** The gauge if that was the slip, where it can be mended without measuring again. */
  readonly mended: PerCm | null;
}

const INCH = 2.54;

/** Distance of a gauge from what is expected, on the scale of logarithms, its two counts together. */
const away = (g: PerCm, e: PerCm): number => Math.hypot(Math.log(g.courses / e.courses), Math.log(g.wales / e.wales));

const plausible = (g: PerCm): boolean => {
  const ratio = g.courses / g.wales;
  return ratio >= PLAUSIBLE_RATIO.low && ratio <= PLAUSIBLE_RATIO.high;
};

/**
 * Doubts a gauge that cannot be, and names the slip that explains it best.
 *
 * @param gauge rows and stitches per cm as they were measured
 * @param expected what practice or earlier swatches say of this yarn on this machine
 * @param pinSpacingMm distance between two pins, for the swatch that was measured while it hung
 * @returns the slip, or null for a gauge that may well be right
 * @example slipOf({ courses: 1.35, wales: 2 }, { courses: 2, wales: 1.35 }, 13)?.kind // 'swapped'
 */
export function slipOf(gauge: PerCm, expected: PerCm, pinSpacingMm: number): Slip | null {
  const far = away(gauge, expected);
  if (plausible(gauge) && far < Math.log(FAR) * Math.SQRT2) return null;
  const mends: { kind: Slip['kind']; mended: PerCm }[] = [
    { kind: 'swapped', mended: { courses: gauge.wales, wales: gauge.courses } },
    // Centimetres to 40 stitches typed where those to 20 rows belong.
    { kind: 'swapped', mended: { courses: gauge.wales / 2, wales: gauge.courses * 2 } },
    { kind: 'inches', mended: { courses: gauge.courses / INCH, wales: gauge.wales / INCH } },
    { kind: 'width-for-girth', mended: { courses: gauge.courses, wales: gauge.wales / 2 } },
    { kind: 'girth-for-width', mended: { courses: gauge.courses, wales: gauge.wales * 2 } }
  ];
  const off: Slip['off'] = plausible(gauge)
    ? { by: 'times', value: Math.exp(far / Math.SQRT2) }
    : { by: 'ratio', value: gauge.courses / gauge.wales };
  // On the ring every stitch is as wide as the pins stand apart, and short for it.
  const onRing = Math.abs(Math.log((gauge.wales * pinSpacingMm) / 10)) < 0.12 && gauge.courses > expected.courses * 1.1;
  if (onRing) return { kind: 'on-the-machine', off, mended: null };
  const best = mends
    .filter((m) => plausible(m.mended) && away(m.mended, expected) < NEARER * far)
    .sort((a, b) => away(a.mended, expected) - away(b.mended, expected))[0];
  if (best) return { kind: best.kind, off, mended: best.mended };
  return { kind: 'unknown', off, mended: null };
}
