import type * as z from 'zod/mini';
import type { Kit } from '../kit';
import type { Brief, Draft } from '../plan';

/** Shelves the kinds stand on when a knitter chooses. */
export const FAMILIES = ['hats', 'wear', 'carry', 'toys', 'panels', 'garments', 'hang', 'free'] as const;
type Family = (typeof FAMILIES)[number];

/** A kind of project: its options and how they become a program for the machine. One file, registered once. */
export interface Kind<Schema extends z.ZodMiniObject = z.ZodMiniObject> {
  readonly code: string;
  readonly family: Family;
  /** Pins of the rings it is made on, from practice, and the usual ring; another one gets a finding, never a refusal. */
  readonly pins: { readonly from: number; readonly to: number; readonly usual: number };
  /** Options with controls and limits; see plan/options. Their labels stand in the room of words. */
  readonly options: Schema;
  /** A knittable start on this kit, so that a new project shows a plan before anything is asked. */
  readonly start: (kit: Kit, machineId: string) => z.output<Schema>;
  /**
   * Options that change once the pieces were measured, stretched, before they are put together: absent where nothing does.
   *
   * @param rows work rows of the measured piece
   */
  readonly remeasured?: (options: z.output<Schema>, rows: number, measuredMm: number) => Partial<z.output<Schema>>;
  /**
   * Drafts the plan. The options are parsed already and every yarn and machine they name is in the kit.
   */
  readonly draft: (kit: Kit, brief: Brief, options: z.output<Schema>) => Draft;
}
