import { choiceOption, type Condition, countOption, type OptionGroup } from '../../plan';

/** Groups of a form that most kinds have. */
export const WHO = 'who';
export const WHAT = 'what';
export const ENDS = 'ends';

/** Whom it is for: the first is the start. Cautions follow from it. @example wearerOption('adult', 'child') */
export const wearerOption = <const V extends 'adult' | 'child' | 'baby'>(...who: readonly V[]) =>
  choiceOption<V>({ group: WHO, choices: who });

/**
 * What decides the rows or the size: the first is the start.
 *
 * @example sizeByOption(WHO, 'head', 'rows')
 */
export const sizeByOption = <const V extends string>(group: OptionGroup, ...by: readonly V[]) =>
  choiceOption<V>({ group, choices: by });

/** A count that is asked only where the knitter counts the rows. */
export const countedOption = ({
  and,
  ...o
}: {
  group: OptionGroup;
  min: number;
  max: number;
  start: number;
  counts?: 'rows' | 'stitches';
  and?: Condition;
}) =>
  // prettier-ignore
  countOption({ ...o, when: { key: 'sizeBy', is: ['rows'], ...(and ? { and } : {}) } });

/** Whether a flat piece goes by its measures or by stitches and rows, for those who have their own counts. */
export const flatSizeOption = sizeByOption(WHAT, 'measures', 'rows');

/** A length that is asked only where the measures decide. */
export const measuredOnly = { key: 'sizeBy', is: ['measures'] } as const;

/** Chains to 10 cm of a usual hook and medium yarn (common practice, no source). */
export const CHAINS_TO_10 = 15;

/** How tightly the knitter chains: hooks and hands differ. */
export const chainGauge = countOption({
  group: ENDS,
  min: 5,
  max: 60,
  start: CHAINS_TO_10
});
