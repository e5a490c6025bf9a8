import { pieceAt } from '../../knit';
import { machineOf, ringMm } from '../../kit';
import { type ActOf, halfAt } from '../../plan';
import { THREAD_TURNS, throughMm } from '../lengths';
import { ownTailAt, type TailJob, tailRefuse, useTail } from '../own-tail';
import { countOf, endRuns, rimAt } from '../rims';
import { addCut, addTail, tailsAt } from '../tails';
import { type ActRule, firstOf, notOff, partsIn, type Table, unchanged } from './rule';

export interface ThreadFacts {
  readonly stitches: number;
  /** Length of the thread, or what it takes of the work's own tail. */
  readonly mm: number;
  /** It is the work's own tail. */
  readonly own: boolean;
}

type ThreadAct = ActOf<'thread'>;

/** What running through the loops takes of the work's own tail. */
function jobOf(act: ThreadAct, t: Table, part: number): TailJob {
  const girth = endRuns(t.s, part, act.edge).reduce((sum, r) => sum + r.mm, 0);
  return { part, edge: act.edge, yarn: act.yarn, mm: throughMm(girth, act.doubled) };
}

/** A thread through every loop of an end: the work's own tail, or one that is cut for it. */
export const thread: ActRule<ThreadAct, ThreadFacts> = {
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
          const no = act.own && tailRefuse(t, jobOf(act, t, id));
          if (no) return no;
        }
        return undefined;
      }
    ),
  does: (act, t) => {
    const machine = machineOf(t.run.kit, pieceAt(t.run, act.piece).planned.machineId);
    let mm = Math.round(ringMm(machine) * THREAD_TURNS) * (act.doubled ? 2 : 1);
    let stitches = 0;
    for (const { id, part } of partsIn(t, act.piece)) {
      const runs = endRuns(t.s, id, act.edge);
      stitches = runs.reduce((sum, r) => sum + countOf(r), 0);
      for (const r of runs) r.hold = 'thread';
      // A woven cast-on no longer needs its own tail as a string.
      for (const tail of tailsAt(t.s, id, act.edge)) if (tail.fate === 'string') tail.fate = 'loose';
      if (act.own) {
        const job = jobOf(act, t, id);
        const own = useTail(t, job, ownTailAt(t, id, act.edge, act.yarn)!.pin);
        own.fate = 'string';
        mm = job.mm;
        continue;
      }
      for (let i = 0; i < 2; i++) {
        addTail(t.s, {
          part: id,
          yarn: act.yarn,
          mm: 150,
          from: 'string',
          where: { at: act.edge },
          half: halfAt(act.edge),
          face: part.layers[0]!.face,
          fate: 'string',
          times: part.times
        });
      }
      addCut(t.s, { yarn: act.yarn, what: 'drawstring', mm, count: part.times });
    }
    return { stitches, mm, own: act.own !== undefined };
  },
  // 2 s a stitch (craft 10, common practice, no source).
  minutes: (f) => f.stitches / 30
};
