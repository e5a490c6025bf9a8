import type { Brief, Change } from '$lib/core/plan';

/** A value that two windows set at the same moment: the one of the other window, which undo brings back. */
export interface Collision {
  /** The field of the brief, or `options.` and the option. */
  readonly field: string;
  readonly theirs: unknown;
  readonly ours: unknown;
}

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/**
 * Which values of a change another window set to something else since they were last seen here.
 *
 * @param stored the brief as it is kept now
 * @param seen the brief as this page showed it before the change
 * @example collisionsOf(stored.brief, seen.brief, { options: { headMm: 580 } }) // [{ field: 'options.headMm', theirs: 540, ours: 580 }]
 */
export function collisionsOf(stored: Brief, seen: Brief, change: Change): Collision[] {
  const found: Collision[] = [];
  const look = (field: string, theirs: unknown, before: unknown, ours: unknown): void => {
    if (!same(theirs, before) && !same(theirs, ours)) found.push({ field, theirs, ours });
  };
  for (const [key, ours] of Object.entries(change)) {
    if (key === 'options') continue;
    look(key, stored[key as keyof Brief], seen[key as keyof Brief], ours);
  }
  for (const [key, ours] of Object.entries(change.options ?? {}))
    look(`options.${key}`, stored.options[key], seen.options[key], ours);
  return found;
}
