import * as z from 'zod';
import { FINGER_TENSIONS } from './finger-tension';
import { STATES } from './loop';
import { Id, shownText } from './text';

/**
 * A finished piece that was measured, as far as one of its yarns goes. Every finished piece is a measurement of the
 * gauge it was knitted at.
 */
export const Observation = z.object({
  id: z.string().min(1).max(200),
  /** The project it comes from. */
  projectId: Id,
  name: shownText(80).default(''),
  machineId: Id,
  yarnId: Id,
  strands: z.int().min(1).max(3).default(1),
  hole: z.int().min(1).max(5),
  fingers: z.enum(FINGER_TENSIONS).default('usual'),
  state: z.enum(STATES).default('rested'),
  pins: z.int().min(2).max(200),
  rows: z.int().min(1).max(100_000),
  /** Share of the rows that were knitted in this yarn; what the piece says counts for so much. */
  share: z.number().gt(0).max(1).default(1),
  lengthMm: z.number().min(10).max(100_000).nullable().default(null),
  flatWidthMm: z.number().min(10).max(5000).nullable().default(null),
  on: z.iso.date(),
  setAside: z.boolean().default(false)
});
export type Observation = z.infer<typeof Observation>;
