import { flip, recolour, sectionsOf } from './colour';
import type { Worn } from './plan';
import { read, type Result } from './tomble';

/** Ways of looking at a finished thing: as it is worn, its brim down, or turned over so that the inside shows. */
const LOOKS = ['worn', 'brim-down', 'turned-over'] as const;
export type Look = (typeof LOOKS)[number];

/** A worn form with nothing turned up. */
function brimDown(worn: Worn): Worn {
  if (worn.form === 'lined-hat' || worn.form === 'ear-hat') return { ...worn, turnUpMm: 0 };
  return worn.form === 'gathered-hat' ? { ...worn, turnRows: 0 } : worn;
}

/** Whether something of a thing is turned up. */
const hasBrim = ({ plan, reveal }: Result): boolean => plan.worn !== null && reveal.turnRows > 0 && brimDown(plan.worn) !== plan.worn; // prettier-ignore

/**
 * The ways one can look at a thing: only a brim that is turned up can be turned down, and only what is lined can be turned over.
 *
 * @example looksOf(hat) // ['worn', 'brim-down', 'turned-over']
 */
export const looksOf = (result: Result): Look[] =>
  LOOKS.filter((look) => look === 'worn' || (look === 'brim-down' ? hasBrim(result) : result.plan.worn?.form === 'lined-hat')); // prettier-ignore

/**
 * A thing looked at otherwise: the same rows, read again. Turned over, the first row and the last one change places.
 *
 * @param look one of those that `looksOf` names; any other gives the thing as it is worn
 */
export function lookAt(result: Result, look: Look): Result {
  const { kit, brief, plan, notes } = result;
  if (look === 'worn' || !plan.worn || !looksOf(result).includes(look)) return result;
  if (look === 'brim-down') return read(kit, brief, { plan: { ...plan, worn: brimDown(plan.worn) }, notes });
  const sections = flip(sectionsOf(plan.pieces[0]!).map((s) => ({ ...s, locked: false })));
  return read(kit, brief, { plan: recolour(kit, plan, [{ piece: 0, sections: [...sections] }], 'knot'), notes });
}
