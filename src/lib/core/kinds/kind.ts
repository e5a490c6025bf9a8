import type { z } from 'zod';
import type { Kit } from '../kit';
import type { Brief, Plan } from '../plan';

/** A kind of project: its options and how they become a program for the machine. One file, registered once. */
export interface Kind<Schema extends z.ZodObject = z.ZodObject> {
  readonly code: string;
  readonly title: string;
  readonly blurb: string;
  /** Options with labels, units and limits; see plan/options. */
  readonly options: Schema;
  /** A knittable start on this kit, so that a new project shows a plan before anything is asked. */
  readonly start: (kit: Kit, machineId: string) => z.output<Schema>;
  /**
   * Drafts the plan. The options are parsed already and every yarn and machine they name is in the kit.
   */
  readonly draft: (kit: Kit, brief: Brief, options: z.output<Schema>) => Plan;
}
