/**
 * Linear density of yarn. The tex system counts grams per kilometre; the other counts are converted by the
 * factors of ISO 2947 (figures from memory of the standard).
 */

/** Cotton count times tex: 840 yd per lb expressed in grams and kilometres. */
const NE_TIMES_TEX = 590.5;

/**
 * tex from what a yarn's label says.
 *
 * @param metres metres in the ball, above 0
 * @param grams grams of the ball, above 0
 * @returns grams per kilometre
 * @throws RangeError when either is not above zero
 * @example texOfLabel(200, 100) // 500
 */
export function texOfLabel(metres: number, grams: number): number {
  if (!(metres > 0) || !(grams > 0)) {
    throw new RangeError(`metres and grams must be above 0; received ${metres} m and ${grams} g`);
  }
  return (grams * 1000) / metres;
}

/** Metric count (kilometres per kilogram). @example nmOfTex(500) // 2 */
export const nmOfTex = (tex: number): number => 1000 / tex;

/** English cotton count. @example neOfTex(590.5) // 1 */
export const neOfTex = (tex: number): number => NE_TIMES_TEX / tex;

/** Denier (grams per nine kilometres). @example denierOfTex(500) // 4500 */
export const denierOfTex = (tex: number): number => 9 * tex;
