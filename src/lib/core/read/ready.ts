import type { Step } from './steps';
import type { Track } from './track';

/**
 * Pieces that are off the machine, every copy of them, after so many rows in all.
 *
 * @example [...piecesOff(trackOf(result), 120)] // [0]
 */
export function piecesOff(track: Track, rows: number): Set<number> {
  const off = new Set(track.legs.map((leg) => leg.piece));
  for (const leg of track.legs) if (leg.offset + leg.rows > rows) off.delete(leg.piece);
  return off;
}

/** The pieces a step waits for: those it needs that hang on a machine still, or are not begun. */
export const waitsFor = (step: Pick<Step, 'needs'>, off: ReadonlySet<number>): number[] =>
  step.needs.filter((piece) => !off.has(piece));
