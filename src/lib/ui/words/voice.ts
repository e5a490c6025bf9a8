import { createContext } from 'svelte';
import { Habits } from '$lib/core/kit';
import { type Voice, voiceOf } from '$lib/words';

const [get, set] = createContext<() => Voice>();

/** Gives the knitter's words to all that is shown inside. */
export const provideVoice = set;

/** The knitter's words; the product's own where nobody gave any. */
export function useVoice(): () => Voice {
  try {
    return get();
  } catch {
    const own = voiceOf(Habits.parse({}));
    return () => own;
  }
}
