import type { Section } from '../plan';
import type { Judge } from './readings';

/** A list of stripes longer than the tube loses its end. */
export const stripesCut: Judge = {
  code: 'stripes-cut',
  watches: 'a list of stripes longer than the tube',
  find: (r) => {
    const { options } = r.brief;
    const sections = options['style'] === 'striped' ? ((options['sections'] ?? []) as Section[]) : [];
    if (sections.length === 0 || !r.sizes.pieces[0]) return [];
    const listed = sections.reduce((sum, s) => sum + s.rows, 0);
    const rows = r.sizes.pieces[0]!.rows;
    if (listed <= rows) return [];
    return [
      {
        code: 'stripes-cut',
        weight: 'warn',
        place: { option: 'sections' },
        sentence: `The stripes add up to ${listed} rows, the tube has ${rows}: the last ${listed - rows} are left out.`,
        ...(!('rows' in options && 'sizeBy' in options)
          ? {}
          : { fix: { label: `Knit all ${listed} rows`, change: { options: { sizeBy: 'rows', rows: listed } } } })
      }
    ];
  }
};
