import type { ActOf } from '../../plan';
import { pieceAt } from '../../knit';
import { endRuns, stitchMm } from '../rims';
import { type ActRule, firstOf, notOff, partsIn, unchanged } from './rule';

export interface LatchFacts {
  readonly groups: number;
  readonly columns: number;
  readonly rows: number;
  /** Threads the last loops hang on: one for every run of pins, so one more than there are groups. */
  readonly threads: number;
}

/** Floats latched up into columns, from the cast-on; the ends widen by as many loops. */
export const latch: ActRule<ActOf<'latch'>, LatchFacts> = {
  pieces: (act) => [act.piece],
  name: () => '',
  mirror: unchanged,
  refuses: (act, t) =>
    firstOf(
      () => notOff(t, act.piece),
      () =>
        partsIn(t, act.piece).some(({ part }) => !part.floats) ? { code: 'no-floats', piece: act.piece } : undefined
    ),
  does: (act, t) => {
    const knitted = pieceAt(t.run, act.piece).fabric;
    const { after, columns } = knitted.floats;
    for (const { part, id } of partsIn(t, act.piece)) {
      part.floats = false;
      for (const edge of ['cast-on', 'hung-off'] as const) {
        const [run] = endRuns(t.s, id, edge);
        if (!run) continue;
        const hi = run.hi + after.length * columns;
        t.s.runs[run.id] = { ...run, hi, mm: (hi - run.lo + 1) * stitchMm(t.run, act.piece) };
      }
    }
    return { groups: after.length, columns, rows: knitted.work.count, threads: after.length + 1 };
  },
  minutes: (f) => f.groups * f.columns * (1 + f.rows * 0.04)
};
