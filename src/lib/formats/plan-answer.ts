import type { Result } from '$lib/core/tomble';
import { cutsOf, finishedSketch, finishingSketch, PLACES, type Reveal } from '$lib/core/read';

interface Run {
  readonly place: string;
  readonly from: number;
  to: number;
}

/** Rows alike in place gathered into runs. */
function runsOf(place: Reveal['pieces'][number]['place']): Run[] {
  const runs: Run[] = [];
  place.forEach((code, row) => {
    const name = PLACES[code]!;
    const last = runs.at(-1);
    if (last?.place === name) last.to = row + 1;
    else runs.push({ place: name, from: row + 1, to: row + 1 });
  });
  return runs;
}

/**
 * A result as plain JSON, the answer of `POST /api/plan`. Rows are given as runs, so that a long piece stays small. The
 * fold and the runs of the first piece stand beside those of all pieces, as they did before there could be several.
 */
export function planAnswer(result: Result): object {
  const { plan, sizes, pace, findings, steps, yarnUse, reveal, outline } = result;
  const pieces = reveal.pieces.map(({ place, foldRow }) => ({ foldRow, runs: runsOf(place) }));
  return {
    plan,
    figures: { ...sizes, pace },
    findings,
    steps,
    yarn: yarnUse,
    cuts: cutsOf(result),
    reveal: {
      foldRow: pieces[0]?.foldRow ?? null,
      turnRows: reveal.turnRows,
      runs: pieces[0]?.runs ?? [],
      pieces
    },
    outline: {
      ...outline,
      finished: finishedSketch(result),
      finishing: plan.finishing.map((_, i) => finishingSketch(result, i))
    }
  };
}
