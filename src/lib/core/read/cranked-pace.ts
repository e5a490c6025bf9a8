import { mean, pairs } from 'd3-array';
import { PANEL_ROWS_PER_MINUTE, TUBE_ROWS_PER_MINUTE } from './steps';
import type { Track } from './track';

/** More than that between two rows is a pause and no part of a pace (own estimate, no source). */
const PAUSE_MS = 30_000;
/** Fewer rows than that tell nothing (own estimate, no source). */
const FEWEST_ROWS = 10;
/** So long without a row is a rest (own estimate, no source). */
export const REST_MS = 5 * 60_000;

/** Rows in a minute, of a tube and of what goes to and fro; null where nothing is known. */
export interface CrankPace {
  readonly tube: number | null;
  readonly panel: number | null;
}

/**
 * Rows a minute of somebody who cranks, pauses left out.
 *
 * @param at when each row was done, in milliseconds, in order
 * @returns null where there are too few rows to tell
 * @example rowsPerMinute([0, 3000, 6000, …]) // 20
 */
export function rowsPerMinute(at: readonly number[]): number | null {
  const gaps = pairs(at, (before, after) => after - before).filter((gap) => gap > 0 && gap <= PAUSE_MS);
  return gaps.length < FEWEST_ROWS ? null : 60_000 / mean(gaps)!;
}

/**
 * Minutes of cranking that are left, waste and all, at a pace.
 *
 * @param rows rows cranked in all
 */
export function minutesLeft(track: Track, rows: number, pace: CrankPace): number {
  return track.legs.reduce((sum, leg) => {
    const left = Math.max(0, Math.min(leg.rows, leg.offset + leg.rows - rows));
    const perMinute = leg.turns ? (pace.panel ?? PANEL_ROWS_PER_MINUTE) : (pace.tube ?? TUBE_ROWS_PER_MINUTE);
    return sum + left / perMinute;
  }, 0);
}

/**
 * When the stretch of work began that goes on now: after the last rest.
 *
 * @param at when each row was done, in milliseconds, in order
 * @returns null where nothing was done since the last rest
 * @example workingSince([0, 1000, 999_000], 1_000_000) // 999000
 */
export function workingSince(at: readonly number[], now: number): number | null {
  let since: number | null = null;
  let later = now;
  for (let i = at.length - 1; i >= 0; i--) {
    const gap = later - at[i]!;
    // A clock that was set back in between tells nothing of what lies before.
    if (gap < 0 || gap >= REST_MS) break;
    since = later = at[i]!;
  }
  return since;
}
