import type { ShapingLine, SlopeTrouble } from '$lib/core/plan';
import type { Talk } from '../talk';
import type { Words } from '../words';

/** "every 4th row 5 times, then every 2nd row 7 times". */
export const slope: Words['slope'] = ({ gaps, leftRows }, t) => {
  if (gaps.length === 0) return 'straight';
  const times = gaps.map(
    (g) => `every ${t.nth(g.everyRows)} ${t.terms.row} ${g.times === 1 ? 'once' : `${t.num(g.times)} times`}`
  );
  return times.join(', then ') + (leftRows > 0 ? `, then ${t.num(leftRows)} straight` : '');
};

/** Which line of shaping it is. */
export const shapingLine: Words['shapingLine'] = (line: ShapingLine, t) => {
  switch (line.of) {
    case 'edges':
      return `${line.both ? `Both edges, the far one a ${t.terms.row} later` : 'The edge'}${line.held ? `, ${t.num(line.held)} held at a time` : ''}`;
    case 'armhole':
      return `Armhole${line.held ? `, after ${t.num(line.held)} held at once` : ''}`;
    case 'neck':
      return 'V of the neck';
    case 'sleeve':
      return `Sleeve, both edges, the far one a ${t.terms.row} later, increases`;
  }
};

const steep = (f: { stitches: number; rows: number; needs: number }, t: Talk): string =>
  `${t.many(f.stitches, 'decrease', 'decreases')} every other ${t.terms.row} take ${t.rows(f.needs)}; there are ${t.num(f.rows)}`;

/** Why a line of shaping does not come out, and what would. */
export function slopeTrouble(why: SlopeTrouble, t: Talk): string {
  switch (why.is) {
    case 'too-steep':
      return `${steep(why, t)}; ${why.nearest.map((n) => `${t.num(n.stitches)} in ${t.rows(n.rows)}`).join(' or ')} work`;
    case 'fraction': {
      const near = why.nearest.map((n) => `${t.many(n.times, 'time', 'times')} to ${t.stitches(n.to)}`).join(' or ');
      return `(${why.from} - ${why.to}) / ${why.each} is ${t.num(why.times, 2)}: a fraction of a decrease; ${near} come out`;
    }
    case 'neck-low':
      return `${steep(why, t)}; begun ${t.rows(why.lower)} lower it comes out`;
  }
}
