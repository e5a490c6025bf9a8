import type { Substitute } from './compare';

/** Stand-ins that come out alike: the first speaks for them, and only what differs is shown of the others. */
export interface Alike {
  readonly first: Substitute;
  readonly others: readonly Substitute[];
}

/** Tightness that nobody feels a difference of (own estimate, no source). */
const FELT = 0.5;

/** A size in whole steps: what lies within one of them comes out alike. */
const step = (value: number, size: number): number => Math.round(value / size);

/** What must agree for two stand-ins to be told in one line. */
const keyOf = (s: Substitute): string =>
  [
    s.verdict,
    s.stock,
    s.strands,
    s.rowsMore,
    step(s.widthOff, 2),
    step(s.tightness, FELT),
    s.yarn.behaviour.wash,
    s.unmeasuredOn === null,
    ...s.against.map((a) => a.is)
  ].join(' ');

/**
 * Gathers stand-ins that come out alike, in the order of the best of each. The yarn that is there now stands by itself.
 *
 * @example gathered(substitutes).map((a) => a.others.length) // [0, 3, 1]
 */
export function gathered(substitutes: readonly Substitute[]): Alike[] {
  const lines = new Map<string, Substitute[]>();
  for (const s of substitutes) {
    const key = s.isOriginal ? 'original' : keyOf(s);
    lines.set(key, [...(lines.get(key) ?? []), s]);
  }
  return [...lines.values()].map(([first, ...others]) => ({ first: first!, others }));
}
