import type { Highs, ModelData } from 'highs';
import { type Answer, answerOf, costOf, firstAnswer, type LeftoverModel, type LeftoverProblem, type Model, modelOf, unlike, valuesOf } from '$lib/core/colour/leftovers'; // prettier-ignore

/** One answer with what it costs, and how sure it is that nothing is better. */
export interface Found {
  readonly answer: Answer;
  readonly joins: number;
  readonly uglyRows: number;
  /** Nothing better exists. */
  readonly proved: boolean;
  /** Where that is not proved: the share by which something might be better. */
  readonly gap: number;
}

/** What came of a search. */
export type Searched =
  | { readonly is: 'found'; readonly answers: readonly Found[] }
  /** No answer: metres that are missing, by yarn, at the least. */
  | { readonly is: 'short'; readonly missing: readonly number[] }
  /** Not even with more yarn: the wishes rule each other out. */
  | { readonly is: 'ruled-out' }
  /** The time was over before anything was found. */
  | { readonly is: 'no-time' };

/** Told while it searches: which answer is looked for, and how far from proof it is. */
export interface Searching {
  readonly answer: number;
  readonly gap: number | null;
}

/** A model as the solver takes it. */
export function dataOf({ columns, rows }: Model): ModelData {
  const starts = [0];
  const indices: number[] = [];
  const values: number[] = [];
  for (const row of rows) {
    indices.push(...row.at);
    values.push(...row.by);
    starts.push(indices.length);
  }
  return {
    numCols: columns.length,
    numRows: rows.length,
    colCost: columns.map((c) => c.cost),
    colLower: columns.map((c) => c.lower),
    colUpper: columns.map((c) => c.upper),
    rowLower: rows.map((r) => r.lower),
    rowUpper: rows.map((r) => r.upper),
    matrix: { format: 'csr', numRows: rows.length, numCols: columns.length, starts, indices, values },
    integrality: columns.map((c) => (c.whole ? 1 : 0))
  };
}

/** One run of the solver. */
function run(
  highs: Highs,
  of: LeftoverModel,
  seconds: number,
  told: (gap: number | null) => void,
  begin: Float64Array | null = null
) {
  const { constants } = highs;
  return highs.withModel(dataOf(of.model), (model) => {
    model.options.set({ output_flag: false, time_limit: seconds, mip_rel_gap: 0 });
    if (begin) model.setSolution({ colValue: begin });
    model.run({ [constants.callbackType.mipLogging]: (event) => void told(event.data.mip_gap ?? null) as undefined });
    const status = model.getModelStatus();
    if (status === constants.modelStatus.infeasible) return { is: 'infeasible' as const };
    const gap = Number(model.info.get('mip_gap'));
    const values = model.getSolution().colValue;
    const optimal = status === constants.modelStatus.optimal;
    if (!optimal && !Number.isFinite(gap)) return { is: 'no-time' as const };
    return { is: 'solved' as const, values: Float64Array.from(values), optimal, gap: optimal ? 0 : gap };
  });
}

/**
 * Searches for sections that use leftovers: the best answer, then others that truly differ.
 *
 * @param wanted answers at most
 * @param seconds for each of them
 * @param told how the search stands
 */
export function searchLeftovers(
  highs: Highs,
  problem: LeftoverProblem,
  { wanted = 3, seconds = 10 }: { wanted?: number; seconds?: number } = {},
  told: (at: Searching) => void = () => undefined
): Searched {
  const model = modelOf(problem);
  const first = firstAnswer(problem);
  const begin = first && valuesOf(model, problem, first);
  const answers: Found[] = [];
  const had: Float64Array[] = [];
  for (let answer = 1; answer <= wanted; answer++) {
    told({ answer, gap: null });
    const found = run(highs, unlike(model, had), seconds, (gap) => told({ answer, gap }), answer === 1 ? begin : null);
    if (found.is === 'solved') {
      const read = answerOf(model, found.values);
      had.push(found.values);
      if (answers.some((other) => JSON.stringify(other.answer) === JSON.stringify(read))) continue;
      const { joins, uglyRows } = costOf(problem, read);
      answers.push({ answer: read, joins, uglyRows, proved: found.optimal, gap: found.gap });
      continue;
    }
    if (answers.length > 0) break;
    if (found.is === 'no-time') return { is: 'no-time' };
    // Why there is none: how much yarn would be missing at the least.
    const asking = modelOf(problem, true);
    const short = run(highs, asking, seconds, () => undefined);
    if (short.is !== 'solved') return { is: 'ruled-out' };
    return { is: 'short', missing: asking.missing.map((at) => Math.max(0, short.values[at]!)) };
  }
  return { is: 'found', answers };
}
