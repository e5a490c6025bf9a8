import { afterPaint } from '../frame/turn';
import { onPaper } from '../paper/printing.svelte';

/** A value that follows another one. */
export interface Later<T> {
  readonly value: T;
}

/**
 * Follows a value a moment later: what an edit changes first is painted before the long lists below are made anew. On paper
 * it is the value itself.
 *
 * @param value read again whenever something it reads changes
 * @example const shown = later(() => at.result);
 */
export function later<T>(value: () => T): Later<T> {
  let shown = $state.raw(value());
  $effect(() => {
    const next = value();
    let gone = false;
    void afterPaint().then(() => {
      if (!gone) shown = next;
    });
    return () => (gone = true);
  });
  return {
    get value() {
      return onPaper() ? value() : shown;
    }
  };
}
