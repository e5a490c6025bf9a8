import * as z from 'zod';
import { Habits, Id, Kit, Observation, shownText, Swatch } from '$lib/core/kit';
import { Brief } from '$lib/core/plan';

/** What was measured when a piece was done. */
export const Measured = z.object({
  lengthMm: z.number().min(10).max(20_000).nullable().meta({ title: 'Measured length' }),
  flatWidthMm: z.number().min(10).max(2000).nullable().default(null).meta({ title: 'Measured flat width' }),
  minutes: z.number().min(1).max(10_000).nullable().default(null).meta({ title: 'Minutes' }),
  note: shownText(2000).default(''),
  /** Whatever else was measured, each beside what the plan had said of it, so that the log needs no old kit. */
  figures: z
    .array(
      z.object({
        code: z.string().min(1).max(60),
        label: shownText(120),
        unit: z.enum(['mm', 'g']),
        got: z.number().gt(0).max(100_000),
        planned: z.number().min(0),
        low: z.number().min(0),
        high: z.number().min(0)
      })
    )
    .max(60)
    .default([]),
  at: z.iso.datetime(),
  /** What the plan had said, so that the log can compare without knowing the old kit. */
  planned: z.object({
    rows: z.int().min(0),
    lengthMm: z.number().min(0),
    flatWidthMm: z.number().min(0),
    machine: z.string(),
    yarns: z.array(z.string())
  })
});
export type Measured = z.infer<typeof Measured>;

/** Habits that change a plan. */
const PlanHabits = Habits.pick({ wasteStart: true, wasteEnd: true, wasteStrip: true, counter: true, panelStart: true });

/** Of all habits those that change a plan: what a begun piece keeps. */
export const planHabits = (habits: Habits): z.infer<typeof PlanHabits> => PlanHabits.parse(habits);

/** A project as it is kept. Undo and redo of edits are kept with it, so that a reload loses nothing. */
export const Project = z.object({
  id: Id,
  brief: Brief,
  /** Whom it was begun for, by name: people come and go, the log stays. */
  forWhom: shownText(80).nullable().default(null),
  past: z.array(Brief).max(200).default([]),
  future: z.array(Brief).max(200).default([]),
  /** Ids of the finishing steps that are ticked. */
  finished: z.array(z.string().max(80)).max(400).default([]),
  /** What was measured while the piece rested, before anything hid it; it goes into the log with the rest. */
  rested: z
    .object({
      lengthMm: z.number().min(10).max(20_000).nullable(),
      flatWidthMm: z.number().min(10).max(2000).nullable()
    })
    .nullable()
    .default(null),
  measured: Measured.nullable().default(null),
  /**
   * What was known of gauges and what was habit when the first row was cranked; null before. A piece that hangs on the machine keeps its
   * plan, whatever is learned from other pieces meanwhile.
   */
  knowledge: z
    .object({
      swatches: z.array(Swatch).max(20_000),
      finished: z.array(Observation).max(20_000),
      /** Habits that change rows; absent in projects begun before there were such habits. */
      habits: PlanHabits.optional(),
      /** Edition of the craft it was planned by; absent in projects begun under the first one. */
      edition: Kit.shape.edition.unwrap().default(1)
    })
    .nullable()
    .default(null),
  /** How often it was changed: what tells a page that another one was quicker. */
  rev: z.int().min(0).default(0),
  createdAt: z.iso.datetime(),
  updatedAt: z.iso.datetime(),
  /** When it was thrown away; it stays until the undo has passed. */
  deletedAt: z.iso.datetime().nullable().default(null)
});
export type Project = z.infer<typeof Project>;
