import type { Fate } from '$lib/core/colour';

/** What becomes of rows, in words. */
export const FATE_WORDS: Readonly<Record<Fate, string>> = {
  seen: 'Seen',
  'turned-up': 'Turned up, seen',
  hidden: 'Out of sight',
  gathered: 'Gathered away'
};
