import { type Answer, type LeftoverProblem, rowsOf } from './problem';

/** What is wrong with an answer. */
export type AnswerFault =
  | { readonly is: 'rows'; readonly piece: number; readonly rows: number; readonly wanted: number }
  | { readonly is: 'low'; readonly piece: number; readonly rows: number }
  | { readonly is: 'alike'; readonly piece: number }
  | { readonly is: 'order'; readonly piece: number }
  | { readonly is: 'mirror'; readonly piece: number }
  | { readonly is: 'overdrawn'; readonly yarn: number; readonly metres: number; readonly has: number };

/** Metres that may be off by rounding of sums. */
const ROUNDING = 1e-6;

/** Metres of every yarn that an answer takes: counted section by section, knowing nothing of how it was found. */
export function metresOf(problem: LeftoverProblem, answer: Answer): number[] {
  const used = problem.yarns.map(() => 0);
  problem.pieces.forEach((piece, p) => {
    answer[p]!.forEach(({ yarn, rows }, i, all) => {
      let metres = rows * piece.rowMetres[yarn]! + 2 * problem.tailMetres;
      if (i === 0) metres += piece.firstMetres;
      if (i === all.length - 1) metres += piece.lastMetres;
      used[yarn]! += piece.copies * metres;
    });
  });
  return used;
}

/** Everything that is wrong with an answer; nothing for a sound one. */
export function faultsOf(problem: LeftoverProblem, answer: Answer): AnswerFault[] {
  const faults: AnswerFault[] = [];
  problem.pieces.forEach((piece, p) => {
    const laid = answer[p]!;
    const rows = laid.reduce((sum, s) => sum + s.rows, 0);
    if (rows !== rowsOf(piece)) faults.push({ is: 'rows', piece: p, rows, wanted: rowsOf(piece) });
    for (const s of laid) if (s.rows < problem.leastRows && laid.length > 1) faults.push({ is: 'low', piece: p, rows: s.rows }); // prettier-ignore
    const beside = (a: number, b: number): boolean => problem.apart.some(([x, y]) => (x === a && y === b) || (x === b && y === a)); // prettier-ignore
    if (laid.some((s, i) => i > 0 && (s.yarn === laid[i - 1]!.yarn || beside(s.yarn, laid[i - 1]!.yarn)))) faults.push({ is: 'alike', piece: p }); // prettier-ignore
    if (problem.inOrder && laid.some((s, i) => i > 0 && s.yarn < laid[i - 1]!.yarn)) faults.push({ is: 'order', piece: p }); // prettier-ignore
    const colours = laid.flatMap((s) => Array.from({ length: s.rows }, () => s.yarn));
    if (problem.mirrored && colours.some((c, i) => c !== colours[colours.length - 1 - i])) faults.push({ is: 'mirror', piece: p }); // prettier-ignore
  });
  metresOf(problem, answer).forEach((metres, yarn) => {
    const has = problem.yarns[yarn]!.metres;
    if (metres > has + ROUNDING) faults.push({ is: 'overdrawn', yarn, metres, has });
  });
  return faults;
}

/** Joins count this much, and a row of an ugly end that is seen that much: ten such rows are as bad as a join. */
export const COST = { join: 10, uglyRow: 1 } as const;

/** How good an answer is: less is better. Joins in all copies, and rows of ugly ends that are seen. */
export function costOf(
  problem: LeftoverProblem,
  answer: Answer
): { readonly joins: number; readonly uglyRows: number; readonly cost: number } {
  // prettier-ignore
  let [joins, uglyRows] = [0, 0];
  problem.pieces.forEach((piece, p) => {
    const laid = answer[p]!;
    joins += piece.copies * (laid.length - 1);
    const colours = laid.flatMap((s) => Array.from({ length: s.rows }, () => s.yarn));
    let row = 0;
    for (const zone of piece.zones)
      for (let i = 0; i < zone.rows; i++, row++)
        if (zone.seen && problem.yarns[colours[row] ?? -1]?.ugly) uglyRows += piece.copies;
  });
  return { joins, uglyRows, cost: COST.join * joins + COST.uglyRow * uglyRows };
}
