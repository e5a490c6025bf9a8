import * as z from 'zod';

/** Words the craft has two of: every sentence follows what is chosen here (craft 2). */
export const Terms = z.object({
  pin: z.enum(['pin', 'needle']).default('pin'),
  row: z.enum(['row', 'round']).default('row'),
  off: z.enum(['hang off', 'cast off', 'bind off']).default('hang off'),
  crochet: z.enum(['US', 'UK']).default('US')
});
export type Terms = z.infer<typeof Terms>;

/** How this knitter works; the schools of the craft are choices here, never forced. */
export const Habits = z.object({
  units: z.enum(['metric', 'imperial']).default('metric').meta({ title: 'Units' }),
  counter: z.enum(['reset', 'running', 'never']).default('running').meta({ title: 'Counter at a new section' }),
  tubeRowsPerMinute: z.number().min(0.5).max(200).nullable().default(null).meta({ title: 'Rows per minute, tube' }),
  panelRowsPerMinute: z.number().min(0.5).max(200).nullable().default(null).meta({ title: 'Rows per minute, panel' }),
  /** Rows of waste yarn at either end, where stitches must stay live. Schools: 4 or 5, 10, 10 to 15 (craft 3). */
  wasteStart: z.int().min(0).max(30).default(5).meta({ title: 'Waste rows at the start' }),
  wasteEnd: z.int().min(0).max(30).default(5).meta({ title: 'Waste rows at the end' }),
  /** Where the yarn of a panel stands once it is cast on; laid from low to high that is the highest pin (craft 1.6). */
  panelStart: z.enum(['high', 'low']).default('high').meta({ title: 'Yarn of a panel begins at' }),
  /** Begin from a strip of knitting with open loops that is kept and used again. */
  wasteStrip: z.boolean().default(false).meta({ title: 'Begin from a reusable strip' }),
  /** Schools of the craft this knitter chose last, by the key of the option; new plans begin with them. */
  schools: z.record(z.string().max(40), z.string().max(40)).default({}),
  /** The knitter's own words. */
  terms: Terms.default(() => Terms.parse({})),
  /** Pins before the marker at which colours are changed in a tube: none, or a few, so that the step hides (craft 4). */
  joinPins: z.int().min(0).max(100).default(0).meta({ title: 'Pins before the marker at a change of colour' }),
  tieAfterRows: z.int().min(1).max(12).default(4).meta({ title: 'Rows before tying a join' }),
  /** Minutes at the crank after which a rest is spoken of (craft 11); null never does. */
  restMinutes: z.int().min(5).max(240).nullable().default(25).meta({ title: 'A word about rest after' })
});
export type Habits = z.infer<typeof Habits>;
