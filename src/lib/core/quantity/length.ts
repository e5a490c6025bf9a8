import { type Outcome, refuse } from './fault';
import { readNumber } from './number';

/** The two systems a knitter may think in. Inside, every length is in millimetres. */
export type Units = 'metric' | 'imperial';

/** Millimetres in one international inch, exact since the agreement of 1959. */
const MM_PER_INCH = 25.4;

const MM_PER: Readonly<Record<string, number>> = {
  mm: 1,
  cm: 10,
  m: 1000,
  in: MM_PER_INCH,
  ft: 12 * MM_PER_INCH,
  yd: 36 * MM_PER_INCH
};

const SPELLINGS: Readonly<Record<string, string>> = {
  mm: 'mm',
  millimetre: 'mm',
  millimetres: 'mm',
  cm: 'cm',
  centimetre: 'cm',
  centimetres: 'cm',
  m: 'm',
  metre: 'm',
  metres: 'm',
  in: 'in',
  inch: 'in',
  inches: 'in',
  '"': 'in',
  '″': 'in',
  '”': 'in',
  "''": 'in',
  ft: 'ft',
  foot: 'ft',
  feet: 'ft',
  "'": 'ft',
  '′': 'ft',
  yd: 'yd',
  yard: 'yd',
  yards: 'yd'
};

/** What a length field accepts. Limits are in millimetres and included. */
export interface LengthRule {
  readonly field: string;
  readonly minMm: number;
  readonly maxMm: number;
  /** Something as small as a button: shown in millimetres, and a bare number means them. */
  readonly small?: boolean;
}

/**
 * Reads a length as it is written by hand: "56 cm", "22 in", `22 1/2"`, "9½ in". A bare number means
 * centimetres in metric and inches in imperial.
 *
 * @param text what was typed
 * @param units the system a bare number is read in
 * @param rule name of the field and its limits in millimetres
 * @returns millimetres, or a fault that names field, rule and what was received
 * @example readLength('22 1/2"', 'metric', { field: 'Head girth', minMm: 200, maxMm: 800 })
 * // { ok: true, value: 571.5 }
 */
export function readLength(text: string, units: Units, rule: LengthRule): Outcome<number> {
  const show = rule.small ? showSmall : showLength;
  const words = `must be from ${show(rule.minMm, units)} to ${show(rule.maxMm, units)}`;
  const match = /^(.*?)\s*([a-z]+|"|″|”|''|'|′)?\.?$/i.exec(text.trim());
  const amount = readNumber(match?.[1] ?? '');
  if (amount === undefined) return refuse('not-a-length', rule.field, words, text);
  const unit = match?.[2] ? SPELLINGS[match[2].toLowerCase()] : units === 'imperial' ? 'in' : rule.small ? 'mm' : 'cm';
  const factor = unit ? MM_PER[unit] : undefined;
  if (factor === undefined) return refuse('unknown-unit', rule.field, `${words} in mm, cm, m, in, ft or yd`, text);
  const mm = amount * factor;
  if (mm < rule.minMm || mm > rule.maxMm) return refuse('range', rule.field, words, text);
  return { ok: true, value: mm };
}

/**
 * Rounds to what a hand can measure on knitting: half a centimetre, or a quarter inch.
 *
 * @example handLength(557, 'metric') // 555
 */
export function handLength(mm: number, units: Units): number {
  const step = units === 'metric' ? 5 : MM_PER_INCH / 4;
  return Math.round(mm / step) * step;
}

const QUARTERS = ['', '¼', '½', '¾'] as const;

/** Inches with the quarter as a fraction sign, the way a tape is read. */
function showQuarters(mm: number): string {
  const quarters = Math.round((mm / MM_PER_INCH) * 4);
  const whole = Math.trunc(quarters / 4);
  const part = QUARTERS[Math.abs(quarters % 4)] ?? '';
  const sign = quarters < 0 && whole === 0 ? '-' : '';
  return whole === 0 && part ? `${sign}${part}` : `${whole}${part}`;
}

/**
 * Prints a length without its unit, to a half centimetre or a quarter inch.
 *
 * @example showLengthNumber(571.5, 'imperial') // '22½'
 */
export function showLengthNumber(mm: number, units: Units): string {
  if (units === 'imperial') return showQuarters(mm);
  const cm = handLength(mm, units) / 10;
  return Number.isInteger(cm) ? String(cm) : cm.toFixed(1);
}

/**
 * Prints a length as a hand would measure it, with its unit.
 *
 * @example showLength(552, 'metric') // '55 cm'
 */
export function showLength(mm: number, units: Units): string {
  return `${showLengthNumber(mm, units)} ${units === 'metric' ? 'cm' : 'in'}`;
}

/**
 * Prints the width of something small and hard, a button for instance, to a millimetre or a tenth of an inch.
 *
 * @example showSmall(18, 'metric') // '18 mm'
 */
export const showSmall = (mm: number, units: Units): string =>
  units === 'metric' ? `${Math.round(mm)} mm` : `${(mm / MM_PER_INCH).toFixed(1)} in`;

/**
 * Prints a long run of yarn: whole metres or yards from ten on, one decimal below.
 *
 * @param m metres
 * @example showRun(138.4, 'metric') // '138 m'
 */
export function showRun(m: number, units: Units): string {
  const value = units === 'metric' ? m : (m * 1000) / (MM_PER['yd'] ?? 1);
  return `${value >= 10 ? value.toFixed(0) : value.toFixed(1)} ${units === 'metric' ? 'm' : 'yd'}`;
}

/** From here on a length of yarn is not measured with a tape any more. */
const LONG_CUT_MM = 2000;

/**
 * Prints a length of yarn that is cut: by the tape, a long one in metres or yards.
 *
 * @example showCut(18_865, 'metric') // '18.9 m'
 */
export function showCut(mm: number, units: Units): string {
  // By what the tape would say: 199.8 cm is 2 m already.
  if (handLength(mm, units) < LONG_CUT_MM) return showLength(mm, units);
  return units === 'metric' ? `${(mm / 1000).toFixed(1)} m` : `${(mm / (MM_PER['yd'] ?? 1)).toFixed(1)} yd`;
}
