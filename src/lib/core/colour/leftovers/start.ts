import { randomLcg, randomUniform } from 'd3-random';
import { costOf, faultsOf } from './check';
import { type Answer, type LeftoverPiece, type LeftoverProblem, rowsOf } from './problem';

/** One way of taking the next yarn. */
type Taste = (rowsLeft: number, index: number) => number;

/** Ways that are tried first: the largest rest first, the smallest that is enough, as they stand. */
const TASTES: readonly Taste[] = [(left) => -left, (left) => left, (_, index) => index];

/** Ways by chance that are tried after them, always the same ones. */
const CHANCES = 300;

/** Every way in turn. */
function* tastes(): Generator<Taste> {
  yield* TASTES;
  const chance = randomUniform.source(randomLcg(0.5))(0, 1);
  for (let i = 0; i < CHANCES; i++) {
    const liking = Array.from({ length: 64 }, chance);
    yield (left, index) => -left * (0.4 + liking[index % liking.length]!);
  }
}

/** Lays one piece yarn by yarn from what is left; null where it cannot be finished. */
function layPiece(
  problem: LeftoverProblem,
  piece: LeftoverPiece,
  left: number[],
  taste: Taste
): { yarn: number; rows: number }[] | null {
  // prettier-ignore
  const all = rowsOf(piece);
  const seen = piece.zones.flatMap((zone) => Array.from({ length: zone.rows }, () => zone.seen));
  const apart = new Set(problem.apart.flatMap(([a, b]) => [`${a} ${b}`, `${b} ${a}`]));
  const laid: { yarn: number; rows: number }[] = [];
  let done = 0;
  while (done < all) {
    const rest = all - done;
    const last = laid.at(-1);
    const choices = problem.yarns.flatMap((yarn, y) => {
      if (last && (last.yarn === y || apart.has(`${last.yarn} ${y}`))) return [];
      if (problem.inOrder && last && y < last.yarn) return [];
      const ends = 2 * problem.tailMetres + (done === 0 ? piece.firstMetres : 0);
      const can = (metres: number): number => Math.floor((left[y]! / piece.copies - ends - metres) / piece.rowMetres[y]! + 1e-9); // prettier-ignore
      let rows = Math.min(rest, can(rest <= can(0) ? piece.lastMetres : 0));
      // An ugly end stops where it would be seen, and what is left must be enough for a section.
      if (yarn.ugly && !seen[done]) {
        const next = seen.indexOf(true, done);
        if (next > done && next - done >= problem.leastRows) rows = Math.min(rows, next - done);
      }
      if (rows < rest && rest - rows < problem.leastRows) rows = rest - problem.leastRows;
      if (rows < Math.min(problem.leastRows, rest)) return [];
      const fits = rows === rest ? -1e6 : 0;
      return [{ y, rows, worth: (seen[done] ? 1 : -1) * (yarn.ugly ? 1e4 : 0) + (yarn.ugly && !seen[done] ? 0 : fits) + taste(rows, y) }]; // prettier-ignore
    });
    const [best] = choices.sort((a, b) => a.worth - b.worth || a.y - b.y);
    if (!best) return null;
    laid.push({ yarn: best.y, rows: best.rows });
    left[best.y]! -= piece.copies * (best.rows * piece.rowMetres[best.y]! + 2 * problem.tailMetres + (done === 0 ? piece.firstMetres : 0)); // prettier-ignore
    done += best.rows;
  }
  return laid;
}

/**
 * An answer found by taking yarn after yarn: seldom the best, but sound, and a search that begins with it need not look for
 * the first one.
 *
 * @returns the best of those tried, or null
 */
export function firstAnswer(problem: LeftoverProblem): Answer | null {
  if (problem.mirrored) return null;
  const found: Answer[] = [];
  for (const taste of tastes()) {
    const left = problem.yarns.map((y) => y.metres);
    const laid = problem.pieces.map((piece) => layPiece(problem, piece, left, taste));
    if (laid.some((one) => one === null)) continue;
    const answer = laid as Answer;
    if (faultsOf(problem, answer).length === 0) found.push(answer);
  }
  const cost = (answer: Answer): number => costOf(problem, answer).cost;
  return found.sort((a, b) => cost(a) - cost(b))[0] ?? null;
}
