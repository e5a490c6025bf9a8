import * as z from 'zod/mini';
import { remembered } from '../quantity';
import { Habits } from './habits';
import { Machine } from './machine';
import { Observation } from './observation';
import { Swatch } from './swatch';
import { onceEach } from './text';
import { Yarn } from './yarn';

/** Edition of the craft that new plans follow. */
export const EDITION = 6;

/** Everything a knitter owns and knows that a plan is worked out from. */
export const Kit = z
  .object({
    machines: z.array(Machine).check(z.minLength(1), z.maxLength(200)),
    yarns: z.array(Yarn).check(z.minLength(1), z.maxLength(100_000)),
    swatches: z._default(z.array(Swatch).check(z.maxLength(20_000)), []),
    /** Finished pieces that were measured. */
    finished: z._default(z.array(Observation).check(z.maxLength(20_000)), []),
    habits: z._default(Habits, () => Habits.parse({})),
    /**
     * Edition of the craft a plan follows. A piece that was begun under an older one is planned by it to its end:
     * rows that
     * hang on the machine cannot be laid anew (craft 12).
     */
    edition: z._default(z.literal([1, 2, 3, 4, 5, 6]), EDITION)
  })
  .check(({ value, issues }) => {
    onceEach('machines', value.machines, issues);
    onceEach('yarns', value.yarns, issues);
    onceEach('swatches', value.swatches, issues);
    onceEach('finished', value.finished, issues);
  });
export type Kit = z.infer<typeof Kit>;

/**
 * The machine of that id.
 *
 * @throws RangeError when the kit has none; briefs are checked against the kit before they are drafted
 */
export function machineOf(kit: Kit, id: string): Machine {
  const machine = kit.machines.find((m) => m.id === id);
  if (!machine) throw new RangeError(`machine must be one of the kit; received ${JSON.stringify(id)}`);
  return machine;
}

/** The yarns of a stash by their ids. */
export const yarnsById = remembered(
  (yarns: readonly Yarn[]): ReadonlyMap<string, Yarn> => new Map(yarns.map((yarn) => [yarn.id, yarn]))
);

/** A yarn with other strands than its own: the same one every time, so that what is known of it stays known. */
const held = remembered((yarn: Yarn, strands: number): Yarn => ({ ...yarn, strands }));

/**
 * The yarn of that id, with the strands a brief asks for in place of its own.
 *
 * @throws RangeError when the kit has none
 */
export function yarnOf(kit: Kit, id: string, strands?: Readonly<Record<string, number>>): Yarn {
  const yarn = yarnsById(kit.yarns).get(id);
  if (!yarn) throw new RangeError(`yarn must be one of the kit; received ${JSON.stringify(id)}`);
  // A record has names of its own that nobody put there.
  const asked = strands && Object.hasOwn(strands, id) ? strands[id] : undefined;
  return asked === undefined || asked === yarn.strands ? yarn : held(yarn, asked);
}
