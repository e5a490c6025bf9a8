/**
 * What is wrong with one piece of input, as data. Screens and the server word it with `wordFault`, so a rule is
 * stated once and always names the field, the rule and what was received.
 */
export interface Fault {
  /** Stable name of the rule that was broken, for tests and programs. */
  readonly code: string;
  /** The field as the knitter knows it, for example "Head girth". */
  readonly field: string;
  /** The rule in words, beginning with a verb: "must be from 20 cm to 80 cm". */
  readonly rule: string;
  /** What came in, shortened for display. */
  readonly received: string;
}

/** Either a value or the reason there is none. Expected refusals are values; only misuse throws. */
export type Outcome<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly fault: Fault };

/** Longest part of an input repeated in a message; more would push the sentence itself off a narrow screen. */
const LONGEST_ECHO = 40;

/**
 * Shows any received value in a message: quoted, one line, cut short.
 *
 * @example echo('  12 cmm ') // '"  12 cmm "'
 */
export function echo(value: unknown): string {
  if (value === undefined) return 'nothing';
  if (value === '') return 'nothing';
  const text = typeof value === 'string' ? JSON.stringify(value) : (JSON.stringify(value) ?? String(value));
  return text.length > LONGEST_ECHO ? `${text.slice(0, LONGEST_ECHO)}…` : text;
}

/**
 * One sentence for a fault.
 *
 * @example wordFault({ code: 'range', field: 'Pins', rule: 'must be from 4 to 400', received: '0' })
 * // 'Pins must be from 4 to 400; received 0.'
 */
export function wordFault(fault: Fault): string {
  return `${fault.field} ${fault.rule}; received ${fault.received}.`;
}

/** A refused outcome, built in one place. */
export function refuse(code: string, field: string, rule: string, received: unknown): { ok: false; fault: Fault } {
  return { ok: false, fault: { code, field, rule, received: echo(received) } };
}
