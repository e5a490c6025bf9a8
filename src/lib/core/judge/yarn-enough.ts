import { colourDifference, heldTex, type Yarn } from '../kit';
import { remembered } from '../quantity';
import { finder, type Finding, type Fix } from '../plan';
import { yarnOption } from './options';
import type { Judge, Readings } from './readings';
import { options } from './remedies';

interface Short {
  readonly yarn: string;
  readonly grams: number;
  readonly upTo: number;
  readonly stock: number;
  readonly missingM: number;
}

/** Facts of yarn that does not reach, in grams and metres. */
export interface YarnEnoughFacts {
  'yarn-short': Short;
  'yarn-scarce': Short;
}
const find = finder<YarnEnoughFacts>();

/** Yarns within this share of the same tex knit alike enough to stand in (own estimate, no source). */
const ALIKE_TEX = 0.15;

/** So many yarns are tried in its place. */
const TRIED = 3;

/** Yarns of a stash as thick as one, the nearest in colour first. */
const alike = remembered((yarns: readonly Yarn[], yarn: Yarn): readonly Yarn[] =>
  yarns
    .filter((y) => Math.abs(heldTex(y) / heldTex(yarn) - 1) <= ALIKE_TEX)
    .map((y) => ({ y, apart: colourDifference(y.colour.hex, yarn.colour.hex) }))
    .sort((a, b) => a.apart - b.apart)
    .map(({ y }) => y)
);

/** The yarns at hand nearest in colour that are thick enough alike and of which there is enough. */
function standIns(r: Readings, index: number, grams: number): Fix[] {
  const yarn = r.yarns[index]!;
  const option = yarnOption(r, yarn.id);
  if (!option) return [];
  const found: Yarn[] = [];
  // No further than it must: a stash may hold thousands.
  for (const y of alike(r.kit.yarns, yarn)) {
    if (y.stockGrams !== null && y.stockGrams >= grams && !r.fabric.yarns.includes(y.id)) found.push(y);
    if (found.length === TRIED) break;
  }
  return found.map((y) => options({ code: 'yarn', yarn: y.id, grams: y.stockGrams }, { [option]: y.id }));
}

/** There may not be enough of a yarn at hand. */
export const yarnEnough: Judge = {
  code: 'yarn-enough',
  watches: 'less yarn at hand than the plan takes',
  find: (r) =>
    r.yarnUse.flatMap((use, i): Finding[] => {
      if (use.stockGrams === null || use.grams.high <= use.stockGrams) return [];
      const short = use.grams.value > use.stockGrams;
      const option = yarnOption(r, use.yarnId);
      return [
        find(
          short ? 'yarn-short' : 'yarn-scarce',
          short ? 'stop' : 'warn',
          option ? { option } : {},
          {
            yarn: use.yarnId,
            grams: use.grams.value,
            upTo: use.grams.high,
            stock: use.stockGrams,
            missingM: Math.max(0, ((use.grams.value - use.stockGrams) / use.grams.value) * use.metres.value)
          },
          ...standIns(r, i, use.grams.high)
        )
      ];
    })
};
