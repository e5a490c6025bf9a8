import type { Act } from '$lib/core/plan';
import type { MomentFacts } from '$lib/core/read';
import type { Voice } from '../voice';

/** What is drawn beside a word: something of a plan of that kind, by the product's own drawings. */
export type WordPicture =
  | { readonly of: 'ring' }
  | { readonly of: 'tube' | 'finished' | 'cut'; readonly kind: string }
  | { readonly of: 'moment'; readonly kind: string; readonly code: keyof MomentFacts }
  | { readonly of: 'act'; readonly kind: string; readonly do: Act['do']; readonly how?: string };

/** A word of the craft. */
export interface WordEntry {
  readonly id: string;
  /** As a heading. */
  readonly term: (v: Voice) => string;
  /** How it stands in a sentence, each form by itself, in small letters; capitals are meant where they stand. */
  readonly forms: (v: Voice) => readonly string[];
  /** What it is, in a sentence or two. */
  readonly says: (v: Voice) => string;
  readonly picture: WordPicture;
  /** The kinds in whose plans it comes in, one of them to look at. */
  readonly seenIn: string;
}

/** The same word whatever words the knitter chose. */
export const word = (
  id: string,
  term: string,
  forms: readonly string[],
  says: string | ((v: Voice) => string),
  picture: WordPicture,
  seenIn = 'kind' in picture ? picture.kind : 'lined-hat'
): WordEntry => ({
  id,
  term: () => term,
  forms: () => forms,
  says: typeof says === 'string' ? () => says : says,
  picture,
  seenIn
});
