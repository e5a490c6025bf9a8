import { randomInt, randomLcg } from 'd3-random';
import type { ColourSection } from '../plan';
import { cutTo, gathered, shares } from './sections';

/**
 * Rules that lay colours over so many rows: always whole rows, always exactly that sum.
 */

const section = (yarn: string, rows: number): ColourSection => ({ yarn, rows, locked: false });

/** Yarns by turns, each with the widths that come, until all rows have a colour; the last one may be cut. */
function byTurns(yarns: readonly string[], widths: (i: number) => number, total: number): ColourSection[] {
  const out: ColourSection[] = [];
  for (let done = 0, i = 0; done < total; i++) {
    const rows = Math.min(total - done, Math.max(1, widths(i)));
    out.push(section(yarns[i % yarns.length]!, rows));
    done += rows;
  }
  return gathered(out);
}

/** Stripes of so many rows each. @example stripes(['a', 'b'], 5, 12) // 5, 5, 2 */
export const stripes = (yarns: readonly string[], rows: number, total: number): ColourSection[] =>
  byTurns(yarns, () => rows, total);

/** One block of each yarn, as even as whole rows let them be. */
export const blocks = (yarns: readonly string[], total: number): ColourSection[] =>
  gathered(shares(yarns.map(() => 1), total).map((rows, i) => section(yarns[i]!, rows))); // prettier-ignore

/** Largest of the growing widths before they shrink again. */
const WIDEST = 13;

/** Widths 1, 2, 3, 5, 8, 13 and down again, each the sum of the two before. */
const FIBONACCI: readonly number[] = (() => {
  const up = [1, 2];
  while (up.at(-1)! < WIDEST) up.push(up.at(-1)! + up.at(-2)!);
  return [...up, ...up.slice(1, -1).reverse()];
})();

/** Stripes that grow and shrink by the Fibonacci numbers. */
export const fibonacci = (yarns: readonly string[], total: number): ColourSection[] =>
  byTurns(yarns, (i) => FIBONACCI[i % FIBONACCI.length]!, total);

/**
 * One colour passes into the next: pairs of stripes, in each of which the new colour has more rows.
 *
 * @param steps pairs from one colour to the next
 */
export function gradient(yarns: readonly string[], steps: number, total: number): ColourSection[] {
  if (yarns.length < 2) return [section(yarns[0]!, total)];
  const passages = yarns.length - 1;
  const out: ColourSection[] = [];
  shares(Array.from({ length: passages * steps }, () => 1), total).forEach((rows, k) => {
    const [at, step] = [Math.floor(k / steps), k % steps];
    const fresh = Math.round((rows * (step + 0.5)) / steps);
    out.push(section(yarns[at]!, rows - fresh), section(yarns[at + 1]!, fresh));
  }); // prettier-ignore
  return gathered(out);
}

/**
 * Stripes by chance, from a seed: the same seed gives the same stripes; neighbours differ where there are two yarns.
 *
 * @param least rows of the narrowest stripe, at least 1
 * @param most rows of the widest; where so many rows cannot be made of such stripes, the last one is cut or goes on
 */
export function byChance(
  yarns: readonly string[],
  seed: number,
  least: number,
  most: number,
  total: number
): ColourSection[] {
  // prettier-ignore
  const source = randomLcg(seed);
  const pick = (from: number, to: number): number => randomInt.source(source)(from, to + 1)();
  const high = Math.max(least, most);
  // As many stripes as can have their rows between the limits.
  const fewest = Math.max(1, Math.ceil(total / high));
  const count = pick(fewest, Math.max(fewest, Math.floor(total / least)));
  const rows = Array.from({ length: count }, () => least);
  let left = total - count * least;
  const open = rows.map((_, i) => i);
  while (left > 0 && open.length > 0 && high > least) {
    const at = pick(0, open.length - 1);
    const i = open[at]!;
    rows[i]!++;
    left--;
    if (rows[i]! >= high) open.splice(at, 1);
  }
  let before = -1;
  const out = rows.map((n) => {
    const others = yarns.map((_, i) => i).filter((i) => i !== before || yarns.length === 1);
    before = others[pick(0, others.length - 1)]!;
    return section(yarns[before]!, n);
  });
  return cutTo(gathered(out), total);
}
