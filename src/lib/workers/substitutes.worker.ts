import { expose } from 'comlink';
import type { Kit } from '$lib/core/kit';
import type { Candidate, Question } from '$lib/core/substitute';
import { planSubstitutes, type Told } from './substitutes';

/** What this worker does: it plans yarns in the place of one, and tells each as it comes. */
const work = {
  plan: async (
    kit: Kit,
    question: Question,
    candidates: readonly Candidate[],
    told: (what: Told) => Promise<void>
  ): Promise<string> => {
    // They go another way than the answer of this call: it waits until each has arrived.
    const sent: Promise<void>[] = [];
    const why = planSubstitutes(kit, question, candidates, (what) => sent.push(told(what)));
    await Promise.all(sent);
    return why;
  }
};
export type SubstitutesWork = typeof work;

expose(work);
