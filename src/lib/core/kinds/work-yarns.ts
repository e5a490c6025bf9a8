import type * as z from 'zod/mini';
import { type Brief, isAsked, optionFields, type Section } from '../plan';

/** Yarns a brief names, by what they are for. */
export interface NamedYarns {
  /** Knitted in: options and stripes that are asked for, colours set on the tubes. */
  readonly work: readonly string[];
  /** What else is made of yarn: patches and a pompom. */
  readonly more: readonly string[];
}

/**
 * The yarns that a project needs, waste left out. Options that are not asked while the others are as they are do not count: a
 * hat of one colour has no lining yarn.
 *
 * @param schema of the kind
 * @param brief with every option in its place
 * @example namedYarns(LinedHatOptions, brief).work // ['red', 'blue']
 */
export function namedYarns(
  schema: z.ZodMiniObject,
  brief: Pick<Brief, 'options' | 'colours' | 'patches' | 'pompom'>
): NamedYarns {
  const { options } = brief;
  const asked = optionFields(schema).flatMap(({ key, meta }): string[] => {
    const value = options[key];
    if (key === WASTE_YARN || !isAsked(meta.when, options)) return [];
    if (meta.control === 'yarn') return typeof value === 'string' ? [value] : [];
    return meta.control === 'sections' && Array.isArray(value) ? (value as Section[]).map(({ yarn }) => yarn) : [];
  });
  return {
    work: [...new Set([...asked, ...brief.colours.flatMap(({ sections }) => sections.map(({ yarn }) => yarn))])],
    more: [...brief.patches.map(({ yarn }) => yarn), ...(brief.pompom ? [brief.pompom.yarn] : [])]
  };
}

/** The option that names a waste yarn, in every kind that has one. */
export const WASTE_YARN = 'wasteYarn';
