import type { Result } from '$lib/core/tomble';
import { PLACES } from '$lib/core/read';

/**
 * A result as plain JSON, the answer of `POST /api/plan`. Rows are given as runs, so that a long piece stays small.
 */
export function planAnswer(result: Result): object {
  const { plan, sizes, pace, findings, steps, yarnUse, reveal, outline } = result;
  const runs: { place: string; from: number; to: number }[] = [];
  reveal.place.forEach((code, row) => {
    const place = PLACES[code]!;
    const last = runs.at(-1);
    if (last?.place === place) last.to = row + 1;
    else runs.push({ place, from: row + 1, to: row + 1 });
  });
  return {
    plan,
    figures: { ...sizes, pace },
    findings,
    steps,
    yarn: yarnUse,
    reveal: { foldRow: reveal.foldRow, turnRows: reveal.turnRows, runs },
    outline
  };
}
