import type { ActOf } from '../../plan';
import { countOf, endRuns } from '../rims';
import type { Run } from '../state';
import { type ActRule, firstOf, notOff, partsIn, unchanged } from './rule';

export interface WasteOffFacts {
  readonly rows: number;
  readonly loops: number;
  /** The strip falls off whole, and can be kept. */
  readonly whole: boolean;
}

/** Loops that nothing would hold without the waste; those left out for a ladder are meant to run. */
const unheld = (runs: readonly Run[]): number =>
  runs.filter((r) => r.hold === 'open').reduce((sum, r) => sum + countOf(r), 0);

/** Waste yarn comes away once every live loop is held by something else (craft 3.7). */
export const wasteOff: ActRule<ActOf<'wasteOff'>, WasteOffFacts> = {
  pieces: (act) => [act.piece],
  name: (act) => act.edge,
  mirror: unchanged,
  refuses: (act, t) =>
    firstOf(
      () => notOff(t, act.piece),
      () => {
        for (const { id } of partsIn(t, act.piece)) {
          const runs = endRuns(t.s, id, act.edge);
          if (!runs.some((r) => r.waste > 0)) return { code: 'no-waste', piece: act.piece, edge: act.edge };
          const loops = unheld(runs);
          if (loops > 0) return { code: 'waste-unheld', piece: act.piece, edge: act.edge, loops };
          if (act.by === 'separator' && !runs.some((r) => r.separator)) return { code: 'no-separator', piece: act.piece, edge: act.edge }; // prettier-ignore
        }
        return undefined;
      }
    ),
  does: (act, t) => {
    let rows = 0;
    let loops = 0;
    for (const { id } of partsIn(t, act.piece)) {
      const runs = endRuns(t.s, id, act.edge);
      rows = Math.max(...runs.map((r) => r.waste));
      loops = runs.reduce((sum, r) => sum + countOf(r), 0);
      for (const r of runs) {
        r.waste = 0;
        r.separator = false;
      }
    }
    return { rows, loops, whole: act.by === 'strand' || act.by === 'separator' };
  },
  minutes: (f) => (f.whole ? 1.5 : 1 + f.rows * 0.15)
};
