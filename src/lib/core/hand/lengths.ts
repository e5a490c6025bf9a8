/**
 * Yarn that making up takes, by practice (craft 6.5). Each constant stands here once.
 */

/** Length to hold on to at the end of any seam: plus 15 cm. */
export const HOLD_MM = 150;

/** A crocheted edge or a chain takes about four times its length. */
const HOOK_FACTOR = 4;

/** Mattress stitch and sewing take about three times the seam. */
const NEEDLE_FACTOR = 3;

/** A thread to draw an end shut: 1.5 to 2 turns round the ring; the longer one can be drawn without a fight (craft 3.9). */
export const THREAD_TURNS = 2;

/** Cut end that finishes a chain of rungs: pulled through the last one and woven in (own estimate, no source). */
export const RUNG_END_MM = 300;

/** Yarn for eyes and mouth (own estimate, no source). */
export const FACE_MM = 600;

/** Thread that holds a button (own estimate, no source). */
export const BUTTON_MM = 250;

/** Room beyond the mouth at either end of a drawn cord, to pull and knot (own estimate, no source). */
export const CORD_ENDS_MM = 300;

/**
 * How far a chain stands out that is fastened to both corners of an end: half of it is one side of a right triangle, half the
 * end another (craft 7.11). 0 for one that does not reach from corner to corner.
 *
 * @example loopReachMm(133, 81) // 52.7…
 */
export const loopReachMm = (chainMm: number, endMm: number): number =>
  Math.sqrt(Math.max(0, (chainMm / 2) ** 2 - (endMm / 2) ** 2));

/** Length of a chain over an end that stands out so far. @example loopMm(81, 47.5) // 124.8… */
export const loopMm = (endMm: number, reachMm: number): number => 2 * Math.hypot(reachMm, endMm / 2);

/** Length of the slanting line that gathers one corner into an ear (own estimate, no source). */
export const EAR_MM = 60;

/** A thread run through loops that came off on waste: the girth at rest and half of it again (craft 7.21). */
const THROUGH_GIRTHS = 1.5;

/** Two edges sewn to each other stitch by stitch with the tail that runs through one of them (craft 7.21: 3.5 girths in all). */
const ZIP_GIRTHS = 2;

/** Own tails are left as long as their jobs take, in whole steps of so much (own choice: a length one measures off). */
const TAIL_STEP_MM = 50;

/** What a tail uses up that runs through all loops of an end. @example throughMm(356) // 534 */
export const throughMm = (girthMm: number, doubled = false): number => THROUGH_GIRTHS * girthMm * (doubled ? 2 : 1);

/** What a zip uses up of the tail it is sewn with. @example zipMm(356) // 712 */
export const zipMm = (girthMm: number): number => ZIP_GIRTHS * girthMm;

/** What a tail uses up that crochets along an edge, nothing to hold counted. */
export const hookedMm = (edgeMm: number): number => HOOK_FACTOR * edgeMm;

/** What a tail uses up that sews a seam, nothing to hold counted. */
export const sewnMm = (seamMm: number): number => NEEDLE_FACTOR * seamMm;

/**
 * Length a tail is left at for its jobs: what they take together, and a hand's length to hold once, up to the next 5 cm.
 *
 * @example tailMm(712) // 900
 */
export const tailMm = (usedMm: number): number => TAIL_STEP_MM * Math.ceil((usedMm + HOLD_MM) / TAIL_STEP_MM);

/** A half double crochet takes so many times the yarn of a single one (own estimate, no source). */
export const TALL_STITCH = 1.5;

/** Yarn for a hooked edge of that length. @example hookYarnMm(180) // 870 */
export const hookYarnMm = (edgeMm: number): number => Math.round(HOOK_FACTOR * edgeMm + HOLD_MM);

/** Yarn for a sewn seam of that length. @example seamYarnMm(180) // 690 */
export const seamYarnMm = (seamMm: number): number => Math.round(NEEDLE_FACTOR * seamMm + HOLD_MM);
