import type { Seam } from '../hand';
import type { Finding, Mend } from '../plan';
import { showLength } from '../quantity';
import type { Judge } from './readings';

/** What a seam can ease in without puckering (own estimate, no source). */
const EASES = 0.05;

/** A seam of rows eases in so many; above them the halves do not match (own estimate, no source). */
const EASES_ROWS = 1;

/** "side-left" as "left side". */
function plain(name: string): string {
  const words = name.split('-');
  const hand = words.at(-1);
  return (hand === 'left' || hand === 'right' ? [hand, ...words.slice(0, -1)] : words).join(' ');
}

/** Seams of a piece with itself, by the beginnings of their names. */
const OWN = ['end', 'toe', 'bag', 'crown', 'straight-top', 'front-twisted'];

/** The two edges of a seam must agree. Halves of one end and sides of a bag have judges of their own. */
export const seamPartners: Judge = {
  code: 'seam-partners',
  watches: 'seams whose two edges differ in stitches, rows or length',
  find: (r) => {
    const { units } = r.kit.habits;
    const label = (p: number): string => r.plan.pieces[p]!.label.toLowerCase();
    const found = new Map<string, { names: string[]; about: string; seam: Seam; mend: Mend | undefined }>();
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
      const [first, second] = [label(a.piece), label(b.piece)];
      const longer = off > 0 ? second : first;
      const about = `${a.count} ${a.unit} of the ${first} meet ${b.count} of the ${second}; the ${longer} is longer by ${showLength(Math.abs(b.mm - a.mm), units)}, more than a seam eases in.`;
      // Both sides of a garment are wrong alike, and one remedy mends both: it is said once.
      const key = mend ? [a.count, b.count, a.unit, mend.label].join(' ') : seam.name;
      const name = plain(seam.name);
      const same = found.get(key);
      if (same) same.names.push(name);
      else found.set(key, { names: [`${name[0]!.toUpperCase()}${name.slice(1)}`], about, seam, mend });
    }
    return [...found.values()].map(({ names, about, seam, mend }): Finding => ({
      code: 'seam-uneven',
      weight: 'warn',
      place: { piece: seam.b.piece },
      sentence: `${names.join(' and ')}: ${about}`,
      ...(mend ? { fix: { label: mend.label, change: { options: mend.options } } } : {})
    }));
  }
};
