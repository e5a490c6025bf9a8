import * as z from 'zod/mini';
import { Id } from '$lib/core/kit/text';
import { CrankFault } from '$lib/core/knit';
import { PASSED_FOR, type Position } from '$lib/core/read';

/** How a count was come by: rows counted by eye, the machine's counter, a tape, a scale; rows torn back; begun again. */
export const COUNTED_BY = ['rows', 'counter', 'tape', 'weight', 'ripped', 'again'] as const;

const Passed = z.object({
  why: z.enum(PASSED_FOR),
  /** What the knitter says about it. */
  said: z.optional(z.string().check(z.maxLength(200)))
});
export type Passed = z.infer<typeof Passed>;

/**
 * One thing that happened at the crank. Progress is the fold of all of them; nothing is ever rewritten. `undo`
 * takes back the last event that stands, also a jump.
 */
export const CrankEvent = z.object({
  id: z.optional(z.int()),
  /** Stands for this event alone; events from before it was kept have none. */
  key: z.optional(z.string().check(z.maxLength(80))),
  projectId: Id,
  /** How many things had happened to the project before it; events from before it was counted have none. */
  turn: z.optional(z.int().check(z.minimum(0))),
  at: z.iso.datetime(),
  what: z.discriminatedUnion('do', [
    z.object({ do: z.literal('row'), yarn: z.string().check(z.maxLength(80)) }),
    z.object({
      do: z.literal('confirm'),
      step: z.string().check(z.maxLength(80)),
      /** Not done when its turn came; absent where it was. */
      passed: z.optional(Passed)
    }),
    /** A step that was put off is done now. */
    z.object({
      do: z.literal('late'),
      step: z.string().check(z.maxLength(80)),
      /** Rows in all at which its turn had been. */
      at: z.int().check(z.minimum(0), z.maximum(1_000_000))
    }),
    z.object({
      do: z.literal('jump'),
      to: z.int().check(z.minimum(0), z.maximum(1_000_000)),
      /** How the knitter came to know, or why it was set; those from before it was asked say nothing. */
      why: z.optional(z.enum(COUNTED_BY))
    }),
    z.object({
      do: z.literal('fault'),
      fault: CrankFault,
      /** The row counted over all pieces: torn back beyond it, it is gone with its row. */
      at: z.int().check(z.minimum(0), z.maximum(1_000_000)),
      /** Mended at once: it is remembered, and nothing is left to do. */
      mended: z.boolean()
    }),
    z.object({ do: z.literal('undo') })
  ])
});
export type CrankEvent = z.infer<typeof CrankEvent>;
export type CrankAction = CrankEvent['what'];

/** Where the events lead, and whether there is anything left to undo. */
export interface Progress extends Stand {
  readonly undoable: boolean;
}

/** Something that went wrong, as it was told at the crank. */
interface ToldFault {
  readonly fault: CrankFault;
  readonly at: number;
  readonly mended: boolean;
}

/** A step that was passed over, and where its turn had been: rows in all. */
export interface PassedStep extends Passed {
  readonly step: string;
  readonly at: number;
}

/** Where a piece stands, with all that went wrong in the rows that hang there, and what was not done in its turn. */
interface Stand extends Position {
  readonly faults: readonly ToldFault[];
  readonly passed: readonly PassedStep[];
}

/**
 * Follows the crank event by event, so that a row costs the same after ten thousand as after one.
 *
 * @example new Fold().add({ do: 'row', yarn: 'y' }).progress // { rows: 1, ticks: 0, faults: [], passed: [], undoable: true }
 */
export class Fold {
  /** Every position that stands, the latest last: undo goes back along it. */
  readonly #stands: Stand[] = [{ rows: 0, ticks: 0, faults: [], passed: [] }];

  get progress(): Progress {
    return { ...this.#stands.at(-1)!, undoable: this.#stands.length > 1 };
  }

  /** Adds what happened next. Rows reset the confirmations that belong to the gap before them. */
  add(action: CrankAction): this {
    const now = this.#stands.at(-1)!;
    if (action.do === 'undo') {
      if (this.#stands.length > 1) this.#stands.pop();
    } else if (action.do === 'row') this.#stands.push({ ...now, rows: now.rows + 1, ticks: 0 });
    else if (action.do === 'confirm') {
      const { passed, step } = action;
      const all = passed ? [...now.passed, { step, at: now.rows, ...passed }] : now.passed;
      this.#stands.push({ ...now, ticks: now.ticks + 1, passed: all });
    } else if (action.do === 'late') {
      const passed = now.passed.filter((p) => p.why !== 'later' || p.step !== action.step || p.at !== action.at);
      this.#stands.push({ ...now, passed });
    } else if (action.do === 'fault') {
      const { fault, at, mended } = action;
      this.#stands.push({ ...now, faults: [...now.faults, { fault, at, mended }] });
    } else {
      // What went wrong in rows that were torn back is torn back with them.
      const faults = now.faults.some(({ at }) => at > action.to) ? now.faults.filter(({ at }) => at <= action.to) : now.faults; // prettier-ignore
      const passed = now.passed.some(({ at }) => at > action.to) ? now.passed.filter(({ at }) => at <= action.to) : now.passed; // prettier-ignore
      this.#stands.push({ rows: action.to, ticks: 0, faults, passed });
    }
    return this;
  }
}

/**
 * Folds events into a position.
 *
 * @example progressOf([{ do: 'row', yarn: 'y' }, { do: 'row', yarn: 'y' }, { do: 'undo' }]) // { rows: 1, ticks: 0, undoable: true }
 */
export function progressOf(actions: Iterable<CrankAction>): Progress {
  const fold = new Fold();
  for (const action of actions) fold.add(action);
  return fold.progress;
}
