import { mean, pairs, sum } from 'd3-array';
import type { Track } from './track';

/** More than that between two rows is a pause and no part of a pace (own estimate, no source). */
const PAUSE_MS = 30_000;
/** Fewer rows than that tell nothing (own estimate, no source). */
const FEWEST_ROWS = 10;
/** So long without a row is a rest (own estimate, no source). */
export const REST_MS = 5 * 60_000;

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
 * Minutes at the machine that are left: what the steps of the plan take, as far as they are not done.
 *
 * @param rows rows cranked in all
 * @param hand how many times as fast as planned the hand is that cranks now, and whether it goes to and fro; null as planned
 * @example minutesLeft(trackOf(plan), 0) // plan.pace.cranking.value
 */
export function minutesLeft(
  track: Track,
  rows: number,
  hand: { faster: number; toAndFro: boolean } | null = null
): number {
  return sum(track.legs, (leg) => {
    const faster = hand && hand.toAndFro === (leg.turns !== null) ? hand.faster : 1;
    // A step without rows is done when the row after it is.
    let before = leg.offset + leg.rows;
    return sum(leg.steps.toReversed(), ({ rows: own, minutes }) => {
      if (!own) return before >= rows ? minutes : 0;
      before = leg.offset + own.from - 1;
      const all = own.to - own.from + 1;
      return (minutes * Math.max(0, Math.min(all, before + all - rows))) / all / faster;
    });
  });
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
