import type { ActOf } from '../../plan';
import { pieceAt } from '../../knit';
import { STUFFED_WIDER } from '../../body';
import { EAR_MM, HOLD_MM, hookYarnMm } from '../lengths';
import { endRuns } from '../rims';
import { addCut, addCutTails } from '../tails';
import { adorn, type ActRule, firstOf, notOff, partsIn, unchanged } from './rule';

export interface WaistFacts {
  readonly row: number | null;
  readonly rows: number;
  readonly cutMm: number;
  readonly each: number;
}

/** A thread drawn tight round a tube: a waist, or both corners of a straight top. */
export const waist: ActRule<ActOf<'waist'>, WaistFacts> = {
  pieces: (act) => [act.piece],
  name: (act) => String(act.at),
  mirror: unchanged,
  refuses: (act, t) =>
    firstOf(
      () => notOff(t, act.piece),
      () => {
        const { count } = pieceAt(t.run, act.piece).fabric.work;
        for (const { part } of partsIn(t, act.piece)) {
          if (part.body !== 'tube') return { code: 'not-tube', piece: act.piece };
          if (act.at === 'corners') {
            if (part.form !== 'lined' || !part.linked)
              return { code: 'nothing-there', piece: act.piece, run: 'corners' };
          } else if (act.at < 1 || act.at > count) return { code: 'nothing-there', piece: act.piece, run: 'row' };
          else if (!part.filled) return { code: 'not-filled', piece: act.piece };
        }
        return undefined;
      }
    ),
  does: (act, t) => {
    let cutMm = 0;
    const each = act.at === 'corners' ? 2 : 1;
    for (const { part, id } of partsIn(t, act.piece)) {
      const girth = endRuns(t.s, id, 'hung-off').reduce((sum, r) => sum + r.mm, 0) * (1 + STUFFED_WIDER);
      cutMm = act.at === 'corners' ? Math.round(hookYarnMm(EAR_MM) / 2) : Math.round(2 * girth + 2 * HOLD_MM);
      addCut(t.s, {
        yarn: act.yarn,
        what: act.at === 'corners' ? 'ears' : 'waist',
        mm: cutMm,
        count: each * part.times
      });
      addCutTails(t.s, id, act.yarn, 'waist', { count: each });
      adorn(part, 'waist');
    }
    const { count } = pieceAt(t.run, act.piece).fabric.work;
    return { row: act.at === 'corners' ? null : act.at, rows: count, cutMm, each };
  },
  minutes: (f) => 2 * f.each
};
