import * as z from 'zod/mini';
import { Yarn } from '$lib/core/kit';
import { draftOf } from '$lib/store/draft';

/** What is asked of the page besides the project and its yarn, which stand in the address; there again after a reload. */
export const Wish = z.object({
  machine: z._default(z.string(), ''),
  rows: z._default(z.int().check(z.minimum(10), z.maximum(5000)), 110),
  /** A pattern's gauge and the label of its yarn. */
  cmTo40Stitches: z._default(z.number().check(z.minimum(4), z.maximum(120)), 29.6),
  cmTo20Rows: z._default(z.number().check(z.minimum(1), z.maximum(60)), 10),
  metres: z._default(z.number().check(z.minimum(1), z.maximum(5000)), 200),
  grams: z._default(z.number().check(z.minimum(1), z.maximum(2000)), 100),
  /** Yarns that are not in the stash, typed in for comparison. */
  typed: z._default(z.array(Yarn).check(z.maxLength(40)), []),
  /** Whether the size stays, or the rows and stitches. */
  keep: z._default(z.enum(['size', 'counts']), 'size'),
  /** Strands that are to be tried, by yarn. */
  strands: z._default(z.record(z.string(), z.int().check(z.minimum(1), z.maximum(3))), {})
});
export type Wish = z.infer<typeof Wish>;

/** What was asked the last time, kept for as long as the browser keeps small things. */
export const wishDraft = draftOf('stand-ins', Wish);
