import type { Entry, Step } from '$lib/core/read';
import type { Speech } from '..';
import { gathered } from './gathered';

/** The step an entry of the list begins with. */
export const firstOf = (entry: Entry): Step => ('step' in entry ? entry.step : entry.stretch.steps[0]!);

/** Ids of steps at the machine like one before them, in a piece before: on paper their picture stands once. */
export function picturedBefore(steps: readonly Step[]): ReadonlySet<string> {
  const said = new Set<string>();
  const again = new Set<string>();
  for (const { id, act, what } of steps) {
    if (act === null && said.has(what.say)) again.add(id);
    said.add(what.say);
  }
  return again;
}

/** The entry that says a thing first which is minded while rows go by: by the sentence, the id of its first step. */
export function firstSaid(entries: readonly Entry[], say: Speech): ReadonlyMap<string, string> {
  const first = new Map<string, string>();
  for (const entry of entries) {
    const cues = 'step' in entry ? entry.step.cues : entry.stretch.cues;
    for (const { sentence } of gathered(cues, say)) if (!first.has(sentence)) first.set(sentence, firstOf(entry).id);
  }
  return first;
}

/** The entry that gives a reason first: by the sentence, the id of its first step. */
export function firstReasons(entries: readonly Entry[], say: Speech): ReadonlyMap<string, string> {
  const first = new Map<string, string>();
  for (const entry of entries) {
    const { why } = 'step' in entry ? say.step(entry.step) : say.stretch(entry.stretch);
    if (why && !first.has(why)) first.set(why, firstOf(entry).id);
  }
  return first;
}
