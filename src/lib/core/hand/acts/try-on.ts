import type { ActOf } from '../../plan';
import { endRuns, rimAt } from '../rims';
import { type ActRule, firstOf, notOff, partsIn, unchanged } from './rule';

export interface TryOnFacts {
  /** Clips that mark where something is fastened. */
  readonly clips: number;
  /** Girth of its upper edge at rest, mm. */
  readonly girthMm: number;
}

/** Tried on before anything is fastened to it, the places clipped: what is measured lying flat is not how it hangs. */
export const tryOn: ActRule<ActOf<'tryOn'>, TryOnFacts> = {
  pieces: (act) => [act.piece],
  name: () => '',
  mirror: unchanged,
  refuses: (act, t) =>
    firstOf(
      () => notOff(t, act.piece),
      () => {
        for (const { id, part } of partsIn(t, act.piece)) {
          if (part.body !== 'tube') return { code: 'not-tube', piece: act.piece };
          // It is pulled on: both ends must be open, and no loop of them loose.
          for (const edge of ['cast-on', 'hung-off'] as const) {
            if (!rimAt(t.s, id, edge)) return { code: 'used-up', piece: act.piece, run: edge };
            const loose = endRuns(t.s, id, edge).filter((r) => r.hold === 'open' || r.hold === 'thread');
            const loops = loose.reduce((sum, r) => sum + r.hi - r.lo + 1, 0);
            if (loops > 0) return { code: 'waste-unheld', piece: act.piece, edge, loops };
          }
        }
        return undefined;
      }
    ),
  does: (act, t) => {
    const { id } = partsIn(t, act.piece)[0]!;
    return { clips: act.clips, girthMm: endRuns(t.s, id, 'hung-off').reduce((sum, r) => sum + r.mm, 0) };
  },
  minutes: () => 3
};
