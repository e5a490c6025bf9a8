import { pairs, sum } from 'd3-array';

/** A pause longer than this is none of the work (own estimate, no source). */
const PAUSE_MS = 3 * 60_000;

/**
 * Minutes that were spent at the crank: the time between rows, pauses left out.
 *
 * @param times when rows were done, ms, in order
 * @returns null where too few rows have a time to tell
 * @example crankMinutes([0, 3_000, 6_000]) // 0.1
 */
export const crankMinutes = (times: readonly number[]): number | null =>
  times.length < 2 ? null : sum(pairs(times), ([a, b]) => (b - a > PAUSE_MS || b < a ? 0 : b - a)) / 60_000;
