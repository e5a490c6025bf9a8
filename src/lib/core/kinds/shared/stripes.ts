import { type JoinChoice, joinOption } from './hands';
import { choiceOption, countOption, Section, sectionsOption, switchOption, yarnOption } from '../../plan';

const GROUP = 'yarn';
const striped = { key: 'style', is: ['striped'] } as const;

/** One colour, equal stripes of two colours, or any list. */
export const colourOptions = {
  style: choiceOption({ group: GROUP, choices: ['plain', 'two', 'striped'] }),
  yarn: yarnOption({ group: GROUP, when: { key: 'style', is: ['plain', 'two'] } }),
  secondYarn: yarnOption({ group: GROUP, when: { key: 'style', is: ['two'] } }),
  stripeRows: countOption({ group: GROUP, min: 1, max: 60, start: 5, when: { key: 'style', is: ['two'] } }),
  sections: sectionsOption({ group: GROUP, when: striped }),
  repeat: switchOption({ group: GROUP, start: true, when: striped }),
  joinBy: joinOption
};

export interface ColourChoice {
  readonly style: 'plain' | 'two' | 'striped';
  readonly yarn: string;
  readonly secondYarn: string;
  readonly stripeRows: number;
  readonly sections: readonly Section[];
  readonly repeat: boolean;
  readonly joinBy: JoinChoice;
}

/** Lays a list of stripes over so many rows: repeated, or with its last colour going on to the end. */
export function layStripes(sections: readonly Section[], rows: number, repeat: boolean): Section[] {
  const laid: Section[] = [];
  let left = rows;
  for (let i = 0; left > 0; i++) {
    const over = i >= sections.length;
    const section = over && !repeat ? sections.at(-1)! : sections[i % sections.length]!;
    const count = over && !repeat ? left : Math.min(section.rows, left);
    const last = laid.at(-1);
    if (last?.yarn === section.yarn) laid[laid.length - 1] = { yarn: last.yarn, rows: last.rows + count };
    else laid.push({ yarn: section.yarn, rows: count });
    left -= count;
  }
  return laid;
}

/** The first yarn of a colour choice, which decides hole and gauge. */
export const firstYarn = (o: ColourChoice): string =>
  o.style === 'striped' ? (o.sections[0]?.yarn ?? o.yarn) : o.yarn;

/** Work sections of so many rows, named for the part they belong to. */
export function colourSections(o: ColourChoice, rows: number, label: string): (Section & { label: string })[] {
  const list: readonly Section[] =
    o.style === 'two'
      ? [
          { yarn: o.yarn, rows: o.stripeRows },
          { yarn: o.secondYarn, rows: o.stripeRows }
        ]
      : o.style === 'striped' && o.sections.length > 0
        ? o.sections
        : [{ yarn: o.yarn, rows }];
  const laid = layStripes(list, rows, o.style === 'striped' ? o.repeat : true);
  return laid.map(({ yarn, rows }, i) => ({ yarn, rows, label: laid.length === 1 ? label : `Stripe ${i + 1}` }));
}

/** A start for the colour options. */
export const startColours = (yarns: { main: string; second: string }) => ({
  yarn: yarns.main,
  secondYarn: yarns.second,
  sections: [
    { yarn: yarns.main, rows: 5 },
    { yarn: yarns.second, rows: 5 }
  ]
});
