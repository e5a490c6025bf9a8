import type { Habits } from '$lib/core/kit';
import type { Figure, Reason, ReasonEvidence } from '$lib/core/quantity';
import type { NamedFigure } from '$lib/core/read';
import { english } from './en';
import type { Voice } from './voice';
import { voiceOf } from './voice';
import type { Words } from './words';

type Speaks = Pick<Habits, 'units' | 'terms'>;

const sayReason = (reason: Reason, words: Words, v: Voice): string =>
  (words.reasons as unknown as Record<string, (facts: object, v: Voice) => string>)[reason.say]!(reason, v);

/**
 * The derivation of a figure, in the knitter's units.
 *
 * @example becauseOf(figure, kit.habits) // '110 rows / 2 rows per cm; your swatch of 3 May 2026, weighed with common practice'
 */
export function becauseOf({ because }: Pick<Figure, 'because'>, habits: Speaks, words: Words = english): string {
  const voice = voiceOf(habits);
  return because.map((reason) => sayReason(reason, words, voice)).join('; ');
}

/** A measurement by what it is and its day. */
export const evidenceName = (told: ReasonEvidence, habits: Speaks, words: Words = english): string =>
  words.evidence(told, voiceOf(habits));

/** The name of a figure of a finished thing. */
export const figureName = ({ name, over }: Pick<NamedFigure, 'name' | 'over'>, words: Words = english): string =>
  words.figures[name](over ?? '');

/**
 * Any answer with every derivation in it put into words, and every figure of a finished thing named: for files and the service.
 */
export function withReasons(value: unknown, habits: Speaks, words: Words = english): unknown {
  if (Array.isArray(value)) return value.map((item: unknown) => withReasons(item, habits, words));
  if (typeof value !== 'object' || value === null || ArrayBuffer.isView(value)) return value;
  const entries = Object.entries(value).map(([key, own]): [string, unknown] =>
    key === 'because' && Array.isArray(own)
      ? [key, becauseOf({ because: own as Reason[] }, habits, words)]
      : [key, withReasons(own, habits, words)]
  );
  const named = value as Partial<NamedFigure>;
  if (named.name !== undefined && named.name in words.figures && named.figure) {
    entries.push(['label', figureName(named as NamedFigure, words)]);
  }
  return Object.fromEntries(entries);
}
