import { format } from 'date-fns/format';
import { parseISO } from 'date-fns/parseISO';
import type { Habits, Terms } from '$lib/core/kit';
import { showCut, showLength, showSmall, showMass, showRun, type Units } from '$lib/core/quantity';

/** What sentences are made with that are about no plan: the knitter's units and words, numbers and lists by Intl. */
export interface Voice {
  readonly units: Units;
  readonly terms: Terms;
  /** A length. @example len(450) // '45 cm' */
  readonly len: (mm: number) => string;
  /** The width of something small and hard. @example small(18) // '18 mm' */
  readonly small: (mm: number) => string;
  /** A length of yarn that is cut. @example cut(18_865) // '18.9 m' */
  readonly cut: (mm: number) => string;
  /** A length of yarn that is measured in metres. */
  readonly run: (metres: number) => string;
  /** A mass of yarn. */
  readonly mass: (grams: number) => string;
  /** A share in percent, by its size: "0.5 %", "57 %". */
  readonly percent: (percent: number) => string;
  /** A day. @example day('2026-05-03') // '3 May 2026' */
  readonly day: (on: string) => string;
  readonly num: (n: number, digits?: number) => string;
  /** A gauge: one decimal at least, two at most. @example rate(2) // '2.0' */
  readonly rate: (perCm: number) => string;
  /** A count with its noun in the right number. @example many(2, 'stitch', 'stitches') // '2 stitches' */
  readonly many: (n: number, one: string, more: string) => string;
  /** The nouns themselves, by the knitter's dictionary. */
  readonly pin: (n: number) => string;
  readonly pins: string;
  readonly row: (n: number) => string;
  readonly rows: (n: number) => string;
  readonly stitches: (n: number) => string;
  /** "row 4" or "rows 4 to 9": never "row 16 to 16". */
  readonly span: (from: number, to: number) => string;
  readonly list: (items: readonly string[]) => string;
  readonly sentence: (text: string) => string;
  /** "every 4th": ordinals by the language's rules. */
  readonly nth: (n: number) => string;
}

const LOCALE = 'en-GB';
const plural = new Intl.PluralRules(LOCALE);
const ordinal = new Intl.PluralRules(LOCALE, { type: 'ordinal' });
const lists = new Intl.ListFormat(LOCALE, { type: 'conjunction' });
const rates = new Intl.NumberFormat(LOCALE, { minimumFractionDigits: 1, maximumFractionDigits: 2 });
const numbers = [0, 1, 2].map((digits) => new Intl.NumberFormat(LOCALE, { maximumFractionDigits: digits }));
const SUFFIX: Readonly<Record<Intl.LDMLPluralRule, string>> = { one: 'st', two: 'nd', few: 'rd', other: 'th', zero: 'th', many: 'th' }; // prettier-ignore

/** The voice of a knitter. @example voiceOf(kit.habits).rows(2) // '2 rows' */
export function voiceOf({ units, terms }: Pick<Habits, 'units' | 'terms'>): Voice {
  const num = (n: number, digits: 0 | 1 | 2 = 0): string => numbers[digits]!.format(n);
  const many = (n: number, one: string, more: string): string => `${num(n)} ${plural.select(n) === 'one' ? one : more}`;
  const row = (n: number): string => `${terms.row} ${num(n)}`;
  return {
    units,
    terms,
    len: (mm) => showLength(mm, units),
    small: (mm) => showSmall(mm, units),
    cut: (mm) => showCut(mm, units),
    run: (metres) => showRun(metres, units),
    mass: (grams) => showMass(grams, units),
    percent: (percent) => `${num(percent, Math.abs(percent) < 1 ? 1 : 0)} %`,
    day: (on) => format(parseISO(on), 'd MMM yyyy'),
    num: (n, digits = 0) => num(n, digits as 0 | 1 | 2),
    rate: (perCm) => rates.format(perCm),
    many,
    pin: (n) => `${terms.pin} ${num(n)}`,
    pins: `${terms.pin}s`,
    row,
    rows: (n) => many(n, terms.row, `${terms.row}s`),
    stitches: (n) => many(n, 'stitch', 'stitches'),
    span: (from, to) => (from === to ? row(from) : `${terms.row}s ${num(from)} to ${num(to)}`),
    list: (items) => lists.format(items),
    sentence: (text) => (text ? `${text[0]!.toUpperCase()}${text.slice(1)}` : text),
    nth: (n) => `${num(n)}${SUFFIX[ordinal.select(n)]}`
  };
}
