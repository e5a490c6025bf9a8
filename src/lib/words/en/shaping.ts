import type { ShapingLine, SlopeTrouble } from '$lib/core/plan';
import type { Talk } from '../talk';
import type { Words } from '../words';

/** A slope of more runs of equal gaps than this is told as a whole; its rows stand beside it. */
const BLOCKS = 3;

/** "every 4th row 5 times, then every 2nd row 7 times". */
export const slope: Words['slope'] = ({ gaps, leftRows }, t) => {
  if (gaps.length === 0) return 'straight';
  const straight = leftRows > 0 ? `, then ${t.num(leftRows)} straight` : '';
  if (gaps.length > BLOCKS) {
    const times = gaps.reduce((sum, g) => sum + g.times, 0);
    const every = [...new Set(gaps.map((g) => g.everyRows))].sort((a, b) => a - b).map((n) => t.nth(n));
    return `${t.num(times)} times, evenly spread: every ${every.join(' or ')} ${t.terms.row}${straight}`;
  }
  const times = gaps.map(
    (g) => `every ${t.nth(g.everyRows)} ${t.terms.row} ${g.times === 1 ? 'once' : `${t.num(g.times)} times`}`
  );
  return times.join(', then ') + straight;
};

/** Which edge of a panel. */
const EDGES: Readonly<Record<'low' | 'high' | 'both', (t: Talk) => string>> = {
  low: (t) => `The edge at the low ${t.pins}`,
  high: (t) => `The edge at the high ${t.pins}`,
  both: (t) => `Both edges, the far one a ${t.terms.row} later`
};

/** Which line of shaping it is. */
export const shapingLine: Words['shapingLine'] = (line: ShapingLine, t) => {
  switch (line.of) {
    case 'edges':
      return `${EDGES[line.side](t)}${line.held ? `, ${t.num(line.held)} held at a time` : ''}`;
    case 'armhole':
      return `Armhole${line.held ? `, after ${t.num(line.held)} held at once` : ''}`;
    case 'neck':
      return 'V of the neck';
    case 'sleeve':
      return `Sleeve, both edges, the far one a ${t.terms.row} later, increases`;
    case 'shoulder':
      return `Shoulder, held in groups of ${t.list(line.groups.map((n) => t.num(n)))}`;
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
    case 'typed-beyond':
      return `${t.many(why.times, 'time', 'times')} of what you typed ${why.times === 1 ? 'falls' : 'fall'} after ${t.row(why.rows)}, the last one, and cannot be knitted`;
    case 'typed-early':
      return `${t.many(why.times, 'time', 'times')} of what you typed ${why.times === 1 ? 'comes' : 'come'} before the underarm at ${t.row(why.row)}, where the side seam is`;
    case 'typed-over':
      return `the last ${t.many(why.times, 'time', 'times')} of what you typed ${why.times === 1 ? 'has' : 'have'} no stitch left to take`;
    case 'typed-later':
      return `${t.num(why.times)} of the ${t.terms.row}s you typed end with the yarn at the other edge: there it is done a ${t.terms.row} later`;
    case 'typed-other':
      return `what you typed takes ${t.stitches(why.takes)}; the other measures ask for ${t.num(why.wants)}`;
    case 'neck-low':
      return `${steep(why, t)}; begun ${t.rows(why.lower)} lower it comes out`;
  }
}
