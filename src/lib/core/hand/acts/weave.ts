import type { ActOf } from '../../plan';
import type { Tail } from '../state';
import { endRuns } from '../rims';
import { reaches } from '../layers';
import { type ActRule, type Table, unchanged } from './rule';

/** Tails of one yarn at one kind of place. */
export interface TailGroup {
  readonly yarn: string;
  readonly place: 'cast-on' | 'hung-off' | 'row' | 'seam';
  readonly count: number;
}
export interface WeaveFacts {
  readonly tails: number;
  readonly threaded: boolean;
  readonly groups: readonly TailGroup[];
}

/** The tail of a woven cast-on that is left as it is: nobody draws it, so it is woven in. */
const isSpare = (t: Table, tail: Tail): boolean =>
  tail.fate === 'string' &&
  tail.from === 'cast-on' &&
  endRuns(t.s, tail.part, 'cast-on').some((r) => r.hold === 'woven');

/** Loose tails that a hand reaches. */
function within(act: ActOf<'weave'>, t: Table): Tail[] {
  const reachable = reaches(t.s);
  const of = act.pieces && new Set(act.pieces);
  return t.s.tails.filter(
    (tail) =>
      (tail.fate === 'loose' || isSpare(t, tail)) &&
      (!of || of.has(t.s.parts[tail.part]!.piece)) &&
      (act.tails === undefined || tail.from === 'join') &&
      (act.edge === undefined || tail.where.at === act.edge) &&
      reachable(tail)
  );
}

/** Every loose tail that can be reached goes into the fabric, or between the layers. */
export const weave: ActRule<ActOf<'weave'>, WeaveFacts> = {
  pieces: (act) => act.pieces ?? [],
  name: (act) => [act.how, act.tails, act.edge].filter(Boolean).join('-'),
  mirror: unchanged,
  tries: (act, t) => {
    const loose = within(act, t);
    if (loose.length === 0) return { code: 'no-tail', piece: act.pieces?.[0] ?? 0 };
    return () => {
      const groups = new Map<string, { yarn: string; place: TailGroup['place']; count: number }>();
      let tails = 0;
      for (const tail of loose) {
        tail.fate = act.how;
        tails += tail.times;
        const key = `${tail.yarn} ${tail.where.at}`;
        const known = groups.get(key);
        if (known) known.count += tail.times;
        else groups.set(key, { yarn: tail.yarn, place: tail.where.at, count: tail.times });
      }
      return { tails, threaded: act.threaded ?? false, groups: [...groups.values()] };
    };
  },
  // Half a minute for each, 5 s where the needle carries it already (common practice, no source).
  minutes: (f) => (f.threaded ? f.tails / 12 : 0.4 * f.tails),
  times: () => 1
};
