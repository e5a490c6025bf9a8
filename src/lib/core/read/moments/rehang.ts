import type { StepFacts } from '../facts';
import { pieceAt, workOf } from '../../knit';
import type { Moment } from './moment';
import { inGuide, look, shownRound, type Standing } from './standing';

/**
 * A row cranked pin by pin: as a pin rises, the loop of an earlier row in the same column is lifted onto it.
 *
 * @param nth which of the pins the hand is at, from 1
 */
export function rehang(at: Standing, facts: StepFacts['rehang'], nth: number): Moment[] {
  const pin = at.low + nth - 1;
  const row = facts.row + workOf(pieceAt(at.run, at.piece).fabric).before;
  const shown = shownRound(at, pin);
  // Pins that were lifted already carry both loops until the turn has knitted them together.
  const done = at.loops.filter((loop) => loop.pin < pin).map(({ pin: p }) => ({ pin: p, yarn: pieceAt(at.run, at.piece).fabric.yarn[row - 1]! })); // prettier-ignore
  const loops = [...at.loops, ...done];
  const risen = [{ pin, by: 'full' }] as const;
  // The ring was turned so far that the guide stands at this pin.
  const working = { ...inGuide(at), pin };
  const lifted = { order: 1, from: { on: 'fabric', pin, row }, to: { on: 'pin', pin } } as const;
  return [
    { code: 'rise', facts: { pin, row: facts.row }, sight: { of: 'pins', look: look(at, shown, { loops, risen, working, turn: at.tube ? 'round' : null }) } }, // prettier-ignore
    { code: 'lift', facts: { pin, row: facts.row }, sight: { of: 'pins', look: look(at, shown, { loops, risen, working, moves: [lifted], tool: 'pick' }) } } // prettier-ignore
  ];
}
