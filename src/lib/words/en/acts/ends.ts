import type { Edge } from '$lib/core/plan';
import { edgeOf } from '../refusals';
import type { Words } from '../../words';

type Ends = Pick<Words['acts'], 'thread' | 'lead' | 'draw' | 'gather' | 'bringOut' | 'wasteOff' | 'runDown'>;

const tailOf = (edge: Edge): string => `of the ${edge === 'cast-on' ? 'first' : 'last'} end`;

const both = (edges: readonly Edge[]): boolean => edges.length > 1;

/** Ends of a piece: threaded, drawn, rid of waste. */
export const ends: Ends = {
  thread: (a, f, t) => ({
    title: `Thread ${edgeOf(a.edge, a.piece, t)}`,
    detail: `${
      f.own
        ? `Take the work's own tail there, ${t.cut(f.mm)} of it${a.doubled ? ', and use it doubled' : ''}.`
        : `Cut ${t.cut(f.mm)} of ${t.yarn(a.yarn)}${a.doubled ? ' and use it doubled' : ''}.`
    } With a blunt needle pick up every live loop once round, all ${t.num(f.stitches)}, from inside to outside, a finger over the next one.`
  }),
  lead: (a, f, t) =>
    a.to === 'corner'
      ? {
          title: `Lead the tail ${tailOf(a.tail)} to the corner`,
          detail: `With a needle in and out of the edge it hangs at, ${t.len(f.mm)}, to ${t.pin(f.pin)}: there the corner lies, and there the seam begins.`
        }
      : {
          title: `Lead the tail ${tailOf(a.tail)} along the closed end`,
          detail: `With a needle in and out of the ridge, on the inside, ${t.len(f.mm)}, to the other fold of the ${t.piece(a.piece)}. There the next seam begins; knot it inside.`
        },
  draw: (a, f, t) => {
    if (both(a.edges)) {
      return {
        title: 'Draw both edges shut in turn',
        detail:
          'A little on the one thread, a little on the other, in turn: pulling one too fast leaves inner loops hanging, and catching the running thread snaps it. Look at the far side for a hanging loop. Knot the threads and cut them.'
      };
    }
    const pull = f.woven ? 'Pull the cast-on tail' : 'Pull the thread';
    const knot = `Roll the raw edge inwards and lay the tail on the ${a.tail} side before the hole is shut.`;
    return {
      title: `Draw ${edgeOf(a.edges[0]!, a.piece, t)} shut`,
      detail: `${pull} little by little until ${t.stitches(f.stitches)} leave no hole; take the drawn stitches up once more. ${knot}`
    };
  },
  gather: (a, f, t) => ({
    title: `Gather ${edgeOf(a.edge, a.piece, t)} half`,
    detail: `Draw its ${t.stitches(f.stitches)} together until the opening is half as wide, and knot. What is left is sewn flat next.`,
    why: 'Gathered half and sewn flat it does not bunch in a shoe; drawn shut it is quicker.'
  }),
  bringOut: (a, f, t) => ({
    title: `Bring ${f.tails === 1 ? 'the tail' : `all ${f.tails} tails`} of the drawn end out`,
    detail: `The drawn end of the ${t.piece(a.piece)} now lies at the opening of the other one. Lead ${f.tails === 1 ? 'its tail' : 'its tails'} out between the two layers: once the opening is drawn shut, nobody can reach ${f.tails === 1 ? 'it' : 'them'}.`
  }),
  wasteOff: (a, f, t) => {
    const at = edgeOf(a.edge, a.piece, t);
    const rows = t.rows(f.rows);
    const title = `Take the waste off ${at}`;
    switch (a.by) {
      case 'strand':
        return { title, detail: `Its ${t.num(f.loops)} loops are held. Find the one strand that runs through the loops next to the work and pull it out: the ${rows} fall off in one piece. Keep the strip if you like, you know its count.` }; // prettier-ignore
      case 'separator':
        return { title, detail: `Its ${t.num(f.loops)} loops are held. Pull the separator ${t.terms.row}: the waste falls away whole, ${rows} with it.` }; // prettier-ignore
      case 'cut':
        return { title, detail: `Its ${t.num(f.loops)} loops are held. Cut the waste away with scissors just beyond the secured ${t.terms.row}, all ${rows} of it, and pick out what hangs on.` }; // prettier-ignore
      case 'unravel':
        return {
          title,
          detail:
            a.edge === 'hung-off'
              ? `Its ${t.num(f.loops)} loops are held. Pull the free end: the ${rows} run back loop by loop.`
              : `Its ${t.num(f.loops)} loops are held. Free the cast-on ${t.terms.pin} by ${t.terms.pin} first, then the ${rows} unravel.`
        };
    }
  },
  runDown: (a, f, t) => ({
    title: `Let the two loops of the ${t.piece(a.piece)} run down`,
    detail: `The loops left out at ${t.pins} ${t.list(f.pins.map(String))} run from the last ${t.terms.row} to the first: ${t.rows(f.rows)}, each leaves a rung. Help with a hook where they cling.`
  })
};
