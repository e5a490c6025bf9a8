import { type Outcome, refuse } from './fault';

const VULGAR: Readonly<Record<string, number>> = {
  '¼': 1 / 4,
  '½': 1 / 2,
  '¾': 3 / 4,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8
};

/** A decimal with point or comma, a whole number with a fraction behind it, or a fraction alone. */
const NUMBER = /^([-+]?)(?:(\d+)\s+(\d+)\/(\d+)|(\d+)\/(\d+)|(\d+(?:[.,]\d+)?|[.,]\d+)?\s*([¼½¾⅓⅔⅛⅜⅝⅞])?)$/;

/**
 * Reads a number as people write it by hand: "22", "22.5", "22,5", "22 1/2", "9½", "3/4".
 *
 * @param text what was typed; surrounding space is ignored
 * @returns the number, or undefined when it is not one
 * @example readNumber('22 1/2') // 22.5
 */
export function readNumber(text: string): number | undefined {
  const trimmed = text.trim();
  const match = NUMBER.exec(trimmed);
  if (!match || trimmed === '' || /^[-+]$/.test(trimmed)) return undefined;
  const [, sign, whole, over, under, onlyOver, onlyUnder, decimal, vulgar] = match;
  let value: number;
  if (whole !== undefined) value = Number(whole) + Number(over) / Number(under);
  else if (onlyOver !== undefined) value = Number(onlyOver) / Number(onlyUnder);
  else value = (decimal ? Number(decimal.replace(',', '.')) : 0) + (vulgar ? (VULGAR[vulgar] ?? 0) : 0);
  if (!Number.isFinite(value)) return undefined;
  return sign === '-' ? -value : value;
}

/** What a counted thing must satisfy. */
export interface CountRule {
  readonly field: string;
  readonly min: number;
  readonly max: number;
}

/**
 * Reads a whole number within limits.
 *
 * @param text what was typed
 * @param rule the field's name and its limits, both included
 * @returns the count, or a fault that names field, rule and what was received
 * @example readCount('110', { field: 'Rows', min: 10, max: 5000 }) // { ok: true, value: 110 }
 */
export function readCount(text: string, rule: CountRule): Outcome<number> {
  const value = readNumber(text);
  const words = `must be a whole number from ${rule.min} to ${rule.max}`;
  if (value === undefined) return refuse('not-a-number', rule.field, words, text);
  if (!Number.isInteger(value)) return refuse('not-whole', rule.field, words, text);
  if (value < rule.min || value > rule.max) return refuse('range', rule.field, words, text);
  return { ok: true, value };
}

/**
 * Reads a number that may have a fraction, within limits.
 *
 * @param rule the field's name and its limits, both included; `unit` is only for the message
 * @example readAmount('9,5', { field: 'Grams', min: 0, max: 2000, unit: 'g' }) // { ok: true, value: 9.5 }
 */
export function readAmount(text: string, rule: CountRule & { readonly unit?: string }): Outcome<number> {
  const value = readNumber(text.replace(new RegExp(`\\s*${rule.unit ?? ''}\\s*$`, 'i'), ''));
  const words = `must be a number from ${rule.min} to ${rule.max}${rule.unit ? ` ${rule.unit}` : ''}`;
  if (value === undefined) return refuse('not-a-number', rule.field, words, text);
  if (value < rule.min || value > rule.max) return refuse('range', rule.field, words, text);
  return { ok: true, value };
}
