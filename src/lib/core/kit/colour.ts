import { converter, differenceCiede2000, parse } from 'culori';

const difference = differenceCiede2000();
const toLab = converter('lab65');

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

const seen = new Map<string, number>();

/** Pairs remembered at most; a kit of 5,000 yarns compared with one waste yarn stays below it. */
const REMEMBERED = 10_000;

/**
 * Colour difference of two colours as a screen shows them; see `labDifference`.
 *
 * @param a colour as #rrggbb
 * @param b colour as #rrggbb
 * @returns the difference; about 1 is just noticeable
 * @throws RangeError when either is not a colour
 * @example colourDifference('#ffffff', '#000000') // 100
 */
export function colourDifference(a: string, b: string): number {
  const key = a < b ? `${a} ${b}` : `${b} ${a}`;
  const known = seen.get(key);
  if (known !== undefined) return known;
  const one = toLab(parse(a));
  const two = toLab(parse(b));
  if (!one || !two) throw new RangeError(`colours must look like #c2552d; received ${a} and ${b}`);
  const value = labDifference(one, two);
  if (seen.size >= REMEMBERED) seen.clear();
  seen.set(key, value);
  return value;
}
