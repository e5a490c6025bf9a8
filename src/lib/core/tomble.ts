import * as z from 'zod/mini';
import { judge, type Readings } from './judge';
import { kindOf, KINDS } from './kinds';
import { refsOf } from './kinds/refs';
import { joinsTied } from './kinds/shared/hands';
import { recolour } from './colour';
import { withWishes } from './wishes';
import { Kit, yarnsById } from './kit';
import { CrankFault } from './knit';
import { type Act, beyond, Brief, type Draft, type Finding, optionFields, type Plan } from './plan';
import { make } from './hand';
import { echo, type Fault } from './quantity';
import { execute, readOutline, readPace, readReveal, readSizes, readSteps, readYarnUse } from './read';

/**
 * The one door of the core: a kit and a brief go in, the executed plan and everything read from it comes out.
 */

export interface Result extends Readings {
  readonly findings: readonly Finding[];
}

/** A fault with the path of the value it concerns, for programs. */
export interface PathFault extends Fault {
  readonly path: string;
}

export type Planned =
  { readonly ok: true; readonly value: Result } | { readonly ok: false; readonly faults: readonly PathFault[] };

const VOWEL = /^[aeiou]/;

/** "1 entry", "3 letters". */
function many(count: unknown, origin: string): string {
  const [one, more] = origin === 'string' ? ['letter', 'letters'] : ['entry', 'entries'];
  return `${String(count)} ${Number(count) === 1 ? one : more}`;
}

/** The rule that a schema of ours gave with the check. */
const ownRule = ({ message }: z.core.$ZodIssue): string | undefined =>
  message.startsWith('must') ? message : undefined;

/** What a Zod issue asks for, as a rule that begins with a verb. */
function ruleOf(issue: z.core.$ZodIssue): string {
  switch (issue.code) {
    case 'too_small':
      return issue.origin === 'string' || issue.origin === 'array'
        ? `must have at least ${many(issue.minimum, issue.origin)}`
        : `must be at least ${issue.minimum}`;
    case 'too_big':
      return issue.origin === 'string' || issue.origin === 'array'
        ? `must have at most ${many(issue.maximum, issue.origin)}`
        : `must be at most ${issue.maximum}`;
    case 'invalid_type':
      if (issue.expected === 'int') return 'must be a whole number';
      if (issue.expected === 'array') return 'must be a list';
      return `must be ${VOWEL.test(issue.expected) ? 'an' : 'a'} ${issue.expected}`;
    case 'invalid_value':
      return `must be one of ${issue.values.map(String).join(', ')}`;
    case 'unrecognized_keys':
      return `must not have ${issue.keys.join(', ')}`;
    case 'invalid_format':
      return ownRule(issue) ?? `must be a valid ${issue.format}`;
    case 'custom':
    case 'invalid_element':
    case 'invalid_key':
    case 'invalid_union':
    case 'not_multiple_of':
      return ownRule(issue) ?? 'must be valid';
  }
}

/** The value at a path of some input, for the part of a message that says what was received. */
function valueAt(input: unknown, path: readonly PropertyKey[]): unknown {
  return path.reduce<unknown>(
    (at, key) => (typeof at === 'object' && at !== null ? (at as Record<PropertyKey, unknown>)[key] : undefined),
    input
  );
}

/** `kit.machines[0].pins`, the way programs write a path. */
function showPath(path: readonly PropertyKey[]): string {
  return path.reduce<string>(
    (text, key) => (typeof key === 'number' ? `${text}[${key}]` : text ? `${text}.${String(key)}` : String(key)),
    ''
  );
}

/** More than anybody reads of one input that is wrong all over. */
const MOST_ISSUES = 200;

/**
 * Turns what Zod says into faults that name field, rule and what was received.
 *
 * @param error what a schema answered
 * @param input what it was given
 * @param under path the input stands at in the whole, for example ['brief', 'options']
 */
export function faultsOf(error: z.core.$ZodError, input: unknown, under: readonly PropertyKey[] = []): PathFault[] {
  return error.issues.slice(0, MOST_ISSUES).map((issue) => {
    const path = showPath([...under, ...issue.path]);
    return {
      code: issue.code,
      path,
      field: path || 'input',
      rule: ruleOf(issue),
      received: echo(valueAt(input, issue.path))
    };
  });
}

function missing(path: string, what: string, id: unknown): PathFault {
  return { code: 'unknown-id', path, field: path, rule: `must be the id of a ${what} in the kit`, received: echo(id) };
}

/** Ids in a brief that name nothing in the kit. Strands of a yarn that is gone are harmless. */
function looseIds(kit: Kit, brief: Brief): PathFault[] {
  const known = {
    machine: (id: string) => kit.machines.some((m) => m.id === id),
    yarn: (id: string) => yarnsById(kit.yarns).has(id)
  };
  return refsOf(brief)
    .filter(({ what, id, path }) => !known[what](id) && !path.startsWith('strands.'))
    .map(({ what, id, path }) => missing(`brief.${path}`, what, id));
}

