import type { Against, Substitute } from '$lib/core/substitute';
import { type Habits, yarnName } from '$lib/core/kit';
import { type Voice, voiceOf } from './voice';

const signed = (percent: number, more: string, less: string, v: Voice): string =>
  `${v.percent(Math.abs(percent))} ${percent > 0 ? more : less}`;

/** What speaks against a substitute. */
function sayAgainst(a: Against, v: Voice): string {
  switch (a.is) {
    case 'thin':
      return `too thin: tightness ${v.num(a.tightness, 1)}, below ${v.num(a.limit)} it is a net`;
    case 'thick':
      return `too thick: tightness ${v.num(a.tightness, 1)}, above ${v.num(a.limit)} the hooks struggle`;
    case 'head':
      return `${a.goesOn ? 'tight on the head' : 'will not go over the head'}: ${v.percent(a.percent)} of stretch`;
    case 'longer':
      return `${signed(a.percent, 'longer', 'shorter', v)}${a.fixed ? ` at the same ${v.terms.row}s` : ''}`;
    case 'wider':
      return `${signed(a.percent, 'wider', 'narrower', v)}${a.fixed ? `, and ${v.pins} cannot be added` : ''}`;
    case 'stop':
      return 'the plan would have to be changed for it';
    case 'surface':
      return a.surface === 'fuzzy' ? 'fuzzy: it hides stitches and clings' : 'clingy: it cranks hard';
    case 'colour-near':
      return a.same ? 'it is the yarn beside it already' : `hard to tell from ${a.name} beside it`;
    case 'by-hand':
      return 'must be washed by hand, the first one need not';
    case 'short':
      return `not enough at hand: ${v.mass(a.grams)} needed, ${v.mass(a.stock)} there`;
  }
}

const LEAD = { good: 'A good substitute', possible: 'It can be done', poor: 'Better not' } as const;

/** What speaks against it, and what changes for the same length. */
function saidOf(s: Substitute, v: Voice, stock = true): { reasons: string; change: string } {
  const rows = s.rowsMore;
  const more = rows > 0 ? 'more' : 'fewer';
  return {
    reasons: s.against
      .filter(({ is }) => stock || is !== 'short')
      .map((a) => sayAgainst(a, v))
      .join('; '),
    change: rows === 0 || s.isOriginal ? '' : `${v.rows(Math.abs(rows))} ${more}`
  };
}

/** How a yarn would do in place of another, in one sentence. */
export function standIn(s: Substitute, habits: Pick<Habits, 'units' | 'terms'>): string {
  const { reasons, change } = saidOf(s, voiceOf(habits));
  const lead = s.isOriginal ? 'In the plan now' : LEAD[s.verdict];
  return `${lead}${reasons ? `: ${reasons}` : ''}${change ? `; ${change}` : ''}.`;
}

/** The same for a place that shows verdict and stock already; nothing where it comes out the same. */
export function standInBut(s: Substitute, habits: Pick<Habits, 'units' | 'terms'>): string {
  const v = voiceOf(habits);
  const { reasons, change } = saidOf(s, v, false);
  const both = [reasons, change].filter(Boolean).join('; ');
  return both && `${v.sentence(both)}.`;
}

/** What its colour is beside the one it replaces. */
export const standInColour = (s: Pick<Substitute, 'colour'>): string =>
  ({ same: 'the same colour', near: 'nearly the same colour', other: 'another colour' })[s.colour];

/** What is at hand of a substitute against what it needs. @example standInStock(s, habits) // 'you have 180 g and need 51 g' */
export function standInStock(s: Substitute, habits: Pick<Habits, 'units' | 'terms'>): string {
  const v = voiceOf(habits);
  const { stockGrams } = s.yarn;
  if (stockGrams === null) return `it needs ${v.mass(s.grams.value)}; how much you have is not said`;
  const there = `you have ${v.mass(stockGrams)} and need ${v.mass(s.grams.value)}`;
  if (s.stock === 'enough') return there;
  return `${there}: ${v.many(s.missingBalls, 'ball', 'balls')} more`;
}

/** How the piece comes out in it, in a few words: "comes out the same". */
function comesOut(s: Substitute, v: Voice): string {
  const sizes = s.against.flatMap(
    (a) =>
    a.is === 'wider' ? [signed(a.percent, 'wider', 'narrower', v)] : a.is === 'longer' ? [signed(a.percent, 'longer', 'shorter', v)] : [] // prettier-ignore
  );
  return sizes.length ? `comes out ${v.list(sizes)}` : 'comes out the same';
}

/**
 * The answer in one sentence: the best substitute, how the piece comes out in it, and whether there is enough.
 *
 * @example standInAnswer(best, habits) // 'Reedwick, Tide comes out the same in another colour; you have 180 g and need 51 g.'
 */
export function standInAnswer(s: Substitute, habits: Pick<Habits, 'units' | 'terms'>): string {
  const v = voiceOf(habits);
  const name = `${yarnName(s.yarn)}${s.strands > 1 ? `, ${v.many(s.strands, 'strand', 'strands')}` : ''}`;
  const faults = s.against
    .filter(({ is }) => !['longer', 'wider', 'short'].includes(is))
    .map((a) => sayAgainst(a, v))
    .join('; ');
  const rows = s.rowsMore;
  const change = rows === 0 ? '' : ` with ${v.rows(Math.abs(rows))} ${rows > 0 ? 'more' : 'fewer'}`;
  const colour = s.colour === 'same' ? '' : ` in ${standInColour(s)}`;
  const best = s.verdict === 'poor' ? 'Nothing here does as well. Nearest: ' : '';
  return `${best}${name} ${comesOut(s, v)}${colour}${change}${faults ? `; ${faults}` : ''}; ${standInStock(s, habits)}.`;
}

/** What nobody can know of it before knitting. */
export const standInUnknown = (s: Pick<Substitute, 'unmeasuredOn'>, habits: Pick<Habits, 'units' | 'terms'>): string =>
  s.unmeasuredOn === null
    ? 'Hand and drape show only when it is knitted.'
    : `Not measured yet on ${s.unmeasuredOn}: knit 20 ${habits.terms.row}s, rest and measure them.`;
