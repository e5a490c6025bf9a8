import { median, min } from 'd3-array';

/**
 * The least and the usual of some numbers.
 *
 * @param {number[]} values
 * @returns {{ least: number, median: number }}
 */
export const of = (values) => ({ least: min(values) ?? NaN, median: median(values) ?? NaN });
