import type { ActOf } from '../../plan';
import type { Refusal } from '../refusal';
import type { Part, Tail } from '../state';
import { endsShut, isOutside, reaches } from '../layers';
import { tailsOf } from '../tails';
import { type ActRule, notOff, partsIn, type Table, unchanged } from './rule';

export interface TieFacts {
  /** Pairs of tails, or tails, that are tied on one copy. */
  readonly count: number;
  /** Points are sewn together with the needle that is threaded already. */
  readonly sewn: boolean;
  /** Both crowns are pulled tight and knotted to each other. */
  readonly crowns: boolean;
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
      return (['cast-on', 'hung-off'] as const).flatMap((edge) =>
        loose((tail) => tail.where.at === edge && isOutside(t.s.parts[id]!, tail)).slice(0, 1)
      );
  }
}

function refusalOf(act: TieAct, t: Table, part: Part, tails: readonly Tail[]): Refusal | undefined {
  // A knot takes the tail of either end; one is enough to sew with.
  const needed = act.tails === 'crowns' && act.how !== 'stitch' ? 2 : 1;
  if (tails.length < needed) return { code: 'no-tail', piece: act.piece };
  const reachable = reaches(t.s);
  if (tails.some((tail) => !reachable(tail))) return { code: 'sealed', piece: act.piece };
  // A join is tied for good where its tails hang outside, on the purl side.
  const turned = part.body !== 'tube' || tails.every((tail) => isOutside(part, tail));
  if (act.tails === 'joins' && !turned) return { code: 'other-side', piece: act.piece };
  if (act.tails !== 'crowns') return undefined;
  if (part.form !== 'lined') return { code: 'not-folded', piece: act.piece };
  return endsShut(t.s, part.id) ? undefined : { code: 'not-closed', piece: act.piece };
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
      return { count, sewn: act.how === 'stitch', crowns: act.tails === 'crowns' };
    };
  },
  // A knot a quarter of a minute; two crowns are tugged and knotted twice (own estimate, no source).
  minutes: (f) => (f.sewn ? 0.1 : f.crowns ? 1 : 0.25 * f.count + 0.1)
};
