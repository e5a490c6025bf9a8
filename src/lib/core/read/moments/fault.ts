import type { CrankFault, Executed } from '../../knit';
import { pieceAt, workOf } from '../../knit';
import { JOIN_TAIL_MM } from '../../plan';
import type { Moment } from './moment';
import { inGuide, look, shownAtEdge, shownRound, standingBefore } from './standing';

/**
 * What to do now about something that went wrong, with what is seen at its pin (craft 9).
 *
 * @example faultMoment(result, { kind: 'dropped', piece: 0, copy: 1, row: 20, pin: 9, over: 1 }).code // 'markIt'
 */
export function faultMoment(run: Executed, fault: Omit<CrankFault, 'copy'>): Moment {
  const { kind, piece, pin, over } = fault;
  const knitted = pieceAt(run, piece).fabric;
  const at = standingBefore(run, piece, (knitted.operation[fault.row - 1] ?? 0) + 1);
  const edge = !at.tube && (pin === at.low || pin === at.high);
  const shown = edge ? shownAtEdge(at, pin, pin === at.low ? 'low' : 'high') : shownRound(at, pin);
  const facts = { pin, row: fault.row - workOf(knitted).before, over };
  const bare = { working: null, gate: null } as const;
  const off = at.loops.filter((loop) => loop.pin !== pin);
  const below = { on: 'fabric', pin, row: fault.row } as const;
  switch (kind) {
    case 'dropped':
      return { code: 'markIt', facts, sight: { of: 'pins', look: look(at, shown, { ...bare, loops: off, risen: [{ pin, by: 'half' }], moves: [{ order: 1, from: below, to: { on: 'pin', pin } }], tool: 'pick' }) } }; // prettier-ignore
    case 'tuck': {
      const own = at.loops.filter((loop) => loop.pin === pin);
      const piled = Array.from({ length: Math.min(over, 3) }, () => own).flat();
      return { code: 'pushDown', facts, sight: { of: 'pins', look: look(at, shown, { ...bare, loops: [...at.loops, ...piled], moves: [{ order: 1, from: { on: 'pin', pin }, to: { on: 'middle' } }] }) } }; // prettier-ignore
    }
    case 'split':
      return { code: 'setWhole', facts, sight: { of: 'pins', look: look(at, shown, { ...bare, risen: [{ pin, by: 'half' }], moves: [{ order: 1, from: { on: 'pin', pin }, to: { on: 'pin', pin } }], tool: 'pick' }) } }; // prettier-ignore
    case 'edge-loop':
      return { code: 'liftOff', facts, sight: { of: 'pins', look: look(at, shown, { ...bare, risen: [{ pin, by: 'half' }], moves: [{ order: 1, from: { on: 'pin', pin }, to: { on: 'tool' } }], tool: 'pick' }) } }; // prettier-ignore
    case 'new-ball': {
      const { yarn } = at;
      const led = { ...inGuide(at), pin };
      const tails = [0, 1].map(() => ({ pin, yarn, mm: JOIN_TAIL_MM }));
      return { code: 'newBall', facts: { ...facts, yarn: run.fabric.yarns[yarn]!, mm: JOIN_TAIL_MM }, sight: { of: 'pins', look: look(at, shown, { working: led, gate: 'closed', tails }) } }; // prettier-ignore
    }
    case 'wrong-turn':
      return { code: 'tearBack', facts, sight: { of: 'pins', look: look(at, shown, { ...bare, turn: null }) } };
  }
}
