import { converter, differenceCiede2000, modeLab65, modeRgb, modeXyz65, parse, useMode } from 'culori/fn';
import { remembered } from '../quantity';

// Only the colour spaces that are asked for: the whole of them is many times as large.
useMode(modeRgb);
useMode(modeXyz65);
useMode(modeLab65);

const difference = differenceCiede2000();
const toLab = converter('lab65');

/** Colours nearer than this are hard to tell apart on a finished thing (CIEDE2000; own estimate, no source). */
export const ALIKE_COLOURS = 12;

/** A colour in CIELAB under D65. */
export interface Lab {
  readonly l: number;
  readonly a: number;
  readonly b: number;
}

/**
 * Colour difference CIEDE2000 of two CIELAB colours (Sharma, Wu, Dalal 2005; computed by culori).
 *
 * @returns the difference; about 1 is just noticeable
 * @example labDifference({ l: 50, a: 2.5, b: 0 }, { l: 50, a: 0, b: -2.5 }) // 4.3065
 */
export function labDifference(one: Lab, two: Lab): number {
  return difference({ mode: 'lab65', ...one }, { mode: 'lab65', ...two });
}

/** A colour by its red, green and blue, 0 to 255, in CIELAB. @example labOfRgb([255, 255, 255]).l // 100 */
export function labOfRgb([r, g, b]: readonly [number, number, number]): Lab {
  return toLab({ mode: 'rgb', r: r / 255, g: g / 255, b: b / 255 });
}

/** A colour as it lies in CIELAB. */
const labOf = remembered((hex: string): Lab => {
  const lab = toLab(parse(hex));
  if (!lab) throw new RangeError(`colours must look like #c2552d; received ${hex}`);
  return lab;
});

/**
 * Colour difference of two colours as a screen shows them; see `labDifference`.
 *
 * @param a colour as #rrggbb
 * @param b colour as #rrggbb
 * @returns the difference; about 1 is just noticeable
 * @throws RangeError when either is not a colour
 * @example colourDifference('#ffffff', '#000000') // 100
 */
export const colourDifference = (a: string, b: string): number => (a === b ? 0 : labDifference(labOf(a), labOf(b)));
