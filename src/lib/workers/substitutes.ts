import type { Kit } from '$lib/core/kit';
import { wordFault } from '$lib/core/quantity';
import { type Answer, ask, type Candidate, newStops, type Question, type Substitute } from '$lib/core/substitute';
import { speak } from '$lib/words';

/** A yarn that was planned: how it would do and what would stop the plan, or why there is none. */
export type PlannedYarn = { readonly yarnId: string; readonly strands: number } & (
  | { readonly ok: true; readonly is: Substitute; readonly stops: readonly string[] }
  | { readonly ok: false; readonly why: string }
);

/** Told while yarns are planned: first the yarn that is there now and what will be planned, then answers as they come. */
export type Told =
  | { readonly is: 'begun'; readonly original: Substitute; readonly candidates: readonly Candidate[] }
  | { readonly is: 'planned'; readonly yarns: readonly PlannedYarn[] };

/** Yarns that are answered at once: those a page shows, and as many again each time. */
export const AT_ONCE = 20;

const plannedYarn = (kit: Kit, before: Parameters<typeof newStops>[0], answer: Answer): PlannedYarn => {
  const { yarn, strands } = answer;
  const of = { yarnId: yarn.id, strands };
  if (!answer.ok) return { ...of, ok: false, why: answer.faults.map(wordFault).join(' ') };
  const stops = newStops(before, answer.then).map((f) => speak(answer.then).finding(f));
  return { ...of, ok: true, is: answer.is, stops };
};

/**
 * Plans yarns in the place of one, some at a time, in the order they are given.
 *
 * @param told answers as they come
 * @returns why the question itself cannot be planned; empty where it can
 * @throws RangeError as `ask` does
 */
export function planSubstitutes(
  kit: Kit,
  question: Question,
  given: readonly Candidate[],
  told: (what: Told) => void
): string {
  const asked = ask(kit, question);
  if (!asked.ok) return asked.faults.map(wordFault).join(' ');
  const { now, original, compare, withStrands } = asked.value;
  const candidates = withStrands(given);
  told({ is: 'begun', original, candidates });
  for (let i = 0; i < candidates.length; i += AT_ONCE) {
    const yarns = candidates.slice(i, i + AT_ONCE).map((c) => plannedYarn(kit, now, compare(c)));
    told({ is: 'planned', yarns });
  }
  return '';
}
