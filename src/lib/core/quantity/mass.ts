import type { Units } from './length';

/** Grams in one international avoirdupois ounce, exact since the agreement of 1959. */
const G_PER_OZ = 28.349523125;

/**
 * Prints a mass of yarn: whole grams, or ounces to a tenth.
 *
 * @param g grams
 * @example showMass(50, 'imperial') // '1.8 oz'
 */
export function showMass(g: number, units: Units): string {
  return units === 'metric' ? `${Math.round(g)} g` : `${(g / G_PER_OZ).toFixed(1)} oz`;
}
