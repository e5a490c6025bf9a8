import { randomInt, randomLcg } from 'd3-random';
import loadHighs from 'highs';
import { describe, expect, it } from 'vitest';
import { type Constraint, solve } from 'yalps';
import { type Answer, costOf, faultsOf, firstAnswer, type LeftoverProblem, metresOf, modelOf, rowsOf } from '$lib/core/colour/leftovers'; // prettier-ignore
import { leftoverCase } from '../../../tests/support/leftovers';
import { searchLeftovers } from './leftovers';

const highs = await loadHighs();

/** A problem small enough to try everything: up to four ends and twelve rows, everything else by chance. */
function small(seed: number): LeftoverProblem {
  const source = randomLcg(seed / 1000);
  const pick = (a: number, b: number): number => randomInt.source(source)(a, b + 1)();
  const yarns = Array.from({ length: pick(2, 4) }, (_, i) => ({ id: `y${i}`, metres: pick(3, 9), ugly: pick(0, 2) === 0 })); // prettier-ignore
  const zones = [true, false, true].map((seen) => ({ rows: pick(1, 4), seen }));
  return {
    yarns,
    pieces: [{ piece: 0, project: 'p', copies: 1, zones, rowMetres: yarns.map(() => 1), firstMetres: 0.5, lastMetres: 0.5 }], // prettier-ignore
    tailMetres: 0.25,
    leastRows: pick(1, 3),
    apart: pick(0, 1) ? [[0, 1]] : [],
    inOrder: pick(0, 3) === 0,
    mirrored: pick(0, 5) === 0
  };
}

/** Every way of giving a yarn to every row, and the cost of the best sound one; null where there is none. */
function exhaustive(problem: LeftoverProblem): number | null {
  const rows = rowsOf(problem.pieces[0]!);
  const n = problem.yarns.length;
  let best: number | null = null;
  const laid: { yarn: number; rows: number }[] = [];
  const go = (left: number): void => {
    if (left === 0) {
      const answer: Answer = [laid.map((s) => ({ ...s }))];
      if (faultsOf(problem, answer).length > 0) return;
      const { cost } = costOf(problem, answer);
      best = best === null ? cost : Math.min(best, cost);
      return;
    }
    // What is overdrawn already stays so.
    const used = problem.yarns.map((_, y) => laid.reduce((sum, s) => sum + (s.yarn === y ? s.rows + 2 * problem.tailMetres : 0), 0)); // prettier-ignore
    if (used.some((metres, y) => metres > problem.yarns[y]!.metres)) return;
    // No better one has more sections than the best.
    if (best !== null && 10 * laid.length > best) return;
    for (let yarn = 0; yarn < n; yarn++) {
      if (laid.at(-1)?.yarn === yarn) continue;
      for (let take = left; take >= 1; take--) {
        laid.push({ yarn, rows: take });
        go(left - take);
        laid.pop();
      }
    }
  };
  go(rows);
  return best;
}

/** The same model by another solver (yalps); null where it says that there is no answer. */
function byYalps(problem: LeftoverProblem): number | null {
  const { columns, rows } = modelOf(problem).model;
  const constraints: Record<string, Constraint> = {};
  const variables = Object.fromEntries(columns.map((c, i) => [`x${i}`, { cost: c.cost } as Record<string, number>]));
  rows.forEach((row, r) => {
    constraints[`r${r}`] = { ...(Number.isFinite(row.lower) ? { min: row.lower } : {}), ...(Number.isFinite(row.upper) ? { max: row.upper } : {}) }; // prettier-ignore
    row.at.forEach((at, k) => (variables[`x${at}`]![`r${r}`] = row.by[k]!));
  });
  columns.forEach((c, i) => {
    if (!Number.isFinite(c.upper)) return;
    constraints[`u${i}`] = { max: c.upper };
    variables[`x${i}`]![`u${i}`] = 1;
  });
  const integers = columns.flatMap((c, i) => (c.whole ? [`x${i}`] : []));
  const found = solve({ direction: 'minimize', objective: 'cost', constraints, variables, integers }, { timeout: 20_000, maxIterations: 200_000 }); // prettier-ignore
  return found.status === 'optimal' ? Math.round(found.result) : found.status === 'infeasible' ? null : NaN;
}

