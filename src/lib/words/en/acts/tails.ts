import type { TailGroup } from '$lib/core/hand';
import type { Words } from '../../words';

type Tails = Pick<Words['acts'], 'tie' | 'weave'>;

const WHERE: Readonly<Record<TailGroup['place'], string>> = {
  'cast-on': 'at the first edge',
  'hung-off': 'at the last edge',
  row: 'at colour changes',
  seam: 'at seams and edges'
};

/** Tails tied and woven in. */
export const tails: Tails = {
  tie: (a, f, t) => {
    switch (a.tails) {
      case 'joins':
        return a.how === 'knot'
          ? {
              title: `Knot ${t.many(f.count, 'join', 'joins')} for good`,
              detail: `Each two tails in a real knot, pulled up only now that the ${t.piece(a.piece)} is stretched: knotted before, they would pop through. Do not cinch.`,
              why: 'A real knot survives the wash; one overhand knot and a woven-in tail is softer.'
            }
          : {
              title: `Tie ${t.many(f.count, 'join', 'joins')} with one overhand knot`,
              detail: `Loosely, the ${t.piece(a.piece)} stretched. Each tail is then woven into its own colour.`,
              why: 'One overhand knot and a woven-in tail is soft; a real knot survives the wash.'
            };
      case 'first-loop':
        return {
          title: `Tie the tail through its loop at the ${a.edge === 'cast-on' ? 'first' : 'last'} edge`,
          detail: `The work's own tail once through the loop next to it, so that it cannot drop now that the waste is off: a knot, not tight.`
        };
      case 'crowns':
        return a.how === 'stitch'
          ? {
              title: 'Sew the two points together',
              detail:
                'Both points touch. With the outer tail sew through the very top of both layers, two stitches one way and two across.'
            }
          : {
              title: 'Tie the two crowns together',
              detail:
                'Both tails hang outside: knot them to one another, so that the lining cannot slip. Then the ends go down between the layers.'
            };
    }
  },
  weave: (a, f, t) => {
    const parts = f.groups.map(({ yarn, place, count }) => `${t.num(count)} in ${t.yarn(yarn)} ${WHERE[place]}`);
    const how =
      a.how === 'inside'
        ? f.threaded
          ? 'It is on the needle still: run it in, out a few centimetres on, and cut it close.'
          : 'With a needle into the space between the layers or into the filling, out a few centimetres on, and cut close: the ends slip back inside.'
        : 'Each in its own colour on the wrong side, 3 to 4 cm in a zigzag and back, more where it goes into the machine wash; then cut.';
    return {
      title: `${a.how === 'inside' ? 'Bury' : 'Weave in'} ${t.many(f.tails, 'tail', 'tails')}`,
      detail: `${t.sentence(t.list(parts))}. ${how}`
    };
  }
};
