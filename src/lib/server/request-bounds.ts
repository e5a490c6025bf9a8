import { DEEPEST } from '$lib/formats/json';

/**
 * What the service takes at most, looked at before anything is planned: more than any knitter has, and little enough that no request
 * holds a thread for long (own estimates, no source).
 */

/** Most values with a name, of all objects together. */
const MOST_NAMED = 40_000;
/** Most measurements that gauges are worked out from: years of swatches and finished pieces. */
const MOST_MEASURED = 2000;
const MOST_YARNS = 1000;
const MOST_MACHINES = 100;
/** Most choices of a project; the kind with the most has about forty. */
const MOST_OPTIONS = 400;
/** Most things that went wrong in one piece. */
const MOST_FAULTS = 100;

/** What is wrong with a request, and where. */
export interface RequestFault {
  readonly path: string;
  readonly reason: string;
}

/**
 * Whether a JSON text is too deep or too long-winded to be read; strings are left out.
 *
 * @returns what it must be, or null where it may be read
 */
export function textFault(text: string): RequestFault | null {
  let [depth, named] = [0, 0];
  let quoted = false;
  for (let i = 0; i < text.length; i++) {
    const c = text[i];
    if (c === '\\') i++;
    else if (c === '"') quoted = !quoted;
    else if (quoted) continue;
    else if (c === ':') named++;
    else if (c === '}' || c === ']') depth--;
    else if ((c === '{' || c === '[') && ++depth > DEEPEST)
      return { path: '', reason: `The body must nest lists and objects at most ${DEEPEST} deep; received more.` };
  }
  return named > MOST_NAMED
    ? { path: '', reason: `The body must hold at most ${MOST_NAMED} values with a name; received ${named}.` }
    : null;
}

const at = (value: unknown, key: string): unknown =>
  typeof value === 'object' && value !== null ? (value as Record<string, unknown>)[key] : undefined;
const listAt = (value: unknown, key: string): readonly unknown[] => {
  const list = at(value, key);
  return Array.isArray(list) ? list : [];
};

/**
 * Whether a request asks for more than the service takes, whatever else may be wrong with it.
 *
 * @example extentFault({ faults: Array(300).fill({}) }) // { path: 'faults', reason: 'faults must hold at most 100 entries; received 300.' }
 */
export function extentFault(input: unknown): RequestFault | null {
  const kit = at(input, 'kit');
  const measured = [...listAt(kit, 'swatches'), ...listAt(kit, 'finished')].reduce<number>(
    (sum, entry) => sum + 1 + listAt(entry, 'more').length,
    0
  );
  const options = at(at(input, 'brief'), 'options') ?? {};
  const bounds: readonly (readonly [path: string, what: string, most: number, got: number])[] = [
    ['kit', 'measurements, swatches and finished pieces together', MOST_MEASURED, measured],
    ['kit.yarns', 'entries', MOST_YARNS, listAt(kit, 'yarns').length],
    ['kit.machines', 'entries', MOST_MACHINES, listAt(kit, 'machines').length],
    ['brief.options', 'choices', MOST_OPTIONS, Object.keys(options).length],
    ['faults', 'entries', MOST_FAULTS, listAt(input, 'faults').length]
  ];
  for (const [path, what, most, got] of bounds)
    if (got > most) return { path, reason: `${path} must hold at most ${most} ${what}; received ${got}.` };
  return null;
}
