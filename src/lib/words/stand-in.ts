import type { Against, Substitute } from '$lib/core/convert';
import type { Habits } from '$lib/core/kit';
import { type Voice, voiceOf } from './voice';

const signed = (percent: number, more: string, less: string, v: Voice): string =>
  `${v.percent(Math.abs(percent))} ${percent > 0 ? more : less}`;

/** What speaks against a stand-in. */
function sayAgainst(a: Against, v: Voice): string {
  switch (a.is) {
    case 'thin':
      return `too thin: tightness ${v.num(a.tightness, 1)}, below ${v.num(a.limit)} it is a net`;
    case 'thick':
      return `too thick: tightness ${v.num(a.tightness, 1)}, above ${v.num(a.limit)} the hooks struggle`;
    case 'head':
      return `${a.goesOn ? 'tight on the head' : 'will not go over the head'}: ${v.percent(a.percent)} of stretch`;
    case 'longer':
      return `${signed(a.percent, 'longer', 'shorter', v)} at the same ${v.terms.row}s`;
    case 'wider':
      return `${signed(a.percent, 'wider', 'narrower', v)}, and ${v.pins} cannot be added`;
    case 'surface':
      return a.surface === 'fuzzy' ? 'fuzzy: it hides stitches and clings' : 'clingy: it cranks hard';
    case 'by-hand':
      return 'must be washed by hand, the first one need not';
    case 'short':
      return `not enough at hand: ${v.mass(a.grams)} needed, ${v.mass(a.stock)} there`;
  }
}

const LEAD = { good: 'A good stand-in', possible: 'It can be done', poor: 'Better not' } as const;

/** How a yarn would do in place of another, in one sentence. */
export function standIn(s: Substitute, habits: Pick<Habits, 'units' | 'terms'>): string {
  const v = voiceOf(habits);
  const reasons = s.against.map((a) => sayAgainst(a, v)).join('; ');
  if (s.isOriginal) return `What the plan has now${reasons ? `: ${reasons}` : ''}.`;
  const rows = s.rowsMore;
  const change =
    rows === 0 ? '' : `; knit ${v.rows(Math.abs(rows))} ${rows > 0 ? 'more' : 'fewer'} for the same length`;
  return `${LEAD[s.verdict]}${reasons ? `: ${reasons}` : ''}${change}.`;
}

/** What nobody can know of it before knitting. */
export const standInUnknown = (s: Pick<Substitute, 'unmeasuredOn'>, habits: Pick<Habits, 'units' | 'terms'>): string =>
  s.unmeasuredOn === null
    ? 'Hand and drape show only when it is knitted.'
    : `Not measured yet on ${s.unmeasuredOn}: knit 20 ${habits.terms.row}s, rest and measure them.`;
