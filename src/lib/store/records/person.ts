import * as z from 'zod';
import { AGES } from '$lib/core/body';

/** Somebody the knitter knits for, with measures in mm by the code of the measure. Stays in this browser. */
export const Person = z.object({
  id: z.string().min(1).max(80),
  name: z.string().trim().min(1).max(60),
  /** Not said of people kept before it was asked. */
  age: z.enum(AGES).optional(),
  measures: z.record(z.string(), z.number().min(10).max(4000)).default({}),
  note: z.string().max(500).default('')
});
export type Person = z.infer<typeof Person>;
