import { hatOptions } from './hat';
import type { Judge } from './readings';

/** A list of stripes longer than the tube loses its end. */
export const stripesCut: Judge = {
  code: 'stripes-cut',
  watches: 'a list of stripes longer than the tube',
  find: (r) => {
    const options = hatOptions(r);
    if (options?.style !== 'striped' || options.sections.length === 0) return [];
    const listed = options.sections.reduce((sum, s) => sum + s.rows, 0);
    const rows = r.sizes.pieces[0]!.rows;
    if (listed <= rows) return [];
    return [
      {
        code: 'stripes-cut',
        weight: 'warn',
        place: { option: 'sections' },
        sentence: `The stripes add up to ${listed} rows, the tube has ${rows}: the last ${listed - rows} are left out.`,
        fix: { label: `Knit all ${listed} rows`, change: { options: { sizeBy: 'rows', rows: listed } } }
      }
    ];
  }
};
