import { kindOf } from '../kinds';
import { optionFields } from '../plan';
import { hatOf } from '../read';
import type { Judge } from './readings';

/** A piece this much shorter or longer than asked is another size (own estimate, no source). */
const SHORT = 0.93;
const LONG = 1.12;

/** Rows counted by hand that do not make the size the measures ask for. Hats folded into themselves have a judge of their own. */
export const rowsWanted: Judge = {
  code: 'rows-wanted',
  watches: 'a row count that misses the measures',
  find: (r) => {
    const { worn } = r.plan;
    const { wanted } = r.notes;
    const [piece] = r.sizes.pieces;
    if (!wanted || !piece || hatOf(r.plan) || worn?.form === 'folded-bag') return [];
    const share = piece.rows / wanted.rows;
    if (share >= SHORT && share <= LONG) return [];
    const kind = kindOf(r.brief.kind);
    const by = kind && optionFields(kind.options).find(({ key }) => key === 'sizeBy');
    const first = by?.meta.choices?.[0]?.value;
    return [
      {
        code: share < SHORT ? 'rows-few' : 'rows-many',
        weight: 'warn',
        place: { ...('rows' in r.brief.options ? { option: 'rows' } : {}), piece: 0 },
        sentence: `${share < SHORT ? 'Too short' : 'Too long'}: ${piece.rows} rows where the measures ask for ${wanted.rows}.`,
        ...(first && r.brief.options['sizeBy'] !== first
          ? { fix: { label: `Let the measures decide: ${wanted.rows} rows`, change: { options: { sizeBy: first } } } }
          : {})
      }
    ];
  }
};
