import type { ActOf } from '../../plan';
import { type ActRule, firstOf, notOff, partsIn, unchanged } from './rule';

export interface ThreadCordFacts {
  readonly mm: number;
}

/** A cord drawn through the channel that a lifted row made. */
export const threadCord: ActRule<ActOf<'threadCord'>, ThreadCordFacts> = {
  pieces: (act) => [act.piece],
  name: () => '',
  mirror: unchanged,
  refuses: (act, t) =>
    firstOf(
      () => notOff(t, act.piece),
      () => (partsIn(t, act.piece).some(({ part }) => part.channel === 'none') ? { code: 'no-channel', piece: act.piece } : undefined), // prettier-ignore
      () => (t.s.cords.some((c) => c.piece === act.piece) ? undefined : { code: 'no-cord', piece: act.piece })
    ),
  does: (act, t) => {
    const at = t.s.cords.findIndex((c) => c.piece === act.piece);
    const [used] = t.s.cords.splice(at, 1);
    for (const { part } of partsIn(t, act.piece)) part.channel = 'threaded';
    return { mm: used!.mm };
  },
  minutes: () => 2
};
