import * as z from 'zod';
import { Yarn } from '$lib/core/kit';
import { draftOf } from '$lib/store/draft';

/** What is asked of the page besides the project and its yarn, which stand in the address; there again after a reload. */
export const Wish = z.object({
  machine: z.string().default(''),
  rows: z.int().min(10).max(5000).default(110),
  /** A pattern's gauge and the label of its yarn. */
  cmTo40Stitches: z.number().min(4).max(120).default(29.6),
  cmTo20Rows: z.number().min(1).max(60).default(10),
  metres: z.number().min(1).max(5000).default(200),
  grams: z.number().min(1).max(2000).default(100),
  /** Yarns that are not in the stash, typed in for comparison. */
  typed: z.array(Yarn).max(40).default([]),
  /** Strands that are to be tried, by yarn. */
  strands: z.record(z.string(), z.int().min(1).max(3)).default({})
});
export type Wish = z.infer<typeof Wish>;

/** What was asked the last time, kept for as long as the browser keeps small things. */
export const wishDraft = draftOf('stand-ins', Wish);
