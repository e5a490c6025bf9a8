/**
 * Normal-normal updating: what is believed is a normal distribution, every observation is one too, and what is
 * believed afterwards weighs both by their precision (the inverse of the variance). Textbook Bayesian inference, no
 * single source.
 */
export interface Normal {
  readonly mean: number;
  /** Standard deviation. */
  readonly sd: number;
}

/**
 * Standard deviations either side of the mean that hold nine tenths of a normal distribution (tables of the normal
 * distribution: 1.6449).
 */
export const NINE_TENTHS = 1.6448536269514722;

/**
 * What is believed after some observations.
 *
 * @param prior what was believed before; an infinite sd believes nothing
 * @param seen independent observations of the same quantity, each with its own error
 * @throws RangeError when an sd is not above 0
 * @example updated({ mean: 0, sd: 1 }, [{ mean: 2, sd: 1 }]) // { mean: 1, sd: 0.707… }
 */
export function updated(prior: Normal, seen: readonly Normal[]): Normal {
  let precision = 0;
  let weighted = 0;
  for (const { mean, sd } of [prior, ...seen]) {
    if (!(sd > 0)) throw new RangeError(`sd must be above 0; received ${sd}`);
    if (sd === Infinity) continue;
    precision += 1 / sd ** 2;
    weighted += mean / sd ** 2;
  }
  return { mean: weighted / precision, sd: Math.sqrt(1 / precision) };
}

/** The sd of the sum of independent errors. @example combined(3, 4) // 5 */
export const combined = (...sds: readonly number[]): number => Math.hypot(...sds);

/** Both ends of the interval that holds the quantity nine times in ten. */
export function nineTenths({ mean, sd }: Normal): { low: number; high: number } {
  return { low: mean - NINE_TENTHS * sd, high: mean + NINE_TENTHS * sd };
}
