import * as z from 'zod/mini';
import { shownText } from '$lib/core/kit';

/** What kinds of things are deleted by themselves. */
export type Binned = 'project' | 'yarn' | 'machine' | 'person' | 'swatch' | 'piece' | 'series' | 'conversion' | 'photo';

/** Something that was deleted, with every record that went with it, as they were kept. */
export const BinEntry = z.object({
  id: z.string().check(z.minLength(1), z.maxLength(80)),
  deletedAt: z.iso.datetime(),
  /** A `Binned`; a newer version may delete other things. */
  what: z.string().check(z.minLength(1), z.maxLength(40)),
  /** What it was called. */
  title: shownText(200),
  records: z
    .array(z.object({ table: z.string().check(z.maxLength(60)), record: z.record(z.string(), z.unknown()) }))
    .check(z.maxLength(500_000))
});
export type BinEntry = z.infer<typeof BinEntry>;
