import { finder, type Finding } from '../plan';
import type { Judge } from './readings';
import { options } from './remedies';

/** Facts of a pair: lengths and flat widths in mm, first and second. */
export interface PairAlikeFacts {
  'pair-unlike': { longMm: readonly [number, number]; wideMm: readonly [number, number] };
}
const find = finder<PairAlikeFacts>();

/** Two of a pair that differ by more than this are seen (own estimate, no source). */
const SEEN = 0.04;

/** The two of a pair must come out alike. */
export const pairAlike: Judge = {
  code: 'pair-alike',
  watches: 'a pair whose two pieces come out unlike',
  find: (r) =>
    r.plan.pieces.flatMap((piece, p): Finding[] => {
      const q = r.plan.pieces.findIndex((other, i) => i > p && piece.pair !== undefined && other.pair === piece.pair);
      if (q < 0) return [];
      const [a, b] = [r.sizes.pieces[p]!, r.sizes.pieces[q]!];
      const longer = b.lengthMm.value / a.lengthMm.value - 1;
      const wider = b.flatWidthMm.value / a.flatWidthMm.value - 1;
      if (a.rows === b.rows && Math.abs(longer) <= SEEN && Math.abs(wider) <= SEEN) return [];
      const second = 'secondYarn' in r.brief.options;
      return [
        find(
          'pair-unlike',
          'warn',
          { ...(second ? { option: 'secondYarn' } : {}), piece: q },
          { longMm: [a.lengthMm.value, b.lengthMm.value], wideMm: [a.flatWidthMm.value, b.flatWidthMm.value] },
          second ? options({ code: 'oneYarn' }, { secondYarn: null }) : undefined
        )
      ];
    })
};
