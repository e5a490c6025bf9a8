import type { StepFacts } from '../facts';
import type { Look, Move, WorkingYarn } from './look';
import type { Moment } from './moment';
import { inGuide, look, shownAtEdge, shownRound, span, type Standing } from './standing';

/** Pins in the order in which the row without yarn comes to them: from where the yarn stands on. */
const order = (at: Standing): number[] => {
  const pins = span(at.low, at.high);
  return !at.tube && at.pin === at.high ? pins.reverse() : pins;
};

/** The first loops that come off onto a needle or hook, in their order: as many as are shown one beside the other. */
function takes(at: Standing, shown: readonly number[]): Move[] {
  const live = new Set(at.loops.map(({ pin }) => pin));
  const pins = order(at).filter((pin) => live.has(pin));
  const hidden = pins.findIndex((pin) => !shown.includes(pin));
  return pins
    .slice(0, hidden < 0 ? pins.length : hidden)
    .map((pin, i) => ({ order: i + 1, from: { on: 'pin', pin }, to: { on: 'tool' } }));
}

/** The piece comes off, by the way it was planned. */
export function hangOff(at: Standing, facts: StepFacts['hangOff']): Moment[] {
  const { style, thread, threadMm, doubled, stitches, panel, threads, gather } = facts;
  const side = at.pin === at.high ? 'high' : 'low';
  const shown = at.tube ? shownRound(at, at.pin + 2) : shownAtEdge(at, at.pin, side);
  const cut: WorkingYarn = { ...inGuide(at), where: 'cut', bumper: null };
  const tail = [{ pin: at.pin, yarn: at.yarn, mm: threadMm }];
  const seen = (more: Partial<Look>) => ({ of: 'pins' as const, look: look(at, shown, { working: cut, gate: 'open', ...more }) }); // prettier-ignore
  const turn = at.tube ? 'round' : side === 'low' ? 'up' : 'down';
  const moves = takes(at, shown);
  const pin = order(at)[0] ?? at.pin;
  switch (style) {
    case 'waste':
      return [
        { code: 'cutWaste', facts: {}, sight: seen({ tool: 'scissors', tails: [{ pin: at.pin, yarn: at.yarn, mm: 0 }] }) }, // prettier-ignore
        { code: 'fall', facts: { panel }, sight: seen({ turn, moves: moves.map((m) => ({ ...m, to: { on: 'middle' } })) }) } // prettier-ignore
      ];
    case 'chain': {
      const [first, second] = order(at);
      const next = second ?? first ?? at.pin;
      return [
        { code: 'hookTwo', facts: { pin, next }, sight: seen({ tool: 'hook', working: { ...cut, where: 'aside' }, moves: moves.slice(0, 2) }) }, // prettier-ignore
        { code: 'hookOn', facts: { next: order(at)[2] ?? next, panel }, sight: seen({ tool: 'hook', working: { ...cut, where: 'aside' }, loops: at.loops.filter((l) => l.pin !== first && l.pin !== second), held: 1, moves: moves.slice(2, 3).map((m) => ({ ...m, order: 1 })) }) }, // prettier-ignore
        { code: 'hookEnd', facts: { mm: threadMm }, sight: seen({ tool: 'hook', loops: [], held: 1, tails: tail, working: null }) } // prettier-ignore
      ];
    }
    case 'thread':
    case 'drawstring': {
      const turns = panel ? null : facts.turns;
      const all: Moment = { code: 'taken', facts: { stitches, live: style === 'thread', threads }, sight: seen({ tool: 'needle', loops: [], held: at.loops.length, working: null }) }; // prettier-ignore
      const cutTail: Moment = { code: 'cutTail', facts: { mm: threadMm, turns, thread, doubled }, sight: seen({ tool: 'scissors', tails: tail }) }; // prettier-ignore
      if (gather) return [cutTail, { code: 'drawThrough', facts: { stitches }, sight: seen({ tool: 'needle', moves, tails: tail }) }, all]; // prettier-ignore
      return [
        cutTail,
        { code: 'noYarn', facts: { empty: facts.empty }, sight: seen({ turn, risen: [{ pin, by: 'full' }] }) },
        { code: 'needle', facts: { pin, stitches, thread, threads }, sight: seen({ tool: 'needle', turn, moves, risen: [{ pin, by: 'full' }] }) }, // prettier-ignore
        all
      ];
    }
  }
}
