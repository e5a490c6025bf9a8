import type { FingerTension } from '$lib/core/kit';

/** How the yarn runs through the fingers. */
export const FINGER_WORDS: Readonly<Record<FingerTension, string>> = {
  loose: 'loose',
  usual: 'as usual',
  firm: 'firmer'
};
