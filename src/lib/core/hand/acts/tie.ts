import type { ActOf } from '../../plan';
import type { Refusal } from '../refusal';
import type { Part, Tail } from '../state';
import { reaches, tailsOf } from '../tails';
import { type ActRule, notOff, partsIn, type Table, unchanged } from './rule';

export interface TieFacts {
  /** Pairs of tails, or tails, that are tied on one copy. */
  readonly count: number;
}

type TieAct = ActOf<'tie'>;

/** The tails an act ties. */
function tailsFor(act: TieAct, t: Table, id: number): Tail[] {
  const loose = (so: (tail: Tail) => boolean): Tail[] => tailsOf(t.s, id, (tail) => tail.fate === 'loose' && so(tail));
  switch (act.tails) {
    case 'joins':
      return loose((tail) => tail.from === 'join');
    case 'first-loop':
      return loose((tail) => tail.where.at === act.edge && (tail.from === 'first' || tail.from === 'last')).slice(0, 1);
    case 'crowns':
      return (['cast-on', 'hung-off'] as const).flatMap((edge) => loose((tail) => tail.where.at === edge).slice(0, 1));
  }
}

function refusalOf(act: TieAct, t: Table, part: Part, tails: readonly Tail[]): Refusal | undefined {
  if (tails.length === 0 || (act.tails === 'crowns' && tails.length < 2)) return { code: 'no-tail', piece: act.piece };
  const reachable = reaches(t.s);
  if (tails.some((tail) => !reachable(tail))) return { code: 'sealed', piece: act.piece };
  if (act.tails === 'crowns' && part.form !== 'lined') return { code: 'not-folded', piece: act.piece };
  return undefined;
}

/** Tails tied: at joins, crown to crown, or a first tail through its first loop. */
export const tie: ActRule<TieAct, TieFacts> = {
  pieces: (act) => [act.piece],
  name: (act) => [act.tails, act.edge].filter(Boolean).join('-'),
  mirror: unchanged,
  tries: (act, t) => {
    const refusal = notOff(t, act.piece);
    if (refusal) return refusal;
    const found: { readonly part: Part; readonly tails: readonly Tail[] }[] = [];
    for (const { part, id } of partsIn(t, act.piece)) {
      const tails = tailsFor(act, t, id);
      const refusal = refusalOf(act, t, part, tails);
      if (refusal) return refusal;
      found.push({ part, tails });
    }
    return () => {
      let count = 0;
      for (const { part, tails } of found) {
        count = act.tails === 'joins' ? tails.length / 2 : tails.length;
        // Crowns, and tails that are woven in afterwards, keep an end to bury.
        const keeps = act.tails !== 'joins' || act.how === 'overhand';
        if (!keeps) for (const tail of tails) tail.fate = 'tied';
        if (act.tails === 'crowns') part.linked = true;
      }
      return { count };
    };
  },
  minutes: (f) => 0.25 * f.count + 0.1
};
