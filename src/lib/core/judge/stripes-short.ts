import { finder, type Section } from '../plan';
import type { Judge } from './readings';
import { options as change } from './remedies';

/** Facts of a list of stripes that ends before the tube: its last colour goes on. */
export interface StripesShortFacts {
  'stripes-short': { listed: number; rows: number; yarn: string; last: number };
}
const find = finder<StripesShortFacts>();

/** A list that is not repeated keeps its rows; what the last colour does beyond them is said. */
export const stripesShort: Judge = {
  code: 'stripes-short',
  watches: 'a list of stripes that ends before the tube does',
  find: (r) => {
    const { options } = r.brief;
    const sections = options['style'] === 'striped' ? ((options['sections'] ?? []) as Section[]) : [];
    const rows = r.sizes.pieces[0]?.rows;
    const last = sections.at(-1);
    const listed = sections.reduce((sum, s) => sum + s.rows, 0);
    if (rows === undefined || !last || options['repeat'] !== false || listed >= rows) return [];
    return [
      find(
        'stripes-short',
        'note',
        { option: 'sections' },
        { listed, rows, yarn: last.yarn, last: last.rows + rows - listed },
        'rows' in options && 'sizeBy' in options
          ? change({ code: 'rows', rows: listed, all: true }, { sizeBy: 'rows', rows: listed })
          : undefined,
        change({ code: 'repeatStripes' }, { repeat: true })
      )
    ];
  }
};
