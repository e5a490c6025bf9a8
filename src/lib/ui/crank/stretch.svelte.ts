import { untrack } from 'svelte';
import { workingSince } from '$lib/core/read';

/** How often the clock is looked at. */
const LOOK_MS = 20_000;

/** How long somebody has been at the crank without a rest. */
export interface Stretch {
  /** Whole minutes since the stretch began, or since the word about it was put off. */
  readonly minutes: number;
  /** Puts the word off: it is counted anew from now. */
  putOff: () => void;
}

/**
 * Watches how long one cranks. Rows are looked at one by one as they come, so that a long piece costs no more than a short one.
 *
 * @param times when rows were done, in milliseconds, in order: asked once, and again for every press
 * @param presses changes with every press
 */
export function watchStretch(times: (most: number) => readonly number[], presses: () => unknown): Stretch {
  let now = $state(Date.now());
  let since = $state<number | null>(null);
  let put = $state(0);
  let read = false;
  function pressed(): void {
    now = Date.now();
    const two = times(2);
    const own = workingSince(two, now);
    if (!read) since = workingSince(times(5000), now);
    // A stretch of one row alone has just begun: a rest lies before it.
    else since = own === null || own === two.at(-1) ? own : (since ?? own);
    read = two.length > 0;
  }
  $effect(() => {
    presses();
    untrack(pressed);
  });
  $effect(() => {
    const clock = setInterval(() => {
      now = Date.now();
      if (workingSince(times(1), now) === null) since = null;
    }, LOOK_MS);
    return () => clearInterval(clock);
  });
  return {
    get minutes() {
      return since === null ? 0 : Math.floor((now - Math.max(since, put)) / 60_000);
    },
    putOff() {
      now = put = Date.now();
    }
  };
}
