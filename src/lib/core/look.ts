import { flip, recolour, sectionsOf } from './colour';
import type { Worn } from './plan';
import { read, type Readings } from './tomble';

/**
 * Ways of looking at a finished thing: as it is worn, its brim down, turned over so that the inside shows, or opened: the tube
 * drawn out flat again, with every row in sight.
 */
const LOOKS = ['worn', 'brim-down', 'turned-over', 'opened'] as const;
export type Look = (typeof LOOKS)[number];

/** A worn form with nothing turned up. */
function brimDown(worn: Worn): Worn {
  if (worn.form === 'lined-hat' || worn.form === 'ear-hat') return { ...worn, turnUpMm: 0 };
  return worn.form === 'gathered-hat' ? { ...worn, turnRows: 0 } : worn;
}

/** Whether something of a thing is turned up. */
const hasBrim = ({ plan, reveal }: Readings): boolean => plan.worn !== null && reveal.turnRows > 0 && brimDown(plan.worn) !== plan.worn; // prettier-ignore

/** The tube a thing is made of, lying flat with both ends open. */
const OPENED: Worn = { form: 'flat', ends: ['open', 'open'], pompoms: 0 };

/** Whether rows of a thing of one tube are out of sight: folded in, turned up or gathered. */
const hasFolds = ({ plan, fabric, reveal }: Readings): boolean =>
  plan.pieces.length === 1 &&
  plan.worn !== null &&
  plan.worn.form !== 'flat' &&
  plan.worn.form !== 'panels' &&
  fabric.pieces[0]!.rows > 0 &&
  reveal.shares.some(({ place }) => place !== 'plain' && place !== 'removed' && place !== 'outside');

const CAN: Readonly<Record<Look, (result: Readings) => boolean>> = {
  worn: () => true,
  'brim-down': hasBrim,
  'turned-over': ({ plan }) => plan.worn?.form === 'lined-hat',
  opened: hasFolds
};

/**
 * The ways one can look at a thing: only a brim that is turned up can be turned down, only what is lined can be turned over, and
 * only what has rows out of sight can be opened.
 *
 * @example looksOf(hat) // ['worn', 'brim-down', 'turned-over', 'opened']
 */
export const looksOf = (result: Readings): Look[] => LOOKS.filter((look) => CAN[look](result));

/**
 * A thing looked at otherwise: the same rows, read again. Turned over, the first row and the last one change places.
 *
 * @param look one of those that `looksOf` names; any other gives the thing as it is worn
 */
export function lookAt(result: Readings, look: Look): Readings {
  const { kit, brief, plan, notes } = result;
  if (look === 'worn' || !plan.worn || !looksOf(result).includes(look)) return result;
  if (look === 'opened') return read(kit, brief, { plan: { ...plan, worn: OPENED }, notes });
  if (look === 'brim-down') return read(kit, brief, { plan: { ...plan, worn: brimDown(plan.worn) }, notes });
  const sections = flip(sectionsOf(plan.pieces[0]!).map((s) => ({ ...s, locked: false })));
  return read(kit, brief, { plan: recolour(kit, plan, [{ piece: 0, sections: [...sections] }], 'knot'), notes });
}
