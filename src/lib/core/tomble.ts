import * as z from 'zod/mini';
import { judge, type Readings } from './judge';
import { kindOf } from './kinds';
import { recolour } from './colour';
import { faultsOf, looseIds, type PathFault, tooLarge, unknownKind } from './faults';
import { type Spare, spareOf } from './kinds/shared/spare';
import { namedYarns, WASTE_YARN } from './kinds/work-yarns';
import { joinBy, tiedWhere } from './join-by';
import { mended } from './mending';
import { withWishes } from './wishes';
import { Kit } from './kit';
import { CrankFault } from './knit';
import { beyond, Brief, type Draft, type Finding, holds, optionFields } from './plan';
import { make } from './hand';
import { execute, readOutline, readPace, readReveal, readSizes, readSteps, readYarnUse } from './read';

/**
 * The one door of the core: a kit and a brief go in, the executed plan and everything read from it comes out.
 */

export type { Readings };

export interface Result extends Readings {
  readonly findings: readonly Finding[];
}

/** Something, or every fault that is in the way of it. */
type Or<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly faults: readonly PathFault[] };
export type Planned = Or<Result>;
/** A plan that was read and not judged. */
export type Read = Or<Readings>;

/**
 * Options with a yarn in every place that the other answers leave unused: nobody has to name a lining for a hat of one colour.
 * Only absent ones are filled, and none that the form would ask for.
 */
function withUnasked(
  schema: z.ZodMiniObject,
  kit: Kit,
  given: Readonly<Record<string, unknown>>
): Record<string, unknown> {
  const fields = optionFields(schema);
  const filled: Record<string, unknown> = { ...given };
  for (const { key, meta } of fields) {
    if (key in filled || meta.control !== 'yarn' || meta.open || !meta.when) continue;
    const decides =
      given[meta.when.key] ?? (schema.shape[meta.when.key] as z.ZodMiniType | undefined)?.safeParse(undefined).data;
    if (!holds(meta.when, decides)) filled[key] = kit.yarns[0]!.id;
  }
  return filled;
}

/** The waste yarns of a project, chosen once for all its pieces. */
function spareIn(kit: Kit, schema: z.ZodMiniObject, brief: Brief): Spare {
  const chosen = brief.options[WASTE_YARN];
  return spareOf(kit, {
    ...namedYarns(schema, brief),
    without: brief.without ?? [],
    chosen: typeof chosen === 'string' ? chosen : null
  });
}

/** Everything read from one plan that was drafted already. */
export function read(kit: Kit, brief: Brief, { plan, notes }: Draft, faults: readonly CrankFault[] = []): Readings {
  const run = make(execute(kit, brief, mended(plan, brief, faults), notes, faults));
  const reveal = readReveal(run);
  const steps = readSteps(run);
  // Written out: a spread object of this size is a slow one.
  return {
    kit,
    brief,
    plan: run.plan,
    notes,
    fabric: run.fabric,
    refusals: run.refusals,
    yarns: run.yarns,
    gauges: run.gauges,
    worked: run.worked,
    sizes: readSizes(run),
    yarnUse: readYarnUse(run),
    reveal,
    steps,
    pace: readPace(run, steps),
    outline: readOutline(run, reveal)
  };
}

/** What was read, with what the judges find in it. Figures need not wait for them. */
export const judged = (readings: Readings): Result => ({ ...readings, findings: judge(readings) });

/**
 * Plans a project from a kit and a brief that are checked already, for example by the store, and reads all but what judges
 * find. Options are checked here, because only the kind knows them.
 *
 * @param faults what went wrong at the crank so far
 * @returns what is read, or every fault with its path
 * @example tryRead(kit, brief) // { ok: true, value: { fabric, sizes, steps, … } }
 */
export function tryRead(kit: Kit, brief: Brief, faults: readonly CrankFault[] = []): Read {
  const kind = kindOf(brief.kind);
  if (!kind) return { ok: false, faults: [unknownKind(brief.kind)] };
  const options = kind.options.safeParse(withUnasked(kind.options, kit, brief.options));
  if (!options.success) return { ok: false, faults: faultsOf(options.error, brief.options, ['brief', 'options']) };
  const loose = looseIds(kit, { ...brief, options: options.data });
  if (loose.length) return { ok: false, faults: loose };
  const whole = { ...brief, options: options.data };
  const chosen = { ...options.data, spare: spareIn(kit, kind.options, whole) };
  const bare = kind.draft(kit, whole, chosen);
  const plan = tiedWhere(recolour(kit, bare.plan, whole.colours, joinBy(whole)), whole);
  // Where the counts of another yarn are kept, the sizes still ask for those of this one: judges compare them.
  const asks = whole.countsAs ? kind.draft(kit, { ...whole, countsAs: undefined }, chosen) : bare;
  const notes = { ...bare.notes, wanted: asks.notes.wanted };
  const draft = withWishes({ notes, plan }, whole);
  const large = beyond(draft.plan);
  if (large) return { ok: false, faults: [tooLarge(large)] };
  return { ok: true, value: read(kit, whole, draft, faults) };
}

/**
 * Does the same, and asks the judges.
 *
 * @example tryPlan(kit, brief) // { ok: true, value: { fabric, sizes, steps, findings, … } }
 */
export function tryPlan(kit: Kit, brief: Brief, faults: readonly CrankFault[] = []): Planned {
  const planned = tryRead(kit, brief, faults);
  return planned.ok ? { ok: true, value: judged(planned.value) } : planned;
}

/**
 * Plans a project, for callers that know their input is sound.
 *
 * @throws RangeError with the first fault when it is not
 */
export function plan(kit: Kit, brief: Brief): Result {
  const planned = tryPlan(kit, brief);
  if (planned.ok) return planned.value;
  const first = planned.faults[0]!;
  throw new RangeError(`${first.field} ${first.rule}; received ${first.received}`);
}

/** What `POST /api/plan` takes. */
const PlanRequest = z.object({
  kit: Kit,
  brief: Brief,
  /** What went wrong at the crank; each dropped stitch becomes an act of making up. */
  faults: z._default(z.array(CrankFault).check(z.maxLength(500)), [])
});

/**
 * Plans a project from any value at all, as it comes from a network or a file.
 */
export function planFrom(input: unknown): Planned {
  const parsed = PlanRequest.safeParse(input);
  return parsed.success
    ? tryPlan(parsed.data.kit, parsed.data.brief, parsed.data.faults)
    : { ok: false, faults: faultsOf(parsed.error, input) };
}
