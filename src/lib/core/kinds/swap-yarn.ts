import { type Brief, type Change } from '../plan';
import { withRefs } from './refs';

/**
 * The edit that puts one yarn in the place of another, wherever a brief names it: options, colours, pompom and patches.
 * What does not name it is not in the edit.
 *
 * @param strands how many strands of the new yarn are held together
 * @example changed(brief, yarnSwap(brief, 'red', 'tide', 1)).options.yarn // 'tide'
 */
export function yarnSwap(brief: Brief, from: string, to: string, strands: number): Change {
  const there = withRefs(brief, ({ what, id, path }) =>
    what === 'yarn' && id === from && !path.startsWith('strands.') ? to : id
  );
  const options = Object.entries(there.options).filter(
    ([key, value]) => JSON.stringify(value) !== JSON.stringify(brief.options[key])
  );
  const names = (part: unknown): boolean => JSON.stringify(part ?? null).includes(JSON.stringify(from));
  return {
    ...(options.length ? { options: Object.fromEntries(options) } : {}),
    ...(names(brief.colours) ? { colours: there.colours } : {}),
    ...(names(brief.pompom) ? { pompom: there.pompom } : {}),
    ...(names(brief.patches) ? { patches: there.patches } : {}),
    strands: { [to]: strands }
  };
}
