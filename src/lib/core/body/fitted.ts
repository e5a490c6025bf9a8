import type * as z from 'zod/mini';
import { optionFields } from '../plan';
import type { Age } from './age';
import type { Body } from './measures';

/**
 * Options in the measures of somebody: each measure that the kind asks for and the body knows, within the limits of its
 * field, and for whom it then is.
 *
 * @param schema options of the kind
 * @returns what changes; nothing where the body knows no measure of the kind
 * @example fitted(HatOptions, { measures: { head: 455 }, age: 'child' }) // { headMm: 455, wearer: 'child' }
 */
export function fitted(schema: z.ZodMiniObject, body: Pick<Body, 'measures' | 'age'>): Record<string, unknown> {
  const change: Record<string, unknown> = {};
  const fields = optionFields(schema);
  for (const { key, meta } of fields) {
    const mm = meta.measure === undefined ? undefined : body.measures[meta.measure];
    if (mm !== undefined) change[key] = Math.min(meta.max ?? mm, Math.max(meta.min ?? mm, mm));
  }
  const wearer = fields.find(({ key }) => key === 'wearer')?.meta;
  const offered = (age: Age): boolean => wearer?.choices?.includes(age) ?? false;
  // Where there is no word for a baby, a child is nearer than an adult.
  const age = body.age === 'baby' && !offered('baby') ? 'child' : body.age;
  if (age && offered(age) && Object.keys(change).length > 0) change['wearer'] = age;
  return change;
}
