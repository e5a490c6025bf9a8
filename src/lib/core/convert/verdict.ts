import type { reachOver } from '../body';
import { NET_BELOW, STRUGGLE_ABOVE, type Yarn } from '../kit';

/** What speaks against a stand-in, or is to be known of it. Percent, grams. */
export type Against =
  | { readonly is: 'thin' | 'thick'; readonly tightness: number; readonly limit: number }
  | { readonly is: 'head'; readonly goesOn: boolean; readonly percent: number }
  | { readonly is: 'longer' | 'wider'; readonly percent: number }
  | { readonly is: 'surface'; readonly surface: 'fuzzy' | 'clingy' }
  | { readonly is: 'by-hand' }
  | { readonly is: 'short'; readonly grams: number; readonly stock: number };

export interface Verdict {
  readonly verdict: 'good' | 'possible' | 'poor';
  readonly against: readonly Against[];
  /** Smaller is better; for the order of the table. */
  readonly score: number;
}

/** What of a stand-in is judged. */
export interface Judged {
  readonly yarn: Yarn;
  readonly tightness: number;
  /** Stretch on the head of the project, in percent; null without a head. */
  readonly stretch: number | null;
  /** How far it is drawn over the head; null for anything else. */
  readonly reach: ReturnType<typeof reachOver> | null;
  /** Length and width against the original at the same counts, in percent. */
  readonly lengthOff: number;
  readonly widthOff: number;
  readonly grams: { readonly value: number };
}

/** A change of size that nobody would call another size (own estimate, no source). */
const SAME_SIZE_PERCENT = 4;

/** What weighs on a verdict: it would not work, it has a drawback, it is only said. */
type Weight = 'poor' | 'minor' | 'said';

function found(s: Judged, first: Judged | null): (readonly [Weight, Against])[] {
  const list: (readonly [Weight, Against])[] = [];
  if (s.tightness < NET_BELOW) list.push(['poor', { is: 'thin', tightness: s.tightness, limit: NET_BELOW }]);
  else if (s.tightness > STRUGGLE_ABOVE) list.push(['poor', { is: 'thick', tightness: s.tightness, limit: STRUGGLE_ABOVE }]); // prettier-ignore
  if (s.stretch !== null && s.reach !== null && s.reach !== 'snug') {
    const goesOn = s.reach !== 'never';
    list.push([goesOn ? 'minor' : 'poor', { is: 'head', goesOn, percent: s.stretch }]);
  }
  if (Math.abs(s.lengthOff) > SAME_SIZE_PERCENT) list.push(['said', { is: 'longer', percent: s.lengthOff }]);
  if (Math.abs(s.widthOff) > SAME_SIZE_PERCENT) list.push(['minor', { is: 'wider', percent: s.widthOff }]);
  const { surface, wash } = s.yarn.behaviour;
  if (surface !== 'smooth') list.push(['minor', { is: 'surface', surface }]);
  if (first?.yarn.behaviour.wash === 'machine' && wash === 'hand') list.push(['said', { is: 'by-hand' }]);
  const stock = s.yarn.stockGrams;
  if (stock !== null && s.grams.value > stock) list.push(['minor', { is: 'short', grams: s.grams.value, stock }]);
  return list;
}

/** Whether one yarn does in place of another, and what speaks against it. */
export function verdictOf(s: Judged, first: Judged | null): Verdict {
  const list = found(s, first);
  const has = (weight: Weight): boolean => list.some(([w]) => w === weight);
  const verdict = has('poor') ? 'poor' : has('minor') ? 'possible' : 'good';
  const off =
    Math.abs(s.lengthOff) / 10 + Math.abs(s.widthOff) / 5 + Math.abs(s.tightness - (first?.tightness ?? s.tightness));
  return {
    verdict,
    against: list.map(([, against]) => against),
    score: off + { poor: 100, possible: 10, good: 0 }[verdict]
  };
}
