import { proxy, releaseProxy, wrap } from 'comlink';
import type { Kit } from '$lib/core/kit';
import type { Candidate, Question } from '$lib/core/substitute';
import type { Told } from './substitutes';
import type { SubstitutesWork } from './substitutes.worker';

/**
 * Plans yarns in a worker of its own, so that the page stays alive.
 *
 * @param told answers as they come
 * @returns what came of it, empty where all went well, and how to end it: then nothing more is told
 */
export function findSubstitutes(
  kit: Kit,
  question: Question,
  candidates: readonly Candidate[],
  told: (what: Told) => void
): { readonly done: Promise<string>; readonly stop: () => void } {
  const worker = new Worker(new URL('./substitutes.worker.ts', import.meta.url), { type: 'module' });
  const remote = wrap<SubstitutesWork>(worker);
  let stopped = false;
  const stop = (): void => {
    if (stopped) return;
    stopped = true;
    remote[releaseProxy]();
    worker.terminate();
  };
  const failed = new Promise<never>((_, no) => (worker.onerror = () => no(new Error('The worker does not start.'))));
  const listen = proxy(async (what: Told) => {
    if (!stopped) told(what);
  });
  return { done: Promise.race([remote.plan(kit, question, candidates, listen), failed]).finally(stop), stop };
}