const ASKED = {
  stitches: 'stitches',
  copied: 'stitches in all copies',
  operations: 'sections and shapings',
  pieces: 'pieces that differ',
  apart: 'pieces that are sewn one by one'
} as const;

/** A plan larger than is ever knitted. */
function tooLarge({ what, most, asked }: NonNullable<ReturnType<typeof beyond>>): PathFault {
  const rule = `must ask for at most ${most} ${ASKED[what]}`;
  return { code: 'too-large', path: 'brief.options', field: 'brief.options', rule, received: String(asked) };
}

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
    if (!meta.when.is.includes(decides as never)) filled[key] = kit.yarns[0]!.id;
  }
  return filled;
}

/** What making up has to mend first, of what went wrong at the crank; what went wrong in waste goes with it. */
function mendingActs(plan: Plan, faults: readonly CrankFault[]): Act[] {
  const seen = new Set<string>();
  return faults.flatMap(({ kind, piece, copy, pin, row }): Act[] => {
    const key = `${piece} ${copy} ${pin} ${row}`;
    if (kind !== 'dropped' || seen.has(key)) return [];
    seen.add(key);
    return inWork(plan, piece, row) ? [{ do: 'latchUp', piece, copy, pin, row }] : [];
  });
}

/** Whether a row of a piece is one of its work, by the operations. */
function inWork(plan: Plan, piece: number, row: number): boolean {
  let last = 0;
  const knitted = plan.pieces[piece]?.operations.find((op) => op.op === 'knit' && (last += op.rows) >= row);
  return knitted?.op === 'knit' && knitted.purpose === 'work';
}

/**
 * The acts with the tails of new balls tied: once the piece was stretched, where the plan ties no joins of it anyway.
 */
function withBallsTied(plan: Plan, brief: Brief, faults: readonly CrankFault[]): readonly Act[] {
  const inside = (piece: number, row: number): boolean => inWork(plan, piece, row) && inWork(plan, piece, row + 1);
  const pieces = new Set(faults.flatMap((f) => (f.kind === 'new-ball' && inside(f.piece, f.row) ? [f.piece] : [])));
  return [...pieces].reduce<readonly Act[]>((acts, piece) => {
    if (acts.some((act) => act.do === 'tie' && act.piece === piece && act.tails === 'joins')) return acts;
    const at = acts.findIndex((act) => act.do === 'rest' && act.pieces.includes(piece)) + 1;
    return [...acts.slice(0, at), ...joinsTied(piece, 1, brief.options.joinBy === 'weave' ? 'weave' : 'knot'), ...acts.slice(at)]; // prettier-ignore
  }, plan.acts);
}

/** Everything read from one plan that was drafted already. */
export function read(kit: Kit, brief: Brief, { plan, notes }: Draft, faults: readonly CrankFault[] = []): Result {
  const mends = faults.length > 0;
  const acts = mends ? [...mendingActs(plan, faults), ...withBallsTied(plan, brief, faults)] : plan.acts;
  const run = make(execute(kit, brief, mends ? { ...plan, acts } : plan, notes, faults));
  const reveal = readReveal(run);
  const steps = readSteps(run);
  // Written out: a spread object of this size is a slow one.
  const result: Readings & { findings: readonly Finding[] } = {
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
    outline: readOutline(run, reveal),
    findings: []
  };
  result.findings = judge(result);
  return result;
}

/**
 * Plans a project from a kit and a brief that are checked already, for example by the store. Options are checked
 * here, because only the kind knows them.
 *
 * @param faults what went wrong at the crank so far
 * @returns the result, or every fault with its path
 * @example tryPlan(kit, brief) // { ok: true, value: { fabric, sizes, steps, … } }
 */
export function tryPlan(kit: Kit, brief: Brief, faults: readonly CrankFault[] = []): Planned {
  const kind = kindOf(brief.kind);
  if (!kind) {
    const rule = `must be one of ${KINDS.map((k) => k.code).join(', ')}`;
    return {
      ok: false,
      faults: [{ code: 'unknown-kind', path: 'brief.kind', field: 'brief.kind', rule, received: echo(brief.kind) }]
    };
  }
  const options = kind.options.safeParse(withUnasked(kind.options, kit, brief.options));
  if (!options.success) return { ok: false, faults: faultsOf(options.error, brief.options, ['brief', 'options']) };
  const loose = looseIds(kit, { ...brief, options: options.data });
  if (loose.length) return { ok: false, faults: loose };
  const whole = { ...brief, options: options.data };
  const bare = kind.draft(kit, whole, options.data);
  const plan = recolour(kit, bare.plan, whole.colours, whole.options.joinBy === 'weave' ? 'weave' : 'knot');
  const draft = withWishes({ ...bare, plan }, whole);
  const large = beyond(draft.plan);
  if (large) return { ok: false, faults: [tooLarge(large)] };
  return { ok: true, value: read(kit, whole, draft, faults) };
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
