import * as z from 'zod/mini';
import { Id } from '../kit';
import { remembered } from '../quantity';
import { TypedSlope } from './typed-slope';

/** Groups of a form, in no order: a kind's fields have theirs. */
export type OptionGroup = 'who' | 'what' | 'yarn' | 'ends' | 'shape' | 'machines' | 'cuffs' | 'rows';

/**
 * Options of a kind are a Zod schema whose fields carry what a form needs: control, limits, choices. Screens, the
 * API and the documentation read the fields from the schema and their labels from the room of words, so a new kind
 * needs no
 * form of its own.
 */
export interface OptionMeta {
  readonly control: 'length' | 'count' | 'choice' | 'yarn' | 'machine' | 'switch' | 'sections' | 'slope';
  readonly group: OptionGroup;
  /** Limits: millimetres for lengths, whole numbers for counts. */
  readonly min?: number;
  readonly max?: number;
  /** A length of something as small as a button: in millimetres. */
  readonly small?: true;
  readonly choices?: readonly string[];
  /** It makes the size in rows or stitches: with another yarn of the same size it is another. */
  readonly counts?: 'rows' | 'stitches';
  /** Code of the body or object measure it is, so that a person's measures fill it in. */
  readonly measure?: string;
  /** A yarn may be left open. */
  readonly open?: boolean;
  /** A choice between schools of the craft: what is chosen here is how this knitter begins the next time. */
  readonly school?: true;
  /** Asked only while another option has one of these values. */
  readonly when?: Condition;
}

/** Another option must have one of these values, or none of those, and perhaps a further one too. */
export interface Condition {
  readonly key: string;
  readonly is?: readonly unknown[];
  readonly isNot?: readonly unknown[];
  readonly and?: Condition;
}

/** Whether a value is one that a condition asks for. @example holds({ key: 'thread', isNot: [null] }, 'red') // true */
export const holds = ({ is, isNot }: Condition, value: unknown): boolean =>
  (is?.includes(value) ?? true) && !isNot?.includes(value);

/**
 * Whether an option is asked while the others are as they are.
 *
 * @example isAsked({ key: 'style', is: ['two'] }, { style: 'plain' }) // false
 */
export const isAsked = (when: Condition | undefined, options: Readonly<Record<string, unknown>>): boolean =>
  !when || (holds(when, options[when.key]) && isAsked(when.and, options));

/**
 * Keys of the options that are asked while all are as they are, in the order of the form.
 *
 * @param options those that are missing have their start value
 * @example askedIn(schema, { style: 'plain' }) // ['headMm', 'style', …]
 */
export function askedIn(schema: z.ZodMiniObject, options: Readonly<Record<string, unknown>>): string[] {
  const whole = withStarts(schema, options);
  return optionFields(schema).flatMap(({ key, meta }) => (isAsked(meta.when, whole) ? [key] : []));
}

interface Common {
  readonly group: OptionGroup;
  readonly when?: OptionMeta['when'];
}

const meta = (m: OptionMeta): Record<string, unknown> => ({ ...m });

/** A length in millimetres. @example lengthOption({ group: 'who', min: 150, max: 800, start: 560 }) */
export function lengthOption(o: Common & { min: number; max: number; start: number; measure?: string; small?: true }) {
  const { start, ...rest } = o;
  return z
    ._default(z.number().check(z.minimum(o.min), z.maximum(o.max)), start)
    .check(z.meta(meta({ control: 'length', ...rest })));
}

/** A whole number. @example countOption({ group: 'what', min: 10, max: 5000, start: 110 }) */
export function countOption(o: Common & { min: number; max: number; start: number; counts?: OptionMeta['counts'] }) {
  const { start, ...rest } = o;
  return z
    ._default(z.int().check(z.minimum(o.min), z.maximum(o.max)), start)
    .check(z.meta(meta({ control: 'count', ...rest })));
}

/** One of a few named choices; the first is the start. */
export function choiceOption<const V extends string>(
  o: Common & {
    school?: true;
    choices: readonly V[];
  }
) {
  const values = [...o.choices] as [V, ...V[]];
  return z._default(z.enum(values), values[0] as never).check(z.meta(meta({ control: 'choice', ...o })));
}

/** Yes or no. */
export function switchOption(o: Common & { start: boolean }) {
  const { start, ...rest } = o;
  return z._default(z.boolean(), start).check(z.meta(meta({ control: 'switch', ...rest })));
}

/** The id of a yarn of the kit. */
export function yarnOption(o: Common) {
  return z.string().check(z.minLength(1), z.maxLength(80), z.meta(meta({ control: 'yarn', ...o })));
}

/** The id of a machine of the kit, for parts that another ring knits. */
export function machineOption(o: Common) {
  return z.string().check(z.minLength(1), z.maxLength(80), z.meta(meta({ control: 'machine', ...o })));
}

/** The id of a yarn of the kit, or null where the plan chooses. */
export function yarnOrNoneOption(o: Common & { open: true }) {
  return z
    ._default(z.nullable(z.string().check(z.minLength(1), z.maxLength(80))), null)
    .check(z.meta(meta({ control: 'yarn', ...o })));
}

/** Most rows one section or one piece may have: a tube of half a kilometre is a slip of the finger. */
export const MOST_ROWS = 20_000;

/** One stripe: a yarn for some rows. */
export const Section = z.object({
  yarn: Id.check(z.meta({ title: 'Yarn' })),
  rows: z.int().check(z.minimum(1), z.maximum(MOST_ROWS), z.meta({ title: 'Rows' }))
});
export type Section = z.infer<typeof Section>;

/** A line of shaping: spread evenly, which is the start, or as it is typed. */
export function slopeOption(o: Common) {
  return z._default(z.nullable(TypedSlope), null).check(z.meta(meta({ control: 'slope', ...o })));
}

/** A list of stripes in the order they are knitted. */
export function sectionsOption(o: Common & { counts?: 'rows' }) {
  return z._default(z.array(Section).check(z.maxLength(400)), []).check(z.meta(meta({ control: 'sections', ...o })));
}

/** The start value of every field, nothing for one that must be chosen. */
const startsOf = remembered((schema: z.ZodMiniObject): Readonly<Record<string, unknown>> =>
  Object.fromEntries(
    Object.entries(schema.shape).map(([key, field]) => [key, (field as z.ZodMiniType).safeParse(undefined).data])
  )
);

/**
 * Options with the start value of every field that is missing: kept projects may be older than a field.
 *
 * @example withStarts(schema, { headMm: 560 }) // { headMm: 560, turnUpMm: 50, … }
 */
export function withStarts(
  schema: z.ZodMiniObject,
  options: Readonly<Record<string, unknown>>
): Record<string, unknown> {
  return { ...startsOf(schema), ...options };
}

/**
 * The fields of a schema of options, in their order.
 *
 * @throws TypeError when a field was not made with one of the builders above
 */
export const optionFields = remembered(
  (schema: z.ZodMiniObject): readonly { readonly key: string; readonly meta: OptionMeta }[] =>
    Object.entries(schema.shape).map(([key, field]) => {
      const found = z.globalRegistry.get(field) as OptionMeta | undefined;
      if (!found?.control) throw new TypeError(`option ${key} has no control; build it with plan/options`);
      return { key, meta: found };
    })
);
