import { MOST_LENGTHWISE } from '../body';
import { finder } from '../plan';
import { measureOption } from './options';
import type { Judge } from './readings';
import { options } from './remedies';

/** Facts of a ring of tube round something, percent. */
export interface LengthwiseFacts {
  'ring-tight': { over: string; percent: number; most: number };
  'ring-loose': { over: string; percent: number };
}
const find = finder<LengthwiseFacts>();

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
    const { wanted } = r.notes;
    const fix =
      r.brief.options['sizeBy'] === 'rows' && wanted
        ? options({ code: 'rows', rows: wanted.rows }, { rows: wanted.rows })
        : undefined;
    const { over } = worn;
    if (stretch.value > 100 * MOST_LENGTHWISE) {
      return [find('ring-tight', 'warn', place, { over, percent: stretch.value, most: 100 * MOST_LENGTHWISE }, fix)];
    }
    return stretch.value >= 100 * LOOSE
      ? []
      : [find('ring-loose', 'warn', place, { over, percent: -stretch.value }, fix)];
  }
};
