import type { reachOver } from '../body';
import { ALIKE_COLOURS, NET_BELOW, STRUGGLE_ABOVE, type Yarn } from '../kit';

/** What speaks against a stand-in, or is to be known of it. Percent, grams. */
export type Against =
  | { readonly is: 'thin' | 'thick'; readonly tightness: number; readonly limit: number }
  | { readonly is: 'head'; readonly goesOn: boolean; readonly percent: number }
  | { readonly is: 'longer' | 'wider'; readonly percent: number; readonly fixed: boolean }
  /** Something that keeps the plan from being made, and was not there before. */
  | { readonly is: 'stop' }
  | { readonly is: 'surface'; readonly surface: 'fuzzy' | 'clingy' }
  | { readonly is: 'by-hand' }
  /** Its colour is hard to tell from another one of the same thing. */
  | { readonly is: 'colour-near'; readonly name: string; readonly same: boolean }
  | { readonly is: 'short'; readonly grams: number; readonly stock: number };

export interface Verdict {
  readonly verdict: 'good' | 'possible' | 'poor';
  readonly against: readonly Against[];
  /** Whether what is at hand of it is enough. */
  readonly stock: Stock;
  /** Whole balls of its label that are missing; 0 where there is enough or nobody knows. */
  readonly missingBalls: number;
  /** What its colour is to the eye beside the one it replaces. */
  readonly colour: 'same' | 'near' | 'other';
  /** Smaller is better; for the order of the table. */
  readonly score: number;
}

/** Whether there is enough of a yarn. */
type Stock = 'enough' | 'unknown' | 'short';

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
  /** A tube has the stitches of its ring; a panel has as many as it is given. */
  readonly tube: boolean;
  readonly keep: 'size' | 'counts';
  /** What keeps the plan from being made, that was not there before. */
  readonly stops: number;
  /** How far its colour is from the original's (CIEDE2000). */
  readonly colourOff: number;
  /** The other yarn of the work whose colour is nearest, where it is nearer than the original's was; else null. */
  readonly neighbour: { readonly id: string; readonly name: string; readonly apart: number } | null;
}

/** A change of size that nobody would call another size (own estimate, no source). */
const SAME_SIZE_PERCENT = 4;

/** Tightness and stretch (percent) that nobody would call a worse fault than the one that is there (own estimate, no source). */
const AS_BAD = { tightness: 0.5, percent: 3 } as const;

/** Whether the plan has this fault already, with the yarn it has now, as badly: then it speaks against no other yarn. */
function isThere(against: Against, first: readonly Against[]): boolean {
  return first.some((now) => {
    if (against.is === 'head' && now.is === 'head')
      return (against.goesOn || !now.goesOn) && against.percent <= now.percent + AS_BAD.percent;
    if (against.is === 'thin' && now.is === 'thin') return against.tightness >= now.tightness - AS_BAD.tightness;
    if (against.is === 'thick' && now.is === 'thick') return against.tightness <= now.tightness + AS_BAD.tightness;
    return against.is === 'surface' && now.is === 'surface' && against.surface === now.surface;
  });
}

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
  if (Math.abs(s.lengthOff) > SAME_SIZE_PERCENT)
    list.push(['said', { is: 'longer', percent: s.lengthOff, fixed: s.keep === 'counts' }]);
  if (Math.abs(s.widthOff) > SAME_SIZE_PERCENT)
    list.push(['minor', { is: 'wider', percent: s.widthOff, fixed: s.tube }]);
  if (s.stops > 0) list.push(['poor', { is: 'stop' }]);
  const { surface, wash } = s.yarn.behaviour;
  if (surface !== 'smooth') list.push(['minor', { is: 'surface', surface }]);
  if (first?.yarn.behaviour.wash === 'machine' && wash === 'hand') list.push(['said', { is: 'by-hand' }]);
  if (s.neighbour && s.neighbour.apart < ALIKE_COLOURS) list.push(['minor', { is: 'colour-near', name: s.neighbour.name, same: s.neighbour.id === s.yarn.id }]); // prettier-ignore
  const stock = s.yarn.stockGrams;
  if (stock !== null && s.grams.value > stock) list.push(['minor', { is: 'short', grams: s.grams.value, stock }]);
  return list;
}

/** What a whole verdict, then what is at hand, counts in the order; size, thickness and colour decide between equals. */
const RANK = {
  verdict: { poor: 2000, possible: 1000, good: 0 },
  stock: { short: 200, unknown: 100, enough: 0 },
  most: 99
} as const;

/** Colours nearer than this are the same to the eye (CIEDE2000; own estimate, no source). */
const SAME_COLOUR = 3;

const colourOf = (off: number): Verdict['colour'] =>
  off < SAME_COLOUR ? 'same' : off < ALIKE_COLOURS ? 'near' : 'other';

function stockOf(s: Judged): Stock {
  const { stockGrams } = s.yarn;
  return stockGrams === null ? 'unknown' : stockGrams < s.grams.value ? 'short' : 'enough';
}

/**
 * Whether one yarn does in place of another, and what speaks against it. A fault the plan has already speaks against no
 * other yarn.
 *
 * @param first the yarn that is there now; null for that yarn itself
 */
export function verdictOf(s: Judged, first: (Judged & Pick<Verdict, 'against'>) | null): Verdict {
  const list = found(s, first).filter(([, against]) => !first || !isThere(against, first.against));
  const has = (weight: Weight): boolean => list.some(([w]) => w === weight);
  const verdict = has('poor') ? 'poor' : has('minor') ? 'possible' : 'good';
  const stock = stockOf(s);
  const off =
    Math.abs(s.lengthOff) / 10 +
    Math.abs(s.widthOff) / 5 +
    Math.abs(s.tightness - (first?.tightness ?? s.tightness)) +
    s.colourOff / 10;
  return {
    verdict,
    against: list.map(([, against]) => against),
    stock,
    missingBalls: stock === 'short' ? Math.ceil((s.grams.value - s.yarn.stockGrams!) / s.yarn.label.grams) : 0,
    colour: colourOf(s.colourOff),
    score: RANK.verdict[verdict] + RANK.stock[stock] + Math.min(off, RANK.most)
  };
}
