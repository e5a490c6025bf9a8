import { pieceAt } from '../knit';
import type { Kit, Machine, Yarn } from '../kit';
import { about, type Figure } from '../quantity';
import { readYarnUse } from '../read';
import { knitTube } from './tube';

/** What is left of a yarn by the scale. */
export interface WeighIn {
  readonly grams: number;
  /** Metres of one strand. */
  readonly metres: Figure;
  /** Rows of a plain tube on the chosen machine, tails taken off. */
  readonly rows: Figure;
}

/** Kitchen scales and labels: about this much of what they say (own estimate, no source). */
const SCALE_SPREAD = 0.02;

/** Rows of the tube that is knitted in thought to learn what a row and the tails take; any number does. */
const TRIAL_ROWS = 100;

/**
 * Metres and rows left in a ball that was weighed: metres = grams x label metres / label grams; rows = metres / (pins x
 * loop), less cast-on and tails (craft 6). What a row and the tails take is read from a knitted tube.
 *
 * @param grossGrams what the scale says
 * @param tareGrams core, bag or bowl that was weighed with it
 * @throws RangeError when the tare is more than the whole
 * @example weighIn(kit, machine48, yarn200m100g, 62, 2).metres.value // 120
 */
export function weighIn(kit: Kit, machine: Machine, yarn: Yarn, grossGrams: number, tareGrams: number): WeighIn {
  const grams = grossGrams - tareGrams;
  if (!(grams >= 0)) throw new RangeError(`tare must be at most the whole of ${grossGrams} g; received ${tareGrams}`);
  const metres = (grams * yarn.label.metres) / yarn.label.grams;
  const tube = knitTube(kit, machine, yarn, TRIAL_ROWS);
  const [use] = readYarnUse(tube);
  const [gauge] = pieceAt(tube, 0).gauges;
  const rowM = use!.parts.find((part) => part.what === 'rows')!.metres / TRIAL_ROWS;
  const tails = use!.metres.value - rowM * TRIAL_ROWS;
  const rows = Math.max(0, (metres - tails) / rowM);
  const half = rows * Math.hypot(SCALE_SPREAD, gauge!.loopSpread);
  return {
    grams,
    metres: about(metres, SCALE_SPREAD, 'm', 'measured', [
      { say: 'scale', grams, labelMetres: yarn.label.metres, labelGrams: yarn.label.grams }
    ]),
    rows: {
      value: rows,
      low: Math.max(0, rows - half),
      high: rows + half,
      unit: 'rows',
      basis: gauge!.courses.basis,
      because: [
        { say: 'rowsLeft', metres, tails, perRow: rowM, pins: machine.pins, strands: yarn.strands },
        ...gauge!.courses.because
      ]
    }
  };
}
