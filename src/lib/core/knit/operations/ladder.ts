import { CELL } from '../fabric';
import { empty, type RuleOf } from './rule';

/** Stitches of some pins run down to the cast-on; their yarn stays in the fabric as rungs. */
export const ladder: RuleOf<'ladder'> = {
  refuses: (ring, { pins }) => {
    if (!ring.occupied) return empty('drop');
    const off = pins.find((pin) => pin < ring.low || pin > ring.high);
    if (off !== undefined) return { no: { code: 'ladder-pin', pin: off, twice: false }, pin: off };
    const twice = pins.find((pin, i) => ring.ladders.has(pin) || pins.indexOf(pin) < i);
    return twice === undefined ? undefined : { no: { code: 'ladder-pin', pin: twice, twice: true }, pin: twice };
  },
  does: (ring, { pins }, { rows: { cells } }) => {
    for (const pin of pins) {
      ring.ladders.add(pin);
      for (let row = 0; row < ring.rows; row++) cells[row * ring.width + pin - ring.firstPin] = CELL.ladder;
    }
  },
  mirror: (op, { pin }) => ({ ...op, pins: op.pins.map(pin).sort((a, b) => a - b) }),
  minutes: ({ pins }) => 2 * pins.length
};
