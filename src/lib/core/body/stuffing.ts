/** Stuffing widens a tube by 10 to 30 % (craft 7); this much is taken. */
export const STUFFED_WIDER = 0.2;

/** Grams of fibre filling to a cubic centimetre of a firmly stuffed toy (own estimate, no source; half to double). */
const FILLING_G_PER_CM3 = 0.03;

/** How far the estimate of the filling may be off either way. */
export const FILLING_SPREAD = 0.4;

/**
 * Filling for a stuffed tube with rounded ends: a cylinder less the corners its caps leave out.
 *
 * @param girthMm girth once stuffed
 * @param lengthMm length of the tube
 * @returns grams
 * @example fillingGrams(200, 150) // about 11
 */
export function fillingGrams(girthMm: number, lengthMm: number): number {
  const r = girthMm / (2 * Math.PI);
  const capped = Math.min(r, lengthMm / 2);
  // Two half balls in place of two stretches of cylinder as long as the caps.
  const mm3 = Math.PI * r * r * (lengthMm - 2 * capped) + (4 / 3) * Math.PI * r * r * capped;
  return (mm3 / 1000) * FILLING_G_PER_CM3;
}
