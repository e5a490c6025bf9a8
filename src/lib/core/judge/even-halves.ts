import { finder } from '../plan';
import type { Judge } from './readings';

/** Facts of an end that does not halve. */
export interface EvenHalvesFacts {
  'odd-halves': { stitches: number };
}
const find = finder<EvenHalvesFacts>();

/** Stitch meets stitch only where their number is even (craft 7: half of 22 is 11). */
export const evenHalves: Judge = {
  code: 'even-halves',
  watches: 'a flat close over an odd number of stitches',
  find: (r) => {
    const close = r.worked.done.find((d) => d.do === 'join' && d.facts?.odd);
    if (close?.do !== 'join' || !close.facts) return [];
    const { a, b } = close.facts;
    return [find('odd-halves', 'warn', { piece: a.piece }, { stitches: a.count + b.count })];
  }
};
