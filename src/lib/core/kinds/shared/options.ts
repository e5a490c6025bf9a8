import { choiceOption, type Condition, countOption } from '../../plan';

/** Groups of a form that most kinds have. */
export const WHO = 'Who and how big';
export const WHAT = 'What and how big';
export const ENDS = 'Ends and finishing';

const PEOPLE = { adult: 'Adult', child: 'Child', baby: 'Baby' } as const;

/** Whom it is for: the first is the start. Cautions follow from it. @example wearerOption('adult', 'child') */
export const wearerOption = <V extends keyof typeof PEOPLE>(...who: readonly V[]) =>
  choiceOption<V>({ title: 'For', group: WHO, choices: who.map((value) => ({ value, label: PEOPLE[value] })) });

/**
 * What decides the rows: the first is the start.
 *
 * @param choices labels by value
 * @example sizeByOption(WHO, { head: 'The head', rows: 'A row count' })
 */
export const sizeByOption = <V extends string>(
  group: string,
  choices: Readonly<Record<V, string>>,
  title = 'Rows decided by'
) =>
  choiceOption<V>({
    title,
    group,
    choices: (Object.entries(choices) as [V, string][]).map(([value, label]) => ({ value, label }))
  });

/** A count that is asked only where the knitter counts the rows. */
export const countedOption = (o: {
  title: string;
  group: string;
  help?: string;
  min: number;
  max: number;
  start: number;
  and?: Condition;
}) => countOption({ title: o.title, group: o.group, ...(o.help ? { help: o.help } : {}), min: o.min, max: o.max, start: o.start, when: { key: 'sizeBy', is: ['rows'], ...(o.and ? { and: o.and } : {}) } }); // prettier-ignore

/** Whether a flat piece goes by its measures or by stitches and rows, for those who have their own counts. */
export const flatSizeOption = sizeByOption(
  WHAT,
  { measures: 'Measures', rows: 'Stitches and rows' },
  'Size decided by'
);

/** A length that is asked only where the measures decide. */
export const measuredOnly = { key: 'sizeBy', is: ['measures'] } as const;

/** Chains to 10 cm of a usual hook and medium yarn (common practice, no source). */
export const CHAINS_TO_10 = 15;

/** How tightly the knitter chains: hooks and hands differ. */
export const chainGauge = countOption({
  title: 'Chains to 10 cm',
  group: ENDS,
  help: 'Your hook and yarn: chain 10 cm and count.',
  min: 5,
  max: 60,
  start: CHAINS_TO_10
});
