import * as z from 'zod/mini';

/** Words the craft has two of: every sentence follows what is chosen here (craft 2). */
export const Terms = z.object({
  pin: z._default(z.enum(['pin', 'needle']), 'pin'),
  row: z._default(z.enum(['row', 'round']), 'row'),
  off: z._default(z.enum(['hang off', 'cast off', 'bind off']), 'hang off'),
  crochet: z._default(z.enum(['US', 'UK']), 'US')
});
export type Terms = z.infer<typeof Terms>;

/** How this knitter works; the schools of the craft are choices here, never forced. */
export const Habits = z.object({
  units: z._default(z.enum(['metric', 'imperial']), 'metric').check(z.meta({ title: 'Units' })),
  counter: z
    ._default(z.enum(['reset', 'running', 'never']), 'running')
    .check(z.meta({ title: 'Counter at a new section' })),
  tubeRowsPerMinute: z
    ._default(z.nullable(z.number().check(z.minimum(0.5), z.maximum(200))), null)
    .check(z.meta({ title: 'Rows per minute, tube' })),
  panelRowsPerMinute: z
    ._default(z.nullable(z.number().check(z.minimum(0.5), z.maximum(200))), null)
    .check(z.meta({ title: 'Rows per minute, panel' })),
  /** Rows of waste yarn at either end, where stitches must stay live. Schools: 4 or 5, 10, 10 to 15 (craft 3). */
  wasteStart: z
    ._default(z.int().check(z.minimum(0), z.maximum(30)), 5)
    .check(z.meta({ title: 'Waste rows at the start' })),
  wasteEnd: z._default(z.int().check(z.minimum(0), z.maximum(30)), 5).check(z.meta({ title: 'Waste rows at the end' })),
  /** Where the yarn of a panel stands once it is cast on; laid from low to high that is the highest pin (craft 1.6). */
  panelStart: z._default(z.enum(['high', 'low']), 'high').check(z.meta({ title: 'Yarn of a panel begins at' })),
  /** Begin from a strip of knitting with open loops that is kept and used again. */
  wasteStrip: z._default(z.boolean(), false).check(z.meta({ title: 'Begin from a reusable strip' })),
  /** Schools of the craft this knitter chose last, by the key of the option; new plans begin with them. */
  schools: z._default(z.record(z.string().check(z.maxLength(40)), z.string().check(z.maxLength(40))), {}),
  /** The knitter's own words. */
  terms: z._default(Terms, () => Terms.parse({})),
  /** Pins before the marker at which colours are changed in a tube: none, or a few, so that the step hides (craft 4). */
  joinPins: z
    ._default(z.int().check(z.minimum(0), z.maximum(100)), 0)
    .check(z.meta({ title: 'Pins before the marker at a change of colour' })),
  /** Stitches are lifted off onto a thread as each pin drops its own, or all together after an empty turn (craft 3.9). */
  hangOff: z._default(z.enum(['lifting', 'empty']), 'lifting').check(z.meta({ title: 'Hanging off onto a thread' })),
  /** Bars of a panel's edge that a needle takes at a time in mattress stitch: one is finer, two are quicker. */
  mattressBars: z._default(z.literal([1, 2]), 1).check(z.meta({ title: 'Bars at a time in mattress stitch' })),
  tieAfterRows: z
    ._default(z.int().check(z.minimum(1), z.maximum(12)), 4)
    .check(z.meta({ title: 'Rows before tying a join' })),
  /** Minutes at the crank after which a rest is spoken of (craft 11); null never does. */
  restMinutes: z
    ._default(z.nullable(z.int().check(z.minimum(5), z.maximum(240))), 25)
    .check(z.meta({ title: 'A word about rest after' }))
});
export type Habits = z.infer<typeof Habits>;
