import type { Edge } from '../plan';

/**
 * The order in which the loops of a flattened end are taken. The tube lies flat with its first and last pin at one fold, where
 * the work's tail hangs: the first tail at the lowest pin, the last one at the highest.
 */

/**
 * The pins of a flattened end that are taken, in pairs, from the fold beside the first pin to the fold opposite; and the one
 * in the middle where their number is odd.
 */
function pairsOf(lo: number, hi: number, leave: readonly number[]) {
  const pins = Array.from({ length: hi - lo + 1 }, (_, i) => lo + i).filter((pin) => !leave.includes(pin));
  const half = Math.floor(pins.length / 2);
  const pairs = Array.from({ length: half }, (_, k) => [pins[k]!, pins[pins.length - 1 - k]!] as const);
  return { pairs, odd: pins.length % 2 === 1 ? [pins[half]!] : [] };
}

/**
 * The pins beside a long fold of a tube that lies flat: the upper one where its first and last pin meet, the lower one opposite.
 *
 * @example foldPins('upper', 1, 48) // [1, 48]
 * @example foldPins('lower', 1, 48) // [24, 25]
 */
export function foldPins(fold: 'upper' | 'lower', lo: number, hi: number): readonly number[] {
  if (fold === 'upper') return [lo, hi];
  const half = Math.floor((hi - lo + 1) / 2);
  return (hi - lo + 1) % 2 === 1 ? [lo + half - 1, lo + half, lo + half + 1] : [lo + half - 1, lo + half];
}

/**
 * Loop through loop, without yarn of its own: it begins at the fold opposite the tail, on the half that does not hold the
 * tail's stitch, and ends at the tail, which is pulled through the last loop (craft 7.8, common practice, no
 * source).
 *
 * @param edge the end that is closed: its tail hangs at the lowest pin of the first end, at the highest of the last one
 * @param lo lowest pin
 * @param hi highest pin
 * @param leave pins that are left out
 * @returns every pin once; of an odd number the middle one is taken together with the first
 * @example loopPath('cast-on', 1, 6) // [4, 3, 5, 2, 6, 1]
 */
export function loopPath(edge: Edge, lo: number, hi: number, leave: readonly number[] = []): number[] {
  const { pairs, odd } = pairsOf(lo, hi, leave);
  return [...odd, ...pairs.reverse().flatMap(([low, high]) => (edge === 'cast-on' ? [high, low] : [low, high]))];
}

/**
 * With yarn: it begins at the fold where the tail hangs and goes through both layers, pair by pair.
 *
 * @example pairPath(1, 6) // [1, 6, 2, 5, 3, 4]
 */
export function pairPath(lo: number, hi: number, leave: readonly number[] = []): number[] {
  const { pairs, odd } = pairsOf(lo, hi, leave);
  return [...pairs.flat(), ...odd];
}

/**
 * The two corners of a tube that lies flat with the line where rows begin in the middle of one side: the last pin before
 * either fold. With a number of pins that cannot be quartered that line lies half a stitch beside the middle.
 *
 * @example cornersOf(1, 48) // [12, 36]
 * @example cornersOf(1, 46) // [11, 34]
 */
export function cornersOf(lo: number, hi: number): readonly [number, number] {
  const n = hi - lo + 1;
  const low = lo + Math.floor(n / 4) - 1;
  return [low, low + Math.floor(n / 2)];
}

/**
 * Through four layers at once, from the low corner to the far one: the pins of the half that is taken, in order.
 *
 * @example acrossPath(1, 8) // [3, 4, 5, 6]
 */
export function acrossPath(lo: number, hi: number): number[] {
  const [low, high] = cornersOf(lo, hi);
  return Array.from({ length: high - low }, (_, i) => low + 1 + i);
}
