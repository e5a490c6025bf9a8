import { showLength } from '../quantity';
import type { Finding } from '../plan';
import type { Judge } from './readings';

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
      const { units } = r.kit.habits;
      const lengths = `${showLength(a.lengthMm.value, units)} and ${showLength(b.lengthMm.value, units)} long`;
      const widths = `${showLength(a.flatWidthMm.value, units)} and ${showLength(b.flatWidthMm.value, units)} wide`;
      return [
        {
          code: 'pair-unlike',
          weight: 'warn',
          place: { ...('secondYarn' in r.brief.options ? { option: 'secondYarn' } : {}), piece: q },
          sentence: `The two come out unlike: ${lengths}, ${widths}; their yarns knit differently.`,
          ...('secondYarn' in r.brief.options
            ? { fix: { label: 'Knit both in the same yarn', change: { options: { secondYarn: null } } } }
            : {})
        }
      ];
    })
};
