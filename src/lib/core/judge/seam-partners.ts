import type { Finding, Join } from '../plan';
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
  find: (r) => {
    const { units } = r.kit.habits;
    const label = (p: number): string => r.plan.pieces[p]!.label.toLowerCase();
    const found = new Map<string, { names: string[]; about: string; join: Join }>();
    for (const join of r.plan.joins) {
      if (join.a.half || join.a.along || join.b.along) continue;
      const [a, b] = [edgeSize(r, join.a), edgeSize(r, join.b)];
      const off = a.mm > 0 ? b.mm / a.mm - 1 : 0;
      const apart = a.unit === b.unit ? Math.abs(a.count - b.count) : 0;
      const counts = a.unit === 'rows' ? apart > EASES_ROWS : apart > 0;
      if (!counts && Math.abs(off) <= EASES) continue;
      const [first, second] = [label(join.a.piece), label(join.b.piece)];
      const longer = off > 0 ? second : first;
      const about = `${a.count} ${a.unit} of the ${first} meet ${b.count} of the ${second}; the ${longer} is longer by ${showLength(Math.abs(b.mm - a.mm), units)}, more than a seam eases in.`;
      // Both sides of a garment are wrong alike, and one remedy mends both: it is said once.
      const key = join.mend ? [a.count, b.count, a.unit, join.mend.label].join(' ') : join.name;
      const same = found.get(key);
      if (same) same.names.push(join.name.toLowerCase());
      else found.set(key, { names: [join.name], about, join });
    }
    return [...found.values()].map(({ names, about, join }): Finding => ({
      code: 'seam-uneven',
      weight: 'warn',
      place: { piece: join.b.piece },
      sentence: `${names.join(' and ')}: ${about}`,
      ...(join.mend ? { fix: { label: join.mend.label, change: { options: join.mend.options } } } : {})
    }));
  }
};
