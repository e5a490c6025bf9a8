import type { ActOf } from '../../plan';
import { pieceAt } from '../../knit';
import { endRuns } from '../rims';
import type { Run, State } from '../state';
import { type ActRule, firstOf, notOff, partsIn } from './rule';

export interface RunDownFacts {
  readonly pins: readonly number[];
  readonly rows: number;
}

/** The last loop at a pin, left out of the seam. */
const leftAt = (s: State, part: number, pin: number): Run | undefined =>
  endRuns(s, part, 'hung-off').find((r) => r.hold === 'left' && r.lo <= pin && pin <= r.hi);

/** Loops that were left out run down the whole tube: knitting runs from its last row to its first (craft 7.14). */
export const runDown: ActRule<ActOf<'runDown'>, RunDownFacts> = {
  pieces: (act) => [act.piece],
  name: () => '',
  mirror: (act, over) => ({ ...act, ...over.pins(act.piece, 'pins', act.pins) }),
  refuses: (act, t) =>
    firstOf(
      () => notOff(t, act.piece),
      () => {
        for (const { id } of partsIn(t, act.piece)) {
          for (const pin of act.pins) {
            const left = leftAt(t.s, id, pin);
            if (!left) return { code: 'none-left', piece: act.piece, pin };
            if (left.waste > 0) return { code: 'waste-on', piece: act.piece, edge: 'hung-off' };
          }
        }
        return undefined;
      }
    ),
  does: (act, t) => {
    for (const { id, part } of partsIn(t, act.piece)) {
      for (const pin of act.pins) leftAt(t.s, id, pin)!.hold = 'run';
      part.ran = [...part.ran, ...act.pins];
    }
    return { pins: act.pins, rows: pieceAt(t.run, act.piece).fabric.work.count };
  },
  minutes: (f) => f.pins.length * (1 + f.rows * 0.01)
};
