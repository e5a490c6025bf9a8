import { type Executed, lengthOfRows, pieceAt } from '../knit';
import type { ButtonLine } from '../plan';

/** Stitches along the stretch that stay clear of its two ends (own estimate, no source). */
const CLEAR = 2;

/** Where buttons, or holes for them, lie along an edge. */
export interface Spread {
  /** Band stitches from the first row of the stretch to the first stitch of each hole. */
  readonly stitches: readonly number[];
  /** Work rows opposite the middle of each. */
  readonly rows: readonly number[];
  /** Chains over one hole, and the stitches that are passed over for it. */
  readonly chains: number;
  /** From one to the next, mm; 0 for a single one. */
  readonly gapMm: number;
}

/**
 * Spreads holes evenly along an edge, in whole stitches: no two gaps differ by more than one.
 *
 * @param rows work rows of the stretch
 * @param perFour stitches picked up for every four rows
 * @param stitchMm width of a stitch of the band
 * @example spread({ count: 3, buttonMm: 18 }, 48, 3, 6.5).stitches // [2, 16, 31]
 */
export function spread(
  { count, buttonMm }: Omit<ButtonLine, 'over'>,
  rows: number,
  perFour: number,
  stitchMm: number
): Spread {
  const all = Math.floor((rows * perFour) / 4);
  const chains = Math.max(1, Math.round(buttonMm / stitchMm));
  const last = Math.max(CLEAR, all - CLEAR - chains);
  const step = count > 1 ? (last - CLEAR) / (count - 1) : 0;
  const stitches = Array.from({ length: count }, (_, i) => Math.round(count > 1 ? CLEAR + i * step : (CLEAR + last) / 2)); // prettier-ignore
  return {
    stitches,
    rows: stitches.map((at) => Math.min(rows, Math.max(1, Math.round(((at + chains / 2) * 4) / perFour)))),
    chains,
    gapMm: step * stitchMm
  };
}

/**
 * Where a line of buttons lies on a piece, and the holes opposite: both are asked of this one place, so that they meet.
 *
 * @param perFour stitches of the band picked up for every four rows
 */
export function spreadOn({ run }: { readonly run: Executed }, line: ButtonLine, perFour: number): Spread {
  const { piece, rows: asked } = line.over;
  const { count } = pieceAt(run, piece).fabric.work;
  const rows = Math.max(1, Math.min(asked?.to ?? count, count) - (asked?.from ?? 1) + 1);
  const stitchMm = lengthOfRows(run, piece, 1, rows) / Math.max(1, (rows * perFour) / 4);
  return spread(line, rows, perFour, stitchMm);
}
