import type { Notes } from './notes';
import { isAsked, optionFields } from './options';
import type * as z from 'zod/mini';

/**
 * Options after one of them was chosen anew: those that only now are asked for begin with what the plan has, as far as
 * their limits allow, so that going over to another way of saying a size changes nothing by itself.
 *
 * @param schema options of the kind
 * @param notes of the plan as it stands before the choice; null where there is none
 * @param options as they stand before the choice
 * @returns what changes
 * @example choosing(HatOptions, notes, { sizeBy: 'head', rows: 120 }, 'sizeBy', 'rows') // { sizeBy: 'rows', rows: 138 }
 */
export function choosing(
  schema: z.ZodMiniObject,
  notes: Notes | null,
  options: Readonly<Record<string, unknown>>,
  key: string,
  value: unknown
): Record<string, unknown> {
  const change: Record<string, unknown> = { [key]: value };
  if (!notes?.unasked || options[key] === value) return change;
  for (const { key: other, meta } of optionFields(schema)) {
    const now = notes.unasked[other];
    const asked = isAsked(meta.when, { ...options, [key]: value }) && !isAsked(meta.when, options);
    if (!asked || now === undefined) continue;
    change[other] = Math.min(meta.max ?? now, Math.max(meta.min ?? now, now));
  }
  return change;
}
