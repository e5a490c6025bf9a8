import type { Voice } from '../voice';
import type { WordEntry } from './entry';
import { WORDS } from './all';

/** A part of a sentence; one with an entry is a door to it. */
export interface Part {
  readonly text: string;
  readonly entry?: WordEntry;
}

const escaped = (form: string): string => form.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

interface Forms {
  readonly find: RegExp;
  readonly by: ReadonlyMap<string, WordEntry>;
}

/** Every form with its entry, the longest first: "edge stitch" before "stitch". */
function formsOf(v: Voice): Forms {
  const by = new Map(WORDS.flatMap((entry) => entry.forms(v).map((form) => [form, entry] as const)));
  const longest = [...by.keys()].sort((a, b) => b.length - a.length).map(escaped);
  return { find: new RegExp(`(?<![\\p{L}-])(?:${longest.join('|')})(?![\\p{L}-])`, 'giu'), by };
}
const formsBy = new Map<string, Forms>();
/** The forms of a knitter's own words, made once for each choice of them. */
function formsFor(v: Voice): Forms {
  const key = Object.values(v.terms).join(' ');
  const forms = formsBy.get(key) ?? formsOf(v);
  formsBy.set(key, forms);
  return forms;
}

/** Words that stand in nearly every sentence: a door to them in each would be in the way. */
const PLAIN = new Set(['pin', 'row', 'stitch', 'loop', 'ring', 'turn', 'tube']);

/** The word of a form as it stands: capitals are meant where the form has them, else they do not matter. */
const wordAt = (found: string, by: Forms['by']): WordEntry | undefined =>
  by.get(found) ?? by.get(found.toLocaleLowerCase('en'));

/**
 * A sentence in parts, with a door where a word of the craft stands in it for the first time.
 *
 * @param known words that have their door elsewhere; those found here are added
 * @example doorsIn('Close the gate.', v).map((part) => part.entry?.id) // [undefined, 'gate', undefined]
 */
export function doorsIn(sentence: string, v: Voice, known = new Set(PLAIN)): Part[] {
  const { find, by } = formsFor(v);
  const parts: Part[] = [];
  let at = 0;
  for (const match of sentence.matchAll(find)) {
    const entry = wordAt(match[0], by);
    if (!entry || known.has(entry.id)) continue;
    known.add(entry.id);
    if (match.index > at) parts.push({ text: sentence.slice(at, match.index) });
    parts.push({ text: match[0], entry });
    at = match.index + match[0].length;
  }
  if (at < sentence.length) parts.push({ text: sentence.slice(at) });
  return parts;
}

/**
 * Doors of a list that is read from top to bottom: each word has one, where it comes in first.
 *
 * @param said every sentence with the entry of the list it stands in; what is said again later has no doors there
 * @returns the parts of a sentence in an entry
 */
export function doorsOf(
  said: Iterable<readonly [entry: string, sentence: string]>,
  v: Voice
): (entry: string, sentence: string) => readonly Part[] {
  const known = new Set<string>();
  const doors = new Map<string, readonly Part[]>();
  for (const [entry, sentence] of said) {
    const key = `${entry}\n${sentence}`;
    if (!doors.has(key)) doors.set(key, doorsIn(sentence, v, known));
  }
  return (entry, sentence) => doors.get(`${entry}\n${sentence}`) ?? [{ text: sentence }];
}
