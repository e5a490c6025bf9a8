import type { StepFacts } from '../facts';
import type { Look, Move, PinLoop, WorkingYarn } from './look';
import type { Moment } from './moment';
import { decreaseMoves, moved } from './moved';
import { inGuide, look, shownAtEdge, span, type Standing } from './standing';

/** Edge work as a hand does it (craft 8.2): yarn aside, edge pins half up, the loops set, pins down, yarn back. */
interface EdgeWork {
  /** Pins that rise, the edge first. */
  readonly up: readonly number[];
  /** The moment in which loops are set. */
  readonly set: (seen: (more: Partial<Look>) => { readonly of: 'pins'; readonly look: Look }) => Moment;
  readonly moves: readonly Move[];
  readonly loopsAfter: readonly PinLoop[];
  /** Edge pin afterwards. */
  readonly edge: number;
}

function edgeWork(at: Standing, side: 'low' | 'high', work: EdgeWork): Moment[] {
  const shown = shownAtEdge(at, at.pin, side);
  const aside: WorkingYarn = { ...inGuide(at), where: 'aside', bumper: null };
  const risen = work.up.map((pin) => ({ pin, by: 'half' as const }));
  const seen = (more: Partial<Look>) => ({ of: 'pins' as const, look: look(at, shown, { working: aside, gate: 'open', ...more }) }); // prettier-ignore
  const [from, to] = [Math.min(...work.up), Math.max(...work.up)];
  const led = { ...inGuide(at), pin: work.edge, bumper: work.edge };
  // Where many were taken off, the new edge lies farther in than the eye was.
  const then = shown.includes(work.edge) ? shown : shownAtEdge(at, work.edge, side);
  return [
    { code: 'aside', facts: { pin: at.pin }, sight: seen({}) },
    { code: 'halfUp', facts: { from, to }, sight: seen({ risen }) },
    work.set((more) => seen({ risen, moves: work.moves, ...more })),
    { code: 'back', facts: { pin: work.edge }, sight: seen({ shown: then, loops: work.loopsAfter, working: led, gate: 'closed', turn: side === 'low' ? 'up' : 'down' }) } // prettier-ignore
  ];
}

/** One stitch less, or two: loops lifted and set in their order, or the edge loop moved onto its neighbour. */
export function decrease(at: Standing, facts: StepFacts['decrease']): Moment[] {
  const { side, method, pin, inner, nearest, deepest, edge } = facts;
  const moves = decreaseMoves(facts);
  // The middle one lies lowest on the pin nearest the panel, the innermost on top of it.
  const loopsAfter = moved(at.loops, moves);
  return edgeWork(at, side, {
    up: { 'full-fashioned': [pin, inner, nearest], 'two-edge': [pin, inner, nearest, deepest], double: [pin, inner, nearest, deepest], simple: [pin, inner] }[method], // prettier-ignore
    moves,
    loopsAfter,
    edge,
    set: (seen) => {
      const sight = seen({ tool: 'pick' });
      switch (method) {
        case 'full-fashioned':
          return { code: 'three', facts: { pin, inner, nearest }, sight };
        case 'two-edge':
          return { code: 'four', facts: { pin, inner, nearest, deepest }, sight };
        case 'double':
          return { code: 'fourDouble', facts: { pin, inner, nearest, deepest }, sight };
        case 'simple':
          return { code: 'one', facts: { pin, inner }, sight };
      }
    }
  });
}

/** One stitch more: the loop below the edge stitch is picked up onto the empty pin beside it. */
export function increase(at: Standing, facts: StepFacts['increase']): Moment[] {
  const { side, pin, next } = facts;
  const from = { on: 'fabric', pin, row: Math.max(1, at.rows - 1) } as const;
  return edgeWork(at, side, {
    up: [pin, next],
    moves: [{ order: 1, from, to: { on: 'pin', pin: next } }],
    loopsAfter: [...at.loops, { pin: next, yarn: at.yarn }],
    edge: next,
    set: (seen) => ({ code: 'below', facts: { pin, next }, sight: seen({ tool: 'pick' }) })
  });
}

/** Edge stitches onto a thread, one by one, the edge first. */
export function hold(at: Standing, facts: StepFacts['hold']): Moment[] {
  const { side, stitches, from, to, next } = facts;
  const order = side === 'low' ? span(from, to) : span(from, to).reverse();
  const moves = order.map((pin, i): Move => ({ order: i + 1, from: { on: 'pin', pin }, to: { on: 'tool' } }));
  return edgeWork(at, side, {
    up: order,
    moves,
    loopsAfter: at.loops.filter((loop) => loop.pin < from || loop.pin > to),
    edge: next,
    set: (seen) => ({ code: 'take', facts: { stitches, from, to }, sight: seen({ tool: 'needle' }) })
  });
}

/** The yarn is cut, and begins anew under the bumper at an edge. */
export function newEnd(at: Standing, facts: StepFacts['newEnd']): Moment[] {
  const { side, pin, oldMm, newMm: mm } = facts;
  const yarn = Math.max(0, at.run.fabric.yarns.indexOf(facts.yarn));
  const [there, here] = [shownAtEdge(at, at.pin, at.pin === at.high ? 'high' : 'low'), shownAtEdge(at, pin, side)];
  const old = { pin: at.pin, yarn: at.yarn, mm: oldMm };
  const fresh: WorkingYarn = { yarn, pin, where: 'guide', bumper: pin };
  return [
    { code: 'cutHere', facts: { mm: oldMm, newMm: mm, pin: at.pin }, sight: { of: 'pins', look: look(at, there, { working: { ...inGuide(at), where: 'cut', bumper: null }, gate: 'open', tails: [old], tool: 'scissors' }) } }, // prettier-ignore
    { code: 'newEnd', facts: { pin }, sight: { of: 'pins', look: look(at, here, { working: { ...fresh, where: 'aside' }, gate: 'open', tails: [{ pin, yarn, mm }] }) } }, // prettier-ignore
    { code: 'back', facts: { pin }, sight: { of: 'pins', look: look(at, here, { working: fresh, tails: [{ pin, yarn, mm }], turn: side === 'low' ? 'up' : 'down' }) } } // prettier-ignore
  ];
}
