import * as z from 'zod/mini';
import { Id, shownText } from '$lib/core/kit';

/** A pattern's gauge brought to a machine, kept by a name: what the pattern says, what the machine knits, and its counts. */
export const Conversion = z.object({
  id: Id,
  name: shownText(80),
  note: z._default(shownText(1000), ''),
  /** The pattern, to 10 cm. */
  pattern: z.object({
    stitches: z.number().check(z.minimum(1), z.maximum(80)),
    rows: z.number().check(z.minimum(1), z.maximum(120))
  }),
  /** What the machine knits: typed in, or as it is known of a machine and a yarn, and then it follows what is learned. */
  machine: z.discriminatedUnion('by', [
    z.object({
      by: z.literal('typed'),
      cmTo40Stitches: z.number().check(z.minimum(4), z.maximum(120)),
      cmTo20Rows: z.number().check(z.minimum(1), z.maximum(60))
    }),
    z.object({ by: z.literal('known'), machineId: Id, yarnId: Id })
  ]),
  counts: z
    .array(z.object({ what: z.enum(['stitches', 'rows']), count: z.int().check(z.minimum(1), z.maximum(20_000)) }))
    .check(z.maxLength(60)),
  createdAt: z.iso.datetime()
});
export type Conversion = z.infer<typeof Conversion>;

/** A conversion before it has a name. */
export type ConversionDraft = Pick<Conversion, 'pattern' | 'machine' | 'counts'>;
