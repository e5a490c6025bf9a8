/**
 * Weight classes of the Craft Yarn Council, figures from memory of its Standard Yarn Weight System: stitches of hand
 * knitting to 10 cm (4 in) and wraps to the inch. Metres to 100 g are common practice, no source.
 */
export interface WeightClass {
  readonly number: number;
  readonly name: string;
  /** Stitches to 10 cm, both included. */
  readonly stitches: readonly [number, number];
  readonly wrapsPerInch: readonly [number, number];
  /** Metres of one strand to 100 g: from the lower up to the upper. */
  readonly metres: readonly [number, number];
}

export const WEIGHT_CLASSES: readonly WeightClass[] = [
  { number: 0, name: 'Lace', stitches: [33, 40], wrapsPerInch: [30, 40], metres: [600, 5000] },
  { number: 1, name: 'Super fine', stitches: [27, 32], wrapsPerInch: [14, 30], metres: [350, 600] },
  { number: 2, name: 'Fine', stitches: [23, 26], wrapsPerInch: [12, 18], metres: [270, 350] },
  { number: 3, name: 'Light', stitches: [21, 24], wrapsPerInch: [11, 15], metres: [215, 270] },
  { number: 4, name: 'Medium', stitches: [16, 20], wrapsPerInch: [9, 12], metres: [150, 215] },
  { number: 5, name: 'Bulky', stitches: [12, 15], wrapsPerInch: [6, 9], metres: [100, 150] },
  { number: 6, name: 'Super bulky', stitches: [7, 11], wrapsPerInch: [5, 6], metres: [50, 100] },
  { number: 7, name: 'Jumbo', stitches: [1, 6], wrapsPerInch: [1, 4], metres: [1, 50] }
];

/** Metres to 100 g until a label was read: the middle of its class. @example usualMetres(4) // 183 */
export function usualMetres(number: number): number {
  const [low, high] = WEIGHT_CLASSES[number]!.metres;
  return Math.round((low + high) / 2);
}

/** "4 Medium". @example className(4) // '4 Medium' */
export const className = (number: number): string => `${number} ${WEIGHT_CLASSES[number]?.name ?? ''}`.trim();

/**
 * Weight class of a label.
 *
 * @param metres metres in the ball, above 0
 * @param grams grams of the ball, above 0
 * @throws RangeError when either is not above 0
 * @example classOfLabel(200, 100) // 4
 */
export function classOfLabel(metres: number, grams: number): number {
  if (!(metres > 0) || !(grams > 0)) {
    throw new RangeError(`metres and grams must be above 0; received ${metres} m and ${grams} g`);
  }
  const run = (100 * metres) / grams;
  return WEIGHT_CLASSES.find((c) => run >= c.metres[0])?.number ?? 7;
}

/**
 * Thickness of a yarn as it lies in wraps, per root of its tex: chosen so that 500 tex makes 10.5 wraps to the inch,
 * the middle of class 4 (own calibration). Wrapped yarn is much looser than knitted yarn.
 */
const WRAP_MM_PER_ROOT_TEX = 25.4 / (10.5 * Math.sqrt(500));

/**
 * Wraps to the inch that a yarn may be expected to make.
 *
 * @param tex grams per kilometre of what is wrapped
 * @example wrapsPerInch(500) // 10.5
 */
export const wrapsPerInch = (tex: number): number => 25.4 / (WRAP_MM_PER_ROOT_TEX * Math.sqrt(tex));
