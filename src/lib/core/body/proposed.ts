import type * as z from 'zod/mini';
import { optionFields, withStarts } from '../plan';
import { AGES, type Age } from './age';
import { type Body, type BodySize, SIZE_TABLES, sizeLabel, type SizeTable } from './measures';

/** Measures that follow another one from the size table, where nobody typed them. */
const FOLLOWS: Readonly<Record<string, readonly string[]>> = { chest: ['cross-back', 'upper-arm', 'armhole'] };

/** What a choice proposes for other fields, and the size it is taken from. */
export interface Proposal {
  readonly changes: Readonly<Record<string, number>>;
  readonly size: string | null;
}
const NOTHING: Proposal = { changes: {}, size: null };

/** A field that asks for a measure, and its code. */
interface Measured {
  readonly key: string;
  readonly code: string;
  readonly min: number;
  readonly max: number;
}

const measuredFields = (schema: z.ZodMiniObject): Measured[] =>
  optionFields(schema).flatMap(({ key, meta }) =>
    meta.measure === undefined ? [] : [{ key, code: meta.measure, min: meta.min ?? 0, max: meta.max ?? Infinity }]
  );

/** Whether a value is the start of its field or stands in a size table: somebody's own measure hardly does. */
function isUntyped(field: Measured, value: unknown, start: unknown): boolean {
  const known = SIZE_TABLES.flatMap(({ sizes }) => sizes.map(({ measures }) => measures[field.code]));
  return value === start || known.includes(value as number);
}

/** The size to begin with for somebody of an age, of the first table that knows a measure. */
function usualFor(code: string, age: Age): { table: SizeTable; size: BodySize } | null {
  for (const table of SIZE_TABLES) {
    const sizes = table.sizes.filter((size) => size.age === age && size.measures[code] !== undefined);
    const size = sizes.find(({ usual }) => usual) ?? sizes[Math.floor(sizes.length / 2)];
    if (size) return { table, size };
  }
  return null;
}

/**
 * The size whose measure is nearest to one, of somebody of an age; of the table that the other measures stand in, if
 * any.
 */
function nearest(
  code: string,
  mm: number,
  age: Age,
  others: Body['measures']
): { table: SizeTable; size: BodySize } | null {
  const tables = SIZE_TABLES.filter(({ sizes }) => sizes.some((s) => s.age === age && s.measures[code] !== undefined));
  const same = tables.find(({ sizes }) =>
    sizes.some(({ measures }) => Object.entries(others).every(([other, value]) => measures[other] === value))
  );
  const table = same ?? tables[0];
  if (!table) return null;
  const off = (size: BodySize): number => Math.abs((size.measures[code] ?? Infinity) - mm);
  const fit = table.sizes.filter((size) => size.age === age);
  return { table, size: fit.reduce((best, size) => (off(size) < off(best) ? size : best)) };
}

/**
 * What a choice proposes for other fields: whom it is for sets the measures, the chest sets cross back, arm and
 * armhole from the
 * size table. What somebody typed is never touched.
 *
 * @param options as they stand before the choice
 * @example proposed(HatOptions, options, 'wearer', 'child') // { changes: { headMm: 515 }, size: '6 years' }
 */
export function proposed(
  schema: z.ZodMiniObject,
  given: Readonly<Record<string, unknown>>,
  key: string,
  value: unknown
): Proposal {
  const options = withStarts(schema, given);
  const starts = withStarts(schema, {});
  const fields = measuredFields(schema);
  const free = fields.filter((field) => isUntyped(field, options[field.key], starts[field.key]));
  const age = AGES.find((a) => a === (key === 'wearer' ? value : options['wearer']));
  if (!age) return NOTHING;
  const changesTo = (found: { table: SizeTable; size: BodySize } | null, of: readonly Measured[]): Proposal => {
    if (!found) return NOTHING;
    const entries = of.flatMap(({ key: own, code, min, max }): [string, number][] => {
      const mm = found.size.measures[code];
      return mm === undefined || mm === options[own] ? [] : [[own, Math.min(max, Math.max(min, mm))]];
    });
    return entries.length
      ? { changes: Object.fromEntries(entries), size: sizeLabel(found.table, found.size) }
      : NOTHING;
  };
  if (key === 'wearer') {
    if (value === options['wearer']) return NOTHING;
    const first = free[0];
    return first ? changesTo(usualFor(first.code, age), free) : NOTHING;
  }
  const field = fields.find((f) => f.key === key);
  const follow = field && FOLLOWS[field.code];
  if (!field || !follow || typeof value !== 'number') return NOTHING;
  const following = fields.filter(({ code }) => follow.includes(code));
  const others = Object.fromEntries(following.map(({ key: own, code }) => [code, options[own] as number]));
  return changesTo(
    nearest(field.code, value, age, others),
    following.filter((f) => free.includes(f))
  );
}
