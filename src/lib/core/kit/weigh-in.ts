import { about, type Figure } from '../quantity';
import type { Gauge } from './gauge';
import { type Machine, ringMm } from './machine';
import type { Yarn } from './yarn';

/** What is left of a yarn by the scale. */
export interface WeighIn {
  readonly grams: number;
  /** Metres of one strand. */
  readonly metres: Figure;
  /** Rows on the chosen machine, tails taken off. */
  readonly rows: Figure;
}

/** Kitchen scales and labels: about this much of what they say (own estimate, no source). */
const SCALE_SPREAD = 0.02;

/** Cast-on tail of 45 cm, as the handbook has it (section 3). */
const CAST_ON_TAIL_MM = 450;

/** Turns of the ring that a drawstring hang-off takes at most (handbook section 3). */
const HANG_OFF_TURNS = 2;

/**
 * Metres and rows left in a ball that was weighed: metres = grams x label metres / label grams; rows = metres / (pins x
 * loop), less the tails (handbook section 6).
 *
 * @param grossGrams what the scale says
 * @param tareGrams core, bag or bowl that was weighed with it
 * @throws RangeError when the tare is more than the whole
 * @example weighIn(62, 2, yarn200m100g, machine48, gauge).metres.value // 120
 */
export function weighIn(grossGrams: number, tareGrams: number, yarn: Yarn, machine: Machine, gauge: Gauge): WeighIn {
  const grams = grossGrams - tareGrams;
  if (!(grams >= 0)) throw new RangeError(`tare must be at most the whole of ${grossGrams} g; received ${tareGrams}`);
  const metres = (grams * yarn.label.metres) / yarn.label.grams;
  const tails = (CAST_ON_TAIL_MM + HANG_OFF_TURNS * ringMm(machine)) / 1000;
  const rowM = (machine.pins * gauge.loopMm) / 1000;
  const held = metres / yarn.strands;
  const rows = Math.max(0, (held - tails) / rowM);
  const spread = Math.hypot(SCALE_SPREAD, gauge.loopSpread);
  const half = rows * spread;
  const strands = yarn.strands > 1 ? `, shared by ${yarn.strands} strands` : '';
  return {
    grams,
    metres: about(
      metres,
      SCALE_SPREAD,
      'm',
      'measured',
      `${grams} g x ${yarn.label.metres} m / ${yarn.label.grams} g of the label`
    ),
    rows: {
      value: rows,
      low: Math.max(0, rows - half),
      high: rows + half,
      unit: 'rows',
      basis: gauge.courses.basis,
      because: `${held.toFixed(1)} m${strands}, less ${tails.toFixed(1)} m for tails, ${rowM.toFixed(2)} m to a row of ${machine.pins} pins; ${gauge.courses.because}`
    }
  };
}
