import { PURPOSES } from '../fabric';
import type { MachineNo } from '../refusal';
import { empty, type No, pinsOf, type RuleOf, unchanged } from './rule';

type Why = Extract<MachineNo, { code: 'rehang-row' }>['why'];

/** Loops of an earlier row lifted back onto the pins. */
export const rehang: RuleOf<'rehang'> = {
  refuses: (ring, { row }, purpose) => {
    if (!ring.occupied) return empty('rehang');
    const no = (why: Why): No => ({ no: { code: 'rehang-row', row, why, rows: ring.rows } });
    if (row < 1 || row > ring.rows) return no('not-knitted');
    if (purpose[row - 1] !== PURPOSES.indexOf('work')) return no('waste');
    if (row === ring.rows) return no('on-pins');
    return ring.doubled.some((d) => d.from <= row && row <= d.to) ? no('doubled') : undefined;
  },
  does: (ring, { row }) => {
    ring.doubled.push({ from: row, to: ring.rows });
  },
  mirror: unchanged,
  minutes: (_, piece) => 0.12 * pinsOf(piece)
};
