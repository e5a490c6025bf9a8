import { Brief, optionFields, type Section } from '../plan';
import { kindOf } from './index';

/** One place of a brief that names a machine or a yarn of the kit. */
export interface Ref {
  readonly what: 'machine' | 'yarn';
  readonly id: string;
  /** Where it stands in the brief, for faults: `options.sections[2].yarn`. */
  readonly path: string;
}

type Swap = (ref: Ref) => string;

/** Walks every place of a brief that names something of the kit, and puts there what `swap` answers. */
function walk(brief: Brief, swap: Swap): Brief {
  const put = (what: Ref['what'], path: string, id: string): string => swap({ what, id, path });
  const machineId = put('machine', 'machineId', brief.machineId);
  const pompom = brief.pompom && { ...brief.pompom, yarn: put('yarn', 'pompom.yarn', brief.pompom.yarn) };
  const patches = brief.patches.map((patch, i) => ({ ...patch, yarn: put('yarn', `patches[${i}].yarn`, patch.yarn) }));
  const colours = brief.colours.map((own, c) => ({ ...own, sections: own.sections.map((s, i) => ({ ...s, yarn: put('yarn', `colours[${c}].sections[${i}].yarn`, s.yarn) })) })); // prettier-ignore
  const strands = Object.fromEntries(
    Object.entries(brief.strands).map(([id, n]) => [put('yarn', `strands.${id}`, id), n])
  );
  const options = { ...brief.options };
  const kind = kindOf(brief.kind);
  for (const { key, meta } of kind ? optionFields(kind.options) : []) {
    const value = options[key];
    const path = `options.${key}`;
    if (meta.control === 'yarn' && typeof value === 'string') options[key] = put('yarn', path, value);
    if (meta.control === 'machine' && typeof value === 'string') options[key] = put('machine', path, value);
    if (meta.control === 'sections' && Array.isArray(value)) {
      options[key] = (value as Section[]).map((s, i) => ({ ...s, yarn: put('yarn', `${path}[${i}].yarn`, s.yarn) }));
    }
  }
  const gauge = brief.gauge && { ...brief.gauge, yarn: put('yarn', 'gauge.yarn', brief.gauge.yarn) };
  const countsAs = brief.countsAs && { ...brief.countsAs, yarn: put('yarn', 'countsAs.yarn', brief.countsAs.yarn) };
  return {
    ...brief,
    ...(gauge ? { gauge } : {}),
    ...(countsAs ? { countsAs } : {}),
    machineId,
    pompom,
    colours,
    patches,
    strands,
    options
  };
}

/**
 * Every machine and yarn that a brief names, with its place: the one answer for checking, exporting, importing and
 * keeping.
 *
 * @param brief of any registered kind; options of an unknown one are not looked into
 * @example refsOf(brief).filter((ref) => ref.what === 'yarn').map((ref) => ref.id) // ['red', 'blue', 'red']
 */
export function refsOf(brief: Brief): Ref[] {
  const refs: Ref[] = [];
  walk(brief, (ref) => {
    refs.push(ref);
    return ref.id;
  });
  return refs;
}

/**
 * The brief with other ids in the places that name something of the kit; every other word stays as it is.
 *
 * @param swap the id that belongs in a place
 * @example withRefs(brief, ({ id }) => moved.get(id) ?? id)
 */
export const withRefs = (brief: Brief, swap: Swap): Brief => Brief.parse(walk(brief, swap));
