import { pieceAt } from '../../knit';
import { machineOf, ringMm } from '../../kit';
import { type ActOf, halfAt } from '../../plan';
import { THREAD_TURNS } from '../lengths';
import { countOf, endRuns, rimAt } from '../rims';
import { addCut, addTail, tailsAt } from '../tails';
import { type ActRule, firstOf, notOff, partsIn, unchanged } from './rule';

export interface ThreadFacts {
  readonly stitches: number;
  readonly mm: number;
}

/** A thread through every loop of an end, cut for it. */
export const thread: ActRule<ActOf<'thread'>, ThreadFacts> = {
  pieces: (act) => [act.piece],
  name: (act) => act.edge,
  mirror: unchanged,
  refuses: (act, t) =>
    firstOf(
      () => notOff(t, act.piece),
      () => {
        for (const { id } of partsIn(t, act.piece)) {
          if (!rimAt(t.s, id, act.edge)) {
            const there = endRuns(t.s, id, act.edge).length > 0;
            return { code: there ? 'used-up' : 'nothing-there', piece: act.piece, run: act.edge };
          }
          const holds = endRuns(t.s, id, act.edge).map((r) => r.hold);
          if (holds.some((h) => h !== 'open' && h !== 'woven'))
            return { code: 'used-up', piece: act.piece, run: act.edge };
        }
        return undefined;
      }
    ),
  does: (act, t) => {
    const machine = machineOf(t.run.kit, pieceAt(t.run, act.piece).planned.machineId);
    const mm = Math.round(ringMm(machine) * THREAD_TURNS) * (act.doubled ? 2 : 1);
    let stitches = 0;
    for (const { id, part } of partsIn(t, act.piece)) {
      const runs = endRuns(t.s, id, act.edge);
      stitches = runs.reduce((sum, r) => sum + countOf(r), 0);
      for (const r of runs) r.hold = 'thread';
      // A woven cast-on no longer needs its own tail as a string.
      for (const tail of tailsAt(t.s, id, act.edge)) if (tail.fate === 'string') tail.fate = 'loose';
      for (let i = 0; i < 2; i++) {
        addTail(t.s, { id: t.s.tails.length, part: id, yarn: act.yarn, mm: 150, from: 'string', where: { at: act.edge }, half: halfAt(act.edge), face: part.layers[0]!.face, fate: 'string', times: part.times }); // prettier-ignore
      }
      addCut(t.s, { yarn: act.yarn, what: 'drawstring', mm, count: part.times });
    }
    return { stitches, mm };
  },
  // 2 s a stitch (craft 10, common practice, no source).
  minutes: (f) => f.stitches / 30
};