describe('sections from leftovers', () => {
  it('are as good as the best of all ways there are, and sound by a checker that knows nothing of the search', () => {
    let [solved, none] = [0, 0];
    for (let seed = 1; seed <= 18; seed++) {
      const problem = small(seed);
      const best = exhaustive(problem);
      const found = searchLeftovers(highs, problem, { wanted: 1, seconds: 20 });
      if (best === null) {
        none++;
        expect(['short', 'ruled-out'], String(seed)).toContain(found.is);
        continue;
      }
      solved++;
      if (found.is !== 'found') throw new RangeError(`${seed}: ${found.is}`);
      const [first] = found.answers;
      expect(faultsOf(problem, first!.answer), String(seed)).toEqual([]);
      expect(costOf(problem, first!.answer).cost, String(seed)).toBe(best);
      expect(first!.proved).toBe(true);
    }
    expect(Math.min(solved, none)).toBeGreaterThan(2);
  }, 120_000);

  it('agree with another solver on the same model', () => {
    let asked = 0;
    for (let seed = 1; seed <= 6; seed++) {
      const problem = { ...small(seed), mirrored: false };
      const other = byYalps(problem);
      if (Number.isNaN(other)) continue;
      asked++;
      const found = searchLeftovers(highs, problem, { wanted: 1, seconds: 20 });
      expect(found.is === 'found' ? costOf(problem, found.answers[0]!.answer).cost : null, String(seed)).toBe(other);
    }
    expect(asked).toBeGreaterThan(3);
  }, 240_000);

  it('several answers are all sound and truly differ', () => {
    const problem = { ...leftoverCase(3, 2.5), leastRows: 6 };
    const found = searchLeftovers(highs, problem, { wanted: 3, seconds: 4 });
    if (found.is !== 'found') throw new RangeError(found.is);
    expect(found.answers.length).toBeGreaterThan(1);
    for (const { answer, joins } of found.answers) {
      expect(faultsOf(problem, answer)).toEqual([]);
      expect(costOf(problem, answer).joins).toBe(joins);
    }
    const rows = (answer: Answer): number[] => answer.flatMap((laid) => laid.flatMap((s) => Array.from({ length: s.rows }, () => s.yarn))); // prettier-ignore
    const [a, b] = found.answers.map((f) => rows(f.answer));
    // In a fifth of its rows at least another colour.
    expect(a!.filter((yarn, i) => yarn !== b![i]).length).toBeGreaterThan(a!.length / 5);
  }, 60_000);

  it('a hat and its mitts share the same ends, and none runs out', () => {
    const one = leftoverCase(5, 2);
    const [hat] = one.pieces;
    const mitts = { ...hat!, piece: 0, project: 'mitts', copies: 2, zones: [{ rows: 24, seen: true }], rowMetres: hat!.rowMetres.map((m) => m * 0.46) }; // prettier-ignore
    const problem = { ...one, pieces: [hat!, mitts] };
    const found = searchLeftovers(highs, problem, { wanted: 1, seconds: 8 });
    if (found.is !== 'found') throw new RangeError(found.is);
    const [{ answer }] = found.answers as [(typeof found.answers)[number]];
    expect(faultsOf(problem, answer)).toEqual([]);
    metresOf(problem, answer).forEach((metres, y) => expect(metres).toBeLessThanOrEqual(problem.yarns[y]!.metres + 1e-6)); // prettier-ignore
  }, 60_000);

  it('says what is missing, in metres, where there is none (10 rows of a metre from 6 metres)', () => {
    const problem: LeftoverProblem = {
      yarns: [{ id: 'a', metres: 3, ugly: false }, { id: 'b', metres: 3, ugly: false }], // prettier-ignore
      pieces: [{ piece: 0, project: 'p', copies: 1, zones: [{ rows: 10, seen: true }], rowMetres: [1, 1], firstMetres: 0, lastMetres: 0 }], // prettier-ignore
      tailMetres: 0.5,
      leastRows: 1,
      apart: [],
      inOrder: false,
      mirrored: false
    };
    const found = searchLeftovers(highs, problem, { seconds: 10 });
    if (found.is !== 'short') throw new RangeError(found.is);
    // One section in either yarn: 10 rows and two tails of half a metre each, 12 metres; 6 are there.
    expect(found.missing.reduce((sum, m) => sum + m, 0)).toBeCloseTo(6, 3);
  }, 60_000);

  it('the first answer of a search is sound wherever there is one', () => {
    for (let seed = 1; seed <= 60; seed++) {
      const problem = small(seed);
      const first = firstAnswer(problem);
      if (first) expect(faultsOf(problem, first)).toEqual([]);
    }
  });
});
