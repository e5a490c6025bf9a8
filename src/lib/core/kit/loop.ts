/**
 * The loop model: knitted fabric is governed by the length of yarn in one stitch.
 */

/** Fabric states a swatch can be measured in. */
export const STATES = ['rested', 'worn-in', 'washed'] as const;
export type FabricState = (typeof STATES)[number];

/**
 * Munden's constants (Munden 1959, from memory): courses per cm = kc / l and wales per cm = kw / l, with the
 * loop length l in cm. A worn-in fabric is taken as rested: wearing tugs, it does not felt.
 */
const MUNDEN: Readonly<Record<FabricState, { readonly kc: number; readonly kw: number }>> = {
  rested: { kc: 5.0, kw: 3.8 },
  'worn-in': { kc: 5.0, kw: 3.8 },
  washed: { kc: 5.3, kw: 4.1 }
};

/** Munden's constants of a fabric state. @example mundenOf('rested').kc // 5 */
export const mundenOf = (state: FabricState): { readonly kc: number; readonly kw: number } => MUNDEN[state];

/**
 * Loop length from a gauge: l = sqrt(kc kw / (courses per cm * wales per cm)), after Munden.
 *
 * @param coursesPerCm rows per cm of length, above 0
 * @param walesPerCm stitches per cm of width, above 0
 * @param state the state the fabric was measured in
 * @returns millimetres of yarn in one stitch
 * @throws RangeError when a gauge is not above 0
 * @example loopLengthMm(2.0, 1.35, 'rested') // 26.527…
 */
export function loopLengthMm(coursesPerCm: number, walesPerCm: number, state: FabricState): number {
  if (!(coursesPerCm > 0) || !(walesPerCm > 0)) {
    throw new RangeError(`gauge must be above 0; received ${coursesPerCm} rows and ${walesPerCm} stitches per cm`);
  }
  const { kc, kw } = MUNDEN[state];
  return 10 * Math.sqrt((kc * kw) / (coursesPerCm * walesPerCm));
}

/**
 * Tightness factor K = sqrt(tex) / l, with l in cm.
 *
 * @param tex grams per kilometre of all strands together
 * @param loopMm millimetres of yarn in one stitch
 * @example tightness(500, 26.5) // 8.44
 */
export const tightness = (tex: number, loopMm: number): number => Math.sqrt(tex) / (loopMm / 10);

/** Below this tightness the fabric is a net (craft 5.7, common practice, no source). */
export const NET_BELOW = 7;

/** Above this tightness the hooks struggle (craft 5.7, common practice, no source). */
export const STRUGGLE_ABOVE = 10;

/**
 * Share of its rest height below which a course is not flattened: beyond that the yarn itself gives (craft 5.8; our own model
 * on Peirce's trade-off, fitted to practice).
 */
export const FLATTEST = 0.6;

/** The share the first edition took; pieces that were begun under it keep their rows. */
export const FIRST_FLATTEST = 0.35;

/**
 * Course height of a stitch widened from w0 to w: half of the widening is lost in height (Peirce 1947, from
 * memory: l = 2c + w + 5.94 d with l and d fixed).
 *
 * @param restCourse c0, height of a course at rest
 * @param restWale w0, width of a wale at rest
 * @param wale w, the width it is stretched to; narrower than rest counts as rest
 * @param flattest share of c0 below which it does not go
 * @returns the height, in the unit of the arguments
 * @example courseWhenStretched(5, 7.4, 10) // 3.7
 */
export function courseWhenStretched(restCourse: number, restWale: number, wale: number, flattest = FLATTEST): number {
  const widened = Math.max(0, wale - restWale);
  return Math.max(restCourse - widened / 2, flattest * restCourse);
}

/**
 * Yarn diameter from its tex, for a round thread packed to half a gram per cubic centimetre, which is about the
 * loft of plied hand-knitting wool (own estimate, no source).
 *
 * @returns millimetres
 * @example diameterMm(500) // 1.128…
 */
export function diameterMm(tex: number): number {
  const gramsPerCm3 = 0.5;
  return 10 * Math.sqrt((4 * tex * 1e-5) / (Math.PI * gramsPerCm3));
}
