import { finder, type Section } from '../plan';
import type { Judge } from './readings';
import { options as change } from './remedies';

/** Facts of stripes that the tube has no rows for. */
export interface StripesCutFacts {
  'stripes-cut': { listed: number; rows: number; left: number };
}
const find = finder<StripesCutFacts>();

/** A list of stripes longer than the tube loses its end. */
export const stripesCut: Judge = {
  code: 'stripes-cut',
  watches: 'a list of stripes longer than the tube',
  find: (r) => {
    const { options } = r.brief;
    const sections =
      options['style'] === 'striped' && r.brief.colours.length === 0 ? ((options['sections'] ?? []) as Section[]) : [];
    const rows = r.sizes.pieces[0]?.rows;
    const listed = sections.reduce((sum, s) => sum + s.rows, 0);
    if (rows === undefined || listed <= rows) return [];
    return [
      find(
        'stripes-cut',
        'warn',
        { option: 'sections' },
        { listed, rows, left: listed - rows },
        'rows' in options && 'sizeBy' in options
          ? change({ code: 'rows', rows: listed, all: true }, { sizeBy: 'rows', rows: listed })
          : undefined
      )
    ];
  }
};
