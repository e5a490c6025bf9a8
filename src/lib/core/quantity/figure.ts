import type { Reason } from './reason';

/** What a figure stands for, which decides how it is printed. Lengths are millimetres, yarn runs are metres. */
export type FigureUnit =
  'mm' | 'dm2' | 'rows' | 'stitches' | 'm' | 'g' | 'balls' | 'percent' | 'minutes' | 'per-cm' | 'tightness';

/** Where a figure comes from: somebody chose it or measured it, finished pieces taught it, or it is common practice. */
export type Basis = 'chosen' | 'measured' | 'learned' | 'default';

/**
 * A number on its way to a screen. It never travels bare: it says how sure it is and how it came about.
 */
export interface Figure {
  readonly value: number;
  readonly low: number;
  readonly high: number;
  readonly unit: FigureUnit;
  readonly basis: Basis;
  /** The short derivation a knitter can open, step by step. */
  readonly because: readonly Reason[];
}

/**
 * Builds a figure whose range is a fraction either way.
 *
 * @param spread half the range as a fraction of the value; 0 for a count that is exact
 * @example about(550, 0.05, 'mm', 'default', [{ say: 'chosen' }]).low // 522.5
 */
export function about(
  value: number,
  spread: number,
  unit: FigureUnit,
  basis: Basis,
  because: readonly Reason[]
): Figure {
  const half = Math.abs(value * spread);
  return { value, low: value - half, high: value + half, unit, basis, because };
}

/**
 * The weaker of several bases: a figure is only as good as the poorest number it was made from.
 *
 * @example weakest(['measured', 'default']) // 'default'
 */
export function weakest(bases: readonly Basis[]): Basis {
  if (bases.includes('default')) return 'default';
  if (bases.includes('learned')) return 'learned';
  return bases.length > 0 && bases.every((basis) => basis === 'chosen') ? 'chosen' : 'measured';
}
