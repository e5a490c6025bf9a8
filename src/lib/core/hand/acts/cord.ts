import type { ActOf } from '../../plan';
import { CORD_ENDS_MM, hookYarnMm, loopMm, loopReachMm } from '../lengths';
import { endRuns } from '../rims';
import { addCut, addTail } from '../tails';
import { adorn, type ActRule, copiesIn, firstOf, notOff, partsIn, type Table } from './rule';

export interface CordFacts {
  readonly chains: number;
  readonly mm: number;
  readonly cutMm: number;
  readonly count: number;
  /** How far a loop stands out from the end it is fastened to, mm; null for anything else. */
  readonly reachMm: number | null;
}

type CordAct = ActOf<'cord'>;

/** How long a chain is: as asked, from corner to corner of an end, or once round the mouth with room to pull. */
function lengthOf(act: CordAct, t: Table): number {
  if (act.mm !== undefined) return act.mm;
  if (act.chains !== undefined) return (100 * act.chains) / act.per10Cm;
  const { id } = partsIn(t, act.piece)[0]!;
  const end = act.along?.run === 'cast-on' || act.along?.run === 'hung-off' ? act.along.run : 'cast-on';
  const girth = endRuns(t.s, id, end).reduce((sum, r) => sum + r.mm, 0);
  if (act.reachMm === undefined) return Math.round(girth + CORD_ENDS_MM);
  const chains = (loopMm(girth / 2, act.reachMm) * act.per10Cm) / 100;
  return (100 * 2 * Math.ceil(chains / 2)) / act.per10Cm;
}

/** A chain worked with a hook: loop, strap, drawstring, tie. */
export const cord: ActRule<CordAct, CordFacts> = {
  pieces: (act) => [act.piece],
  name: (act) => act.name,
  mirror: (act, over) => (act.along ? { ...act, along: over.ref(act.along) } : act),
  refuses: (act, t) =>
    firstOf(
      () => notOff(t, act.piece),
      () => {
        if (act.along === undefined) return undefined;
        const { run } = act.along;
        const none = partsIn(t, act.piece).some(({ id }) => endRuns(t.s, id, run).length === 0);
        return none ? { code: 'nothing-there', piece: act.piece, run } : undefined;
      }
    ),
  does: (act, t) => {
    const mm = lengthOf(act, t);
    const cutMm = hookYarnMm(mm);
    for (const { part, id } of partsIn(t, act.piece)) {
      addCut(t.s, { yarn: act.yarn, what: 'chain', mm: cutMm, count: act.count * part.times });
      // A drawstring is knotted at both ends, a tie at its far one: those are meant to hang.
      const hang = { drawstring: 2, tie: 1, loop: 0, strap: 0, halter: 0 }[act.name];
      for (let i = 0; i < 2 * act.count; i++) {
        const fate = i % 2 < hang ? 'hanging' : 'loose';
        addTail(t.s, {
          part: id,
          yarn: act.yarn,
          mm: 75,
          from: 'chain',
          where: { at: 'seam', name: act.name },
          ...part.layers[0]!,
          fate,
          times: part.times
        });
      }
      if (act.name === 'drawstring') t.s.cords.push({ piece: act.piece, name: act.name, mm });
      else adorn(part, act.name, act.count);
    }
    const { id } = partsIn(t, act.piece)[0]!;
    const width = act.along ? endRuns(t.s, id, act.along.run).reduce((sum, r) => sum + r.mm, 0) / 2 : 0;
    return {
      chains: Math.max(1, Math.round((mm * act.per10Cm) / 100)),
      mm,
      cutMm,
      count: act.count,
      reachMm: act.name === 'loop' ? loopReachMm(mm, width) : null
    };
  },
  minutes: (f) => f.count * (0.05 * f.chains + 1),
  times: (act, t) => copiesIn(t, act.piece)
};
