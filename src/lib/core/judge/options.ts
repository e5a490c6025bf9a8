import { kindOf } from '../kinds';
import { isAsked, optionFields } from '../plan';
import type { Readings } from './readings';

/** The field of the brief that names a yarn and is in view, or undefined. */
export function yarnOption(r: Readings, yarnId: string): string | undefined {
  const { kind, options } = r.brief;
  const fields = kindOf(kind) ? optionFields(kindOf(kind)!.options) : [];
  return fields.find(
    ({ key, meta }) => meta.control === 'yarn' && options[key] === yarnId && isAsked(meta.when, options)
  )?.key;
}

/** The field that holds a measure of the body or thing, or undefined. @example measureOption(r, 'head') // 'headMm' */
export function measureOption(r: Readings, codes: readonly string[]): string | undefined {
  const kind = kindOf(r.brief.kind);
  if (!kind) return undefined;
  return optionFields(kind.options).find(({ meta }) => meta.measure !== undefined && codes.includes(meta.measure))?.key;
}

/** A place beside a field when the brief has it. */
export const beside = (
  r: Readings,
  option: string,
  more: { piece?: number } = {}
): { option?: string; piece?: number } => (option in r.brief.options ? { option, ...more } : more);
