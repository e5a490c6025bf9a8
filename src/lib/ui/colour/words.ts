import type { Fate } from '$lib/core/colour';
import type { Look } from '$lib/core/look';

/** What becomes of rows, in words. */
export const FATE_WORDS: Readonly<Record<Fate, string>> = {
  seen: 'Seen',
  'turned-up': 'Turned up, seen',
  hidden: 'Out of sight',
  gathered: 'Gathered away'
};

/** Ways of looking at a finished thing. */
export const LOOK_WORDS: Readonly<Record<Look, string>> = {
  worn: 'As worn',
  'brim-down': 'Brim down',
  'turned-over': 'Turned over',
  opened: 'Opened'
};
