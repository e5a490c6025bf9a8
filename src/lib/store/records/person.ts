import * as z from 'zod/mini';
import { AGES } from '$lib/core/body';
import { Id, shownText } from '$lib/core/kit/text';

/** Somebody the knitter knits for, with measures in mm by the code of the measure. Stays in this browser. */
export const Person = z.object({
  id: Id,
  name: shownText(60).check(z.trim(), z.minLength(1)),
  /** Not said of people kept before it was asked. */
  age: z.optional(z.enum(AGES)),
  measures: z._default(z.record(z.string(), z.number().check(z.minimum(10), z.maximum(4000))), {}),
  /** The day each measure was taken, by its code; measures from before it was written down have none. */
  taken: z.optional(z.record(z.string(), z.iso.date())),
  note: z._default(shownText(500), '')
});
export type Person = z.infer<typeof Person>;
