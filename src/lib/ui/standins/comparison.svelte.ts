import type { Kit } from '$lib/core/kit';
import type { Candidate, Question, Substitute } from '$lib/core/substitute';
import { inOrder } from '$lib/core/substitute';
import { findSubstitutes } from '$lib/workers/find-substitutes';
import type { PlannedYarn } from '$lib/workers/substitutes';
import { afterPaint } from '../frame/turn';

/** What is to be compared. */
export interface Wanted {
  readonly kit: Kit;
  readonly question: Question;
  readonly candidates: readonly Candidate[];
}

type Planned = PlannedYarn & { readonly ok: true };

/** Yarns planned in the place of one, as far as they are. What was asked before is gone as soon as something else is asked. */
export interface Comparison {
  /** The yarn that is there now; null while the question is planned. */
  readonly original: Substitute | null;
  /** Planned, the best first; then those that cannot be. */
  readonly answers: readonly PlannedYarn[];
  readonly planned: readonly Planned[];
  /** Not planned yet, in the order in which they will be. */
  readonly waiting: readonly Candidate[];
  readonly fault: string;
}

/**
 * Follows a question: plans it anew in a worker whenever it changes. To be called while a component is made.
 *
 * @param wanted what is asked; null while that is not known
 */
export function comparison(wanted: () => Wanted | null): Comparison {
  let original = $state.raw<Substitute | null>(null);
  let candidates = $state.raw<readonly Candidate[]>([]);
  let answers = $state.raw<readonly PlannedYarn[]>([]);
  let fault = $state('');
  $effect(() => {
    const asked = wanted();
    let stop = (): void => undefined;
    let gone = false;
    [original, candidates, answers, fault] = [null, [], [], ''];
    if (asked)
      void afterPaint().then(async () => {
        if (gone) return;
        const search = findSubstitutes(asked.kit, asked.question, asked.candidates, (told) => {
          if (gone) return;
          if (told.is === 'begun') [original, candidates] = [told.original, told.candidates];
          else answers = inOrder([...answers, ...told.yarns]);
        });
        stop = search.stop;
        const why = await search.done.catch((e: unknown) => (e instanceof Error ? e.message : String(e)));
        if (!gone) fault = why;
      });
    return () => {
      gone = true;
      stop();
    };
  });
  const planned = $derived(answers.filter((a): a is Planned => a.ok));
  // They are planned in their order.
  const waiting = $derived(candidates.slice(answers.length));
  return {
    get original() {
      return original;
    },
    get answers() {
      return answers;
    },
    get planned() {
      return planned;
    },
    get waiting() {
      return waiting;
    },
    get fault() {
      return fault;
    }
  };
}
