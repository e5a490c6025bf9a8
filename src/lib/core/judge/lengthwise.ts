import { MOST_LENGTHWISE } from '../body';
import { measureOption } from './options';
import type { Judge } from './readings';

/** A ring looser than this hangs (own estimate, no source). */
const LOOSE = -0.03;

/** A tube that lies round something lengthwise gives less than across. */
export const lengthwise: Judge = {
  code: 'lengthwise',
  watches: 'a ring of tube pulled too long, or too loose to hold',
  find: (r) => {
    const { worn } = r.plan;
    const stretch = r.sizes.finished.find((f) => f.code === 'lengthwise')?.figure;
    if (worn?.form !== 'ring' || !stretch) return [];
    const option = measureOption(r, ['head', 'mug-girth']);
    const place = { ...(option ? { option } : {}), piece: 0 };
    const fix =
      r.brief.options['sizeBy'] === 'rows' && r.notes.wanted
        ? { fix: { label: `Knit ${r.notes.wanted.rows} rows`, change: { options: { rows: r.notes.wanted.rows } } } }
        : {};
    if (stretch.value > 100 * MOST_LENGTHWISE) {
      return [
        {
          code: 'ring-tight',
          weight: 'warn',
          place,
          sentence: `Round the ${worn.over} it is pulled ${Math.round(stretch.value)} % longer; beyond ${100 * MOST_LENGTHWISE} % it goes narrow and hard.`,
          ...fix
        }
      ];
    }
    if (stretch.value >= 100 * LOOSE) return [];
    return [
      {
        code: 'ring-loose',
        weight: 'warn',
        place,
        sentence: `Too long to hold on the ${worn.over}: it is ${Math.round(-stretch.value)} % longer than the way round.`,
        ...fix
      }
    ];
  }
};
