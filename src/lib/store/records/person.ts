import * as z from 'zod';
import { AGES } from '$lib/core/body';
import { Id, shownText } from '$lib/core/kit/text';

/** Somebody the knitter knits for, with measures in mm by the code of the measure. Stays in this browser. */
export const Person = z.object({
  id: Id,
  name: shownText(60).trim().min(1),
  /** Not said of people kept before it was asked. */
  age: z.enum(AGES).optional(),
  measures: z.record(z.string(), z.number().min(10).max(4000)).default({}),
  /** The day each measure was taken, by its code; measures from before it was written down have none. */
  taken: z.record(z.string(), z.iso.date()).optional(),
  note: shownText(500).default('')
});
export type Person = z.infer<typeof Person>;
