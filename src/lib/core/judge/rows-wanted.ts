import { kindOf } from '../kinds';
import { finder, optionFields } from '../plan';
import { hatOf } from '../read';
import type { Judge } from './readings';
import { options } from './remedies';

/** Facts of rows that do not make the size. */
export interface RowsWantedFacts {
  'rows-few': { rows: number; wanted: number };
  'rows-many': { rows: number; wanted: number };
}
const find = finder<RowsWantedFacts>();

/** A piece this much shorter or longer than asked is another size (own estimate, no source). */
const SHORT = 0.93;
const LONG = 1.12;

/** Rows counted by hand that do not make the size the measures ask for. Hats have a judge of their own. */
export const rowsWanted: Judge = {
  code: 'rows-wanted',
  watches: 'a row count that misses the measures',
  find: (r) => {
    const { worn } = r.plan;
    const { wanted } = r.notes;
    const [piece] = r.sizes.pieces;
    if (!wanted || !piece || hatOf(r.plan) || worn?.form === 'brim-hat' || worn?.form === 'folded-bag') return [];
    const share = piece.rows / wanted.rows;
    if (share >= SHORT && share <= LONG) return [];
    const kind = kindOf(r.brief.kind);
    const by = kind && optionFields(kind.options).find(({ key }) => key === 'sizeBy');
    const first = by?.meta.choices?.[0];
    return [
      find(
        share < SHORT ? 'rows-few' : 'rows-many',
        'warn',
        { ...('rows' in r.brief.options ? { option: 'rows' } : {}), piece: 0 },
        { rows: piece.rows, wanted: wanted.rows },
        first && r.brief.options['sizeBy'] !== first
          ? options({ code: 'decide', by: 'measures', rows: wanted.rows }, { sizeBy: first })
          : undefined
      )
    ];
  }
};
