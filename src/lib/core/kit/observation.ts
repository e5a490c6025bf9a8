import * as z from 'zod/mini';
import { FINGER_TENSIONS } from './finger-tension';
import { STATES } from './loop';
import { Id, shownText } from './text';

/**
 * A finished piece that was measured, as far as one of its yarns goes. Every finished piece is a measurement of the
 * gauge it was knitted at.
 */
export const Observation = z.object({
  id: z.string().check(z.minLength(1), z.maxLength(200)),
  /** The project it comes from. */
  projectId: Id,
  name: z._default(shownText(80), ''),
  machineId: Id,
  yarnId: Id,
  strands: z._default(z.int().check(z.minimum(1), z.maximum(3)), 1),
  hole: z.int().check(z.minimum(1), z.maximum(5)),
  fingers: z._default(z.enum(FINGER_TENSIONS), 'usual'),
  state: z._default(z.enum(STATES), 'rested'),
  pins: z.int().check(z.minimum(2), z.maximum(200)),
  rows: z.int().check(z.minimum(1), z.maximum(100_000)),
  /** Share of the rows that were knitted in this yarn; what the piece says counts for so much. */
  share: z._default(z.number().check(z.gt(0), z.maximum(1)), 1),
  lengthMm: z._default(z.nullable(z.number().check(z.minimum(10), z.maximum(100_000))), null),
  flatWidthMm: z._default(z.nullable(z.number().check(z.minimum(10), z.maximum(5000))), null),
  on: z.iso.date(),
  setAside: z._default(z.boolean(), false)
});
export type Observation = z.infer<typeof Observation>;
