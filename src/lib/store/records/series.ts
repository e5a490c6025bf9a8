import * as z from 'zod/mini';
import { Id, shownText } from '$lib/core/kit';

/** A batch of things made together: its projects in the order they are made, and when they are to be done. */
export const Series = z.object({
  id: Id,
  name: shownText(80),
  projectIds: z.array(Id).check(z.maxLength(200)),
  /** The day all of them are to be done; null where nobody waits. */
  by: z._default(z.nullable(z.iso.date()), null),
  /** When it is worked on: days of the week, Monday is 1, and minutes of an evening. */
  evenings: z._default(
    z.object({
      days: z.array(z.int().check(z.minimum(1), z.maximum(7))).check(z.minLength(1), z.maxLength(7)),
      minutes: z.int().check(z.minimum(10), z.maximum(600)),
      /** Hour of the day, for the calendar. */
      at: z.string().check(z.regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'must be a time such as 19:30'))
    }),
    { days: [1, 3, 5], minutes: 60, at: '19:30' }
  ),
  /** First day it is worked on. */
  from: z.iso.date(),
  createdAt: z.iso.datetime(),
  updatedAt: z.iso.datetime()
});
export type Series = z.infer<typeof Series>;
