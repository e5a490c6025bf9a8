import type { Finding } from '../plan';
import { showLength } from '../quantity';
import { edgeSize } from '../read';
import type { Judge } from './readings';

/** What a seam can ease in without puckering (own estimate, no source). */
const EASES = 0.05;

/** A seam of rows eases in so many; above them the halves do not match (own estimate, no source). */
const EASES_ROWS = 1;

/** The two edges of a seam must agree. Halves of one end and sides of a bag have judges of their own. */
export const seamPartners: Judge = {
  code: 'seam-partners',
  watches: 'seams whose two edges differ in stitches, rows or length',
  find: (r) =>
    r.plan.joins.flatMap((join): Finding[] => {
      if (join.a.half || join.a.along || join.b.along) return [];
      const [a, b] = [edgeSize(r, join.a), edgeSize(r, join.b)];
      const off = a.mm > 0 ? b.mm / a.mm - 1 : 0;
      const apart = a.unit === b.unit ? Math.abs(a.count - b.count) : 0;
      const counts = a.unit === 'rows' ? apart > EASES_ROWS : apart > 0;
      if (!counts && Math.abs(off) <= EASES) return [];
      const { units } = r.kit.habits;
      const [first, second] = [r.plan.pieces[join.a.piece]!.label, r.plan.pieces[join.b.piece]!.label].map((l) => l.toLowerCase()); // prettier-ignore
      const longer = off > 0 ? second : first;
      return [
        {
          code: 'seam-uneven',
          weight: 'warn',
          place: { piece: join.b.piece },
          sentence: `${join.name}: ${a.count} ${a.unit} of the ${first} meet ${b.count} of the ${second}; the ${longer} is longer by ${showLength(Math.abs(b.mm - a.mm), units)}, more than a seam eases in.`,
          ...(join.mend ? { fix: { label: join.mend.label, change: { options: join.mend.options } } } : {})
        }
      ];
    })
};
