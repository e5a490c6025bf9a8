import { group } from 'd3-array';
import type { YarnUse } from '../read';
import type { Yarn } from '../kit';

/** What several plans need of one yarn, what is there, and what is bought. */
export interface ShoppingLine {
  readonly yarnId: string;
  readonly metres: number;
  readonly grams: number;
  /** What is kept besides, because a gauge is never quite sure: up to the upper end of the range. */
  readonly reserveGrams: number;
  /** Null where nobody knows what is there. */
  readonly stockGrams: number | null;
  /** Grams that are missing, reserve included; 0 where enough is there. */
  readonly missingGrams: number;
  /** Whole balls to buy. */
  readonly balls: number;
  /** Plans that take it. */
  readonly plans: number;
}

/**
 * A shopping list over several plans.
 *
 * @param uses what each plan uses
 * @param yarns the stash
 * @returns one line for each yarn, those that must be bought first
 * @example shoppingList([hat.yarnUse, mitts.yarnUse], kit.yarns)[0].balls // 2
 */
export function shoppingList(uses: readonly (readonly YarnUse[])[], yarns: readonly Yarn[]): ShoppingLine[] {
  const byYarn = group(uses.flat(), (use) => use.yarnId);
  const lines = yarns.flatMap((yarn): ShoppingLine[] => {
    const own = byYarn.get(yarn.id);
    if (!own) return [];
    const add = (of: (use: YarnUse) => number): number => own.reduce((total, use) => total + of(use), 0);
    const grams = add((use) => use.grams.value);
    const high = add((use) => use.grams.high);
    const missingGrams = Math.max(0, high - (yarn.stockGrams ?? 0));
    return [
      {
        yarnId: yarn.id,
        metres: add((use) => use.metres.value),
        grams,
        reserveGrams: high - grams,
        stockGrams: yarn.stockGrams,
        missingGrams,
        balls: Math.max(0, Math.ceil(missingGrams / yarn.label.grams - 1e-9)),
        plans: own.length
      }
    ];
  });
  return lines.sort((a, b) => b.missingGrams - a.missingGrams);
}
