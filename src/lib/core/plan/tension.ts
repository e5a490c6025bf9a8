import * as z from 'zod/mini';
import { FINGER_TENSIONS } from '../kit';

/** Holes the tension guide of any machine may have. */
export const MOST_HOLES = 5;

/**
 * How tight some rows are knitted, where that differs from the rest of the piece (craft 1 and 5.9). The fingers may change at
 * any row; a hole only where a yarn is laid in anew, since the yarn runs through it.
 */
export const SectionTension = z.object({
  /** Tension hole, counted from the smallest; that of the piece when absent. */
  hole: z.optional(z.int().check(z.minimum(1), z.maximum(MOST_HOLES))).check(z.meta({ title: 'Tension hole' })),
  /** How the yarn runs through the fingers; as in the rest of the project when absent. */
  fingers: z.optional(z.enum(FINGER_TENSIONS)).check(z.meta({ title: 'Finger tension' }))
});
export type SectionTension = z.infer<typeof SectionTension>;

/** Whether two stretches of rows are as tight. @example sameTension({ hole: 1 }, {}) // false */
export const sameTension = (a: SectionTension, b: SectionTension): boolean =>
  a.hole === b.hole && a.fingers === b.fingers;

/** The tension of a stretch and nothing else of it, no field where it has none. @example tensionOf({ hole: 1, rows: 5 }) // { hole: 1 } */
export const tensionOf = ({ hole, fingers }: SectionTension): SectionTension => ({
  ...(hole === undefined ? {} : { hole }),
  ...(fingers === undefined ? {} : { fingers })
});
