import { pieceAt } from '../knit';
import { finder, type Finding } from '../plan';
import { beside } from './options';
import { machinesWith, options } from './remedies';
import type { Judge } from './readings';

/** Facts of wraps for hot things, mm. */
export interface MugFacts {
  'mug-height': { wrapMm: number; mugMm: number };
  /** Two loops that do not meet over the gap, mm. */
  'loops-short': { reachMm: number; gapMm: number; chains: number };
  'hot-care': { over: 'mug' | 'bottle' };
}
const find = finder<MugFacts>();

/** Room for the lips above a wrap (own estimate, no source). */
const LIPS_MM = 5;

/** Wraps for hot things: do they fit, and the caution that goes with them. */
export const mug: Judge = {
  code: 'mug',
  watches: 'a mug wrap taller than its mug, and the care with hot things',
  find: (r) => {
    const { worn } = r.plan;
    const over = worn?.form === 'ring' || worn?.form === 'sleeve' ? worn.over : '';
    if (over !== 'mug' && over !== 'bottle') return [];
    const height = r.brief.options['heightMm'];
    const [piece] = r.sizes.pieces;
    const found: Finding[] = [];
    if (over === 'mug' && typeof height === 'number' && piece && piece.flatWidthMm.value > height - LIPS_MM) {
      // The height of a wrap goes with the pins of its ring: the largest that stays below the rim.
      const { width } = pieceAt(r, 0).fabric;
      const each = piece.flatWidthMm.value / width;
      const smaller = machinesWith(r, (m) => m.pins < width && m.pins * each <= height - LIPS_MM).reverse();
      found.push(
        find('mug-height', 'warn', beside(r, 'heightMm', { piece: 0 }), { wrapMm: piece.flatWidthMm.value, mugMm: height }, ...smaller) // prettier-ignore
      );
    }
    const gap = r.brief.options['gapMm'];
    const loop = r.worked.done.flatMap((did) => (did.do === 'cord' && did.facts?.reachMm != null ? [did.facts] : []))[0]; // prettier-ignore
    if (loop && typeof gap === 'number' && 2 * loop.reachMm! < gap) {
      found.push(
        find('loops-short', 'warn', { option: 'loopChains', piece: 0 }, { reachMm: loop.reachMm!, gapMm: gap, chains: loop.chains }, options({ code: 'loopsByGap' }, { loopBy: 'gap' })) // prettier-ignore
      );
    }
    found.push(find('hot-care', 'note', {}, { over }));
    return found;
  }
};
