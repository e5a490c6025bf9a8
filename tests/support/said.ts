import type { Piece, Plan } from '$lib/core/plan';
import type { Cue, Step } from '$lib/core/read';
import type { Result } from '$lib/core/tomble';
import { speak, type SaidStep } from '$lib/words';

/** A step with its words, and its cues with theirs. */
export type Told = Omit<Step, 'cues'> & SaidStep & { readonly cues: readonly (Cue & { readonly sentence: string })[] };

/** Every step of a result in words. */
export function told(result: Result): Told[] {
  const say = speak(result);
  return result.steps.map((step) => ({
    ...step,
    ...say.step(step),
    cues: step.cues.map((cue) => ({ ...cue, sentence: say.cue(cue) }))
  }));
}

/** A plan of pieces and nothing else. */
export const planOf = (...pieces: Piece[]): Plan => ({
  title: 'T',
  pieces,
  acts: [],
  promises: [],
  worn: null,
  wearer: 'thing',
  state: 'rested'
});
