import { kindOf } from '../kinds';
import type { Kit } from '../kit';
import { type Brief, optionFields, withStarts } from '../plan';
import { sectionsOf } from './sections-of';

/**
 * A brief that names the yarn it is knitted in, where it left that to the kit: a list of sections that is asked for and
 * empty takes whatever yarn stands first, and another one would as soon as the kit has one more.
 *
 * @returns the same brief where nothing was left open
 * @example explicit(kit, blanketOfNoSections).options.sections // [{ yarn: 'oat', rows: 60 }]
 */
export function explicit(kit: Kit, brief: Brief): Brief {
  const kind = kindOf(brief.kind);
  if (!kind) return brief;
  const options = withStarts(kind.options, brief.options);
  const open = optionFields(kind.options).filter(({ key, meta }) => meta.control === 'sections' && !meta.when && Array.isArray(options[key]) && options[key].length === 0); // prettier-ignore
  if (open.length === 0) return brief;
  const parsed = kind.options.safeParse(options);
  if (!parsed.success) return brief;
  const [first] = kind.draft(kit, { ...brief, options: parsed.data }, parsed.data).plan.pieces;
  if (!first) return brief;
  return { ...brief, options: { ...brief.options, ...Object.fromEntries(open.map(({ key }) => [key, sectionsOf(first)])) } }; // prettier-ignore
}
