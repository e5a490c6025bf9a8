import { expose } from 'comlink';
import type { Kit } from '$lib/core/kit';
import type { Candidate, Question } from '$lib/core/substitute';
import { planSubstitutes, type Told } from './substitutes';

/** What this worker does: it plans yarns in the place of one, and tells each as it comes. */
const work = {
  plan: (kit: Kit, question: Question, candidates: readonly Candidate[], told: (what: Told) => void): string =>
    planSubstitutes(kit, question, candidates, (what) => void told(what))
};
export type SubstitutesWork = typeof work;

expose(work);
