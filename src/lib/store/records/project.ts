import * as z from 'zod/mini';
import { Habits, Id, Kit, Observation, shownText, Swatch } from '$lib/core/kit';
import { Brief } from '$lib/core/plan';

/** What was measured when a piece was done. */
export const Measured = z.object({
  lengthMm: z.nullable(z.number().check(z.minimum(10), z.maximum(20_000))).check(z.meta({ title: 'Measured length' })),
  flatWidthMm: z
    ._default(z.nullable(z.number().check(z.minimum(10), z.maximum(2000))), null)
    .check(z.meta({ title: 'Measured flat width' })),
  minutes: z
    ._default(z.nullable(z.number().check(z.minimum(1), z.maximum(10_000))), null)
    .check(z.meta({ title: 'Minutes' })),
  note: z._default(shownText(2000), ''),
  /** Whatever else was measured, each beside what the plan had said of it, so that the log needs no old kit. */
  figures: z._default(
    z
      .array(
        z.object({
          code: z.string().check(z.minLength(1), z.maxLength(60)),
          label: shownText(120),
          unit: z.enum(['mm', 'g']),
          got: z.number().check(z.gt(0), z.maximum(100_000)),
          planned: z.number().check(z.minimum(0)),
          low: z.number().check(z.minimum(0)),
          high: z.number().check(z.minimum(0))
        })
      )
      .check(z.maxLength(60)),
    []
  ),
  at: z.iso.datetime(),
  /** What the plan had said, so that the log can compare without knowing the old kit. */
  planned: z.object({
    rows: z.int().check(z.minimum(0)),
    lengthMm: z.number().check(z.minimum(0)),
    flatWidthMm: z.number().check(z.minimum(0)),
    machine: z.string(),
    yarns: z.array(z.string())
  })
});
export type Measured = z.infer<typeof Measured>;

/** Habits that change a plan. */
const PlanHabits = z.pick(Habits, {
  wasteStart: true,
  wasteEnd: true,
  wasteStrip: true,
  counter: true,
  panelStart: true
});

/** Of all habits those that change a plan: what a begun piece keeps. */
export const planHabits = (habits: Habits): z.infer<typeof PlanHabits> => PlanHabits.parse(habits);

/** A project as it is kept. Undo and redo of edits are kept with it, so that a reload loses nothing. */
export const Project = z.object({
  id: Id,
  brief: Brief,
  /** Whom it was begun for, by name: people come and go, the log stays. */
  forWhom: z._default(z.nullable(shownText(80)), null),
  past: z._default(z.array(Brief).check(z.maxLength(200)), []),
  future: z._default(z.array(Brief).check(z.maxLength(200)), []),
  /** Ids of the finishing steps that are ticked. */
  finished: z._default(z.array(z.string().check(z.maxLength(80))).check(z.maxLength(400)), []),
  /** What was measured while the piece rested, before anything hid it; it goes into the log with the rest. */
  rested: z._default(
    z.nullable(
      z.object({
        lengthMm: z.nullable(z.number().check(z.minimum(10), z.maximum(20_000))),
        flatWidthMm: z.nullable(z.number().check(z.minimum(10), z.maximum(2000)))
      })
    ),
    null
  ),
  measured: z._default(z.nullable(Measured), null),
  /**
   * What was known of gauges and what was habit when the first row was cranked; null before. A piece that hangs on the machine keeps its
   * plan, whatever is learned from other pieces meanwhile.
   */
  knowledge: z._default(
    z.nullable(
      z.object({
        swatches: z.array(Swatch).check(z.maxLength(20_000)),
        finished: z.array(Observation).check(z.maxLength(20_000)),
        /** Habits that change rows; absent in projects begun before there were such habits. */
        habits: z.optional(PlanHabits),
        /** Edition of the craft it was planned by; absent in projects begun under the first one. */
        edition: z._default(Kit.shape.edition.def.innerType, 1)
      })
    ),
    null
  ),
  /** How often it was changed: what tells a page that another one was quicker. */
  rev: z._default(z.int().check(z.minimum(0)), 0),
  createdAt: z.iso.datetime(),
  updatedAt: z.iso.datetime()
});
export type Project = z.infer<typeof Project>;
