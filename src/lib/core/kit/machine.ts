import * as z from 'zod';
import { AddedAt, Id, shownText } from './text';

/**
 * Distance between two pins along the ring when nobody has measured it: 16 to 17 mm on rings small or large (common
 * practice, no source).
 */
export const DEFAULT_PIN_SPACING_MM = 16.5;

/** A hand-cranked ring of pins, as its owner describes it. */
export const Machine = z.object({
  id: Id,
  name: shownText(60).trim().min(1).meta({ title: 'Name' }),
  pins: z.int().min(4).max(200).meta({ title: 'Pins' }),
  marker: z
    .object({
      kind: z.enum(['light-among-dark', 'dark-among-light', 'several']),
      counts: z.enum(['first', 'last'])
    })
    .default({ kind: 'light-among-dark', counts: 'first' })
    .meta({ title: 'Marker pin' }),
  numbered: z.boolean().default(true).meta({ title: 'Numbered slots' }),
  reach: z
    .object({ start: z.int().min(0).max(6), end: z.int().min(0).max(6) })
    .default({ start: 2, end: 2 })
    .meta({ title: 'Stitches lost at the ends in PANEL mode' }),
  counter: z.enum(['none', 'tube']).default('tube').meta({ title: 'Row counter' }),
  tensionHoles: z.int().min(1).max(5).default(3).meta({ title: 'Tension holes' }),
  pinSpacingMm: z.number().min(4).max(40).nullable().default(null).meta({ title: 'Pin spacing' }),
  motor: z.boolean().default(false).meta({ title: 'Driven by a motor' }),
  addedAt: AddedAt
});
export type Machine = z.infer<typeof Machine>;

/**
 * Length of one turn round the ring.
 *
 * @returns millimetres
 * @example ringMm({ ...machine, pins: 48, pinSpacingMm: 16.5 }) // 792
 */
export function ringMm(machine: Machine): number {
  return machine.pins * (machine.pinSpacingMm ?? DEFAULT_PIN_SPACING_MM);
}

/** Pins from which on a machine counts as a large one (craft 1.2: 40 to 48 are large, 20 and 22 small). */
const LARGE_FROM = 36;

/** Whether a machine is one of the large ones. @example isLarge({ pins: 40 }) // true */
export const isLarge = (machine: Pick<Machine, 'pins'>): boolean => machine.pins >= LARGE_FROM;

/**
 * Distance between two pins from a tape laid across several of them, from the first to the last.
 *
 * @param lengthMm what the tape says
 * @param pins pins it was laid across, at least 2
 * @throws RangeError when fewer than two pins were crossed
 * @example spacingAcross(121.5, 10) // 13.5
 */
export function spacingAcross(lengthMm: number, pins: number): number {
  if (!(pins >= 2)) throw new RangeError(`pins must be at least 2; received ${pins}`);
  return lengthMm / (pins - 1);
}

/** What a tape laid across so many pins shows: the other way round. @example lengthAcross(13.5, 10) // 121.5 */
export const lengthAcross = (spacingMm: number, pins: number): number => spacingMm * (pins - 1);
