import type { Yarn } from './yarn';

/** One fibre of a mix. */
export interface FibrePart {
  readonly fibre: string;
  /** Percent; null where the label does not say. */
  readonly percent: number | null;
}

/**
 * Reads a fibre mix as labels write it: "75 % wool, 25 % polyamide" or "alpaca".
 *
 * @example readFibre('75% Wool / 25% Polyamide') // [{ fibre: 'wool', percent: 75 }, { fibre: 'polyamide', percent: 25 }]
 */
export function readFibre(text: string): FibrePart[] {
  return text
    .split(/(?<!\d),|,(?!\d)|[;/+]|\band\b/i)
    .map((part) => part.trim().toLowerCase())
    .filter(Boolean)
    .map((part) => {
      const percent = /(\d+(?:[.,]\d+)?)\s*%/.exec(part)?.[1];
      const fibre = part.replace(/\d+(?:[.,]\d+)?\s*%/, '').trim();
      return { fibre, percent: percent === undefined ? null : Number(percent.replace(',', '.')) };
    })
    .filter((part) => part.fibre !== '');
}

type Behaviour = Yarn['behaviour'];

/** What a fibre brings, each with the word that says why. Common practice (craft 3, 5, 6), no source. */
const BRINGS: readonly {
  readonly match: RegExp;
  readonly from: number;
  readonly brings: Partial<Behaviour>;
  readonly why: string;
}[] = [
  {
    match: /cotton|linen|hemp|bamboo|viscose/,
    from: 50,
    brings: { stretch: 'little', strength: 'strong', surface: 'smooth', wash: 'machine' },
    why: 'plant fibre hardly stretches and is strong'
  },
  {
    match: /wool|merino/,
    from: 40,
    brings: { stretch: 'some', strength: 'fair', surface: 'smooth', wash: 'hand' },
    why: 'wool gives and must be washed by hand unless the label says otherwise'
  },
  {
    match: /acrylic|polyester/,
    from: 50,
    brings: { stretch: 'some', strength: 'fair', surface: 'smooth', wash: 'machine' },
    why: 'man-made fibre is easy to wash'
  },
  {
    match: /alpaca/,
    from: 30,
    brings: { stretch: 'much', surface: 'fuzzy', wash: 'hand' },
    why: 'alpaca is airy, stretches and sheds a halo'
  },
  {
    match: /mohair|angora/,
    from: 15,
    brings: { stretch: 'much', surface: 'fuzzy', wash: 'hand' },
    why: 'long hairs cling to the hooks'
  },
  {
    match: /silk/,
    from: 50,
    brings: { stretch: 'little', strength: 'strong', surface: 'smooth', wash: 'hand' },
    why: 'silk is strong and smooth'
  },
  { match: /polyamide|nylon/, from: 15, brings: { strength: 'strong' }, why: 'polyamide makes the thread strong' },
  { match: /elastane|spandex/, from: 2, brings: { stretch: 'much' }, why: 'elastane stretches' },
  { match: /superwash/, from: 0, brings: { wash: 'machine' }, why: 'superwash stands the machine' },
  {
    match: /single[ -]?ply|roving|unspun/,
    from: 0,
    brings: { strength: 'weak', surface: 'clingy' },
    why: 'a single ply snaps as a drawstring'
  }
];

/** What a fibre mix lets expect, and why. Whatever the mix does not tell stays as in `usual`. */
export interface Proposal {
  readonly behaviour: Behaviour;
  readonly reasons: readonly string[];
}

/**
 * Proposes the behaviour of a yarn from its fibre mix; the owner may know better.
 *
 * @param text the mix as the label has it
 * @param usual what is taken where the mix says nothing
 * @example proposeBehaviour('100 % cotton', usual).behaviour.stretch // 'little'
 */
export function proposeBehaviour(text: string, usual: Behaviour): Proposal {
  const parts = readFibre(text);
  let behaviour = usual;
  const reasons: string[] = [];
  for (const { match, from, brings, why } of BRINGS) {
    const share = parts.filter((p) => match.test(p.fibre)).reduce((sum, p) => sum + (p.percent ?? 100), 0);
    if (share === 0 && !(from === 0 && match.test(text.toLowerCase()))) continue;
    if (share < from) continue;
    behaviour = { ...behaviour, ...brings };
    reasons.push(why);
  }
  return { behaviour, reasons };
}
