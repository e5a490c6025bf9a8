import { z } from 'zod';

/** How this knitter works; the schools of the craft are choices here, never forced. */
export const Habits = z.object({
  units: z.enum(['metric', 'imperial']).default('metric').meta({ title: 'Units' }),
  counter: z.enum(['reset', 'running']).default('running').meta({ title: 'Counter at a new section' }),
  tubeRowsPerMinute: z.number().min(0.5).max(200).nullable().default(null).meta({ title: 'Rows per minute, tube' }),
  panelRowsPerMinute: z.number().min(0.5).max(200).nullable().default(null).meta({ title: 'Rows per minute, panel' }),
  tieAfterRows: z.int().min(1).max(12).default(4).meta({ title: 'Rows before tying a join' })
});
export type Habits = z.infer<typeof Habits>;
