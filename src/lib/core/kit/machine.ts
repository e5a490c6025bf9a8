import * as z from 'zod/mini';
import { AddedAt, Id, shownText } from './text';

/**
 * Distance between two pins along the ring when nobody has measured it: 16 to 17 mm on rings small or large (common
 * practice, no source).
 */
export const DEFAULT_PIN_SPACING_MM = 16.5;

/** A hand-cranked ring of pins, as its owner describes it. */
export const Machine = z.object({
  id: Id,
  name: shownText(60).check(z.trim(), z.minLength(1), z.meta({ title: 'Name' })),
  pins: z.int().check(z.minimum(4), z.maximum(200), z.meta({ title: 'Pins' })),
  marker: z
    ._default(
      z.object({
        kind: z.enum(['light-among-dark', 'dark-among-light', 'several']),
        counts: z.enum(['first', 'last'])
      }),
      { kind: 'light-among-dark', counts: 'first' }
    )
    .check(z.meta({ title: 'Marker pin' })),
  numbered: z._default(z.boolean(), true).check(z.meta({ title: 'Numbered slots' })),
  reach: z
    ._default(
      z.object({ start: z.int().check(z.minimum(0), z.maximum(6)), end: z.int().check(z.minimum(0), z.maximum(6)) }),
      { start: 2, end: 2 }
    )
    .check(z.meta({ title: 'Stitches lost at the ends in PANEL mode' })),
  counter: z._default(z.enum(['none', 'tube']), 'tube').check(z.meta({ title: 'Row counter' })),
  tensionHoles: z._default(z.int().check(z.minimum(1), z.maximum(5)), 3).check(z.meta({ title: 'Tension holes' })),
  pinSpacingMm: z
    ._default(z.nullable(z.number().check(z.minimum(4), z.maximum(40))), null)
    .check(z.meta({ title: 'Pin spacing' })),
  motor: z._default(z.boolean(), false).check(z.meta({ title: 'Driven by a motor' })),
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
