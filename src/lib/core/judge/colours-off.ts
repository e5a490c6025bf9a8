import { fitTo, offBy, sectionsOf } from '../colour';
import { finder, type Finding, rowsIn } from '../plan';
import type { Judge } from './readings';

/** Facts of colours that were set for another number of rows: how many are missing, or too many. */
export interface ColoursOffFacts {
  'colours-short': { piece: number; rows: number; yarn: string };
  'colours-long': { piece: number; rows: number };
}
const find = finder<ColoursOffFacts>();

/** Colours stay as they were set; where the plan has other rows now, that is said, and fitted with a click. */
export const coloursOff: Judge = {
  code: 'colours-off',
  watches: 'colours set for another number of rows than the piece has now',
  find: (r) =>
    r.brief.colours.flatMap(({ piece, sections }): Finding[] => {
      const planned = r.plan.pieces[piece];
      if (!planned) return [];
      const off = offBy(planned, sections);
      if (off === 0) return [];
      const total = rowsIn(sectionsOf(planned));
      const colours = r.brief.colours.map((c) => (c.piece === piece ? { piece, sections: fitTo(sections, total) } : c));
      const fix = { remedy: { code: 'fitColours', rows: total }, change: { colours } } as const;
      return off < 0
        ? [find('colours-short', 'warn', { piece }, { piece, rows: -off, yarn: sectionsOf(planned).at(-1)!.yarn }, fix)]
        : [find('colours-long', 'warn', { piece }, { piece, rows: off }, fix)];
    })
};
