import * as z from 'zod/mini';

/**
 * What went wrong while rows were cranked (craft 9): at a pin, in a row of the piece, waste and all, from 1. It is told at
 * the crank, the fabric takes it, and making up mends what is left of it.
 */
export const CrankFault = z.object({
  kind: z.enum([
    /** The yarn missed the hook, or the loop came off: it ran open over so many rows down from that row. */
    'dropped',
    /** So many rows lie on one pin. */
    'tuck',
    /** The hook caught half the yarn. */
    'split',
    /** A loop stands at the edge where no stitch is. */
    'edge-loop',
    /** The crank was turned back: the yarn lies twice on so many pins. */
    'wrong-turn',
    /** No fault of the fabric: a knot was cut out or the ball ended, and a new end came in once that row was done. */
    'new-ball'
  ]),
  piece: z.int().check(z.minimum(0), z.maximum(10_000)),
  /** Which copy of the piece, from 1. */
  copy: z.int().check(z.minimum(1), z.maximum(10_000)),
  row: z.int().check(z.minimum(1), z.maximum(1_000_000)),
  pin: z.int().check(z.minimum(1), z.maximum(200)),
  /** Rows it reaches down, or pins it reaches along. */
  over: z.int().check(z.minimum(1), z.maximum(10_000))
});
export type CrankFault = z.infer<typeof CrankFault>;
