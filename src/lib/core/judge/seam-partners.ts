import type { Seam } from '../hand';
import { finder, type Finding, type Mend } from '../plan';
import type { Judge } from './readings';

/** Facts of seams whose edges do not agree: seams that are wrong alike are named together. */
export interface SeamPartnersFacts {
  'seam-uneven': {
    names: readonly string[];
    a: { count: number; unit: Seam['a']['unit']; piece: number };
    b: { count: number; piece: number };
    longer: number;
    byMm: number;
  };
}
const find = finder<SeamPartnersFacts>();

/** What a seam can ease in without puckering (own estimate, no source). */
const EASES = 0.05;

/** A seam of rows eases in so many; above them the halves do not match (own estimate, no source). */
const EASES_ROWS = 1;

/** Seams of a piece with itself, by the beginnings of their names. */
const OWN = ['end', 'toe', 'bag', 'crown', 'straight-top', 'front-twisted'];

/** The two edges of a seam must agree. Halves of one end and sides of a bag have judges of their own. */
export const seamPartners: Judge = {
  code: 'seam-partners',
  watches: 'seams whose two edges differ in stitches, rows or length',
  find: (r) => {
    const found = new Map<string, { names: string[]; seam: Seam; mend: Mend | undefined }>();
    for (const seam of r.worked.seams) {
      const { a, b } = seam;
      // Halves of one end, and a bag's own sides, have judges of their own.
      if (a.piece === b.piece && OWN.some((name) => seam.name.startsWith(name))) continue;
      const mend = r.notes.mends?.[seam.name];
      const off = a.mm > 0 ? b.mm / a.mm - 1 : 0;
      const apart = a.unit === b.unit ? Math.abs(a.count - b.count) : 0;
      const counts = a.unit === b.unit && (a.unit === 'rows' ? apart > EASES_ROWS : apart > 0);
      // A sleeve meets the rows of an armhole with its stitches: how they fit is the garment's own judge's.
      if (seam.name.startsWith('sleeve-set')) continue;
      if (!counts && Math.abs(off) <= EASES) continue;
      // Both sides of a garment are wrong alike, and one remedy mends both: it is said once.
      const key = mend ? [a.count, b.count, a.unit, JSON.stringify(mend)].join(' ') : seam.name;
      const same = found.get(key);
      if (same) same.names.push(seam.name);
      else found.set(key, { names: [seam.name], seam, mend });
    }
    return [...found.values()].map(({ names, seam: { a, b }, mend }): Finding =>
      find(
        'seam-uneven',
        'warn',
        { piece: b.piece },
        {
          names,
          a: { count: a.count, unit: a.unit, piece: a.piece },
          b: { count: b.count, piece: b.piece },
          longer: b.mm > a.mm ? b.piece : a.piece,
          byMm: Math.abs(b.mm - a.mm)
        },
        mend && { remedy: mend.remedy, change: { options: mend.options } }
      )
    );
  }
};
