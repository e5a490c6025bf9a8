import { median, sum } from 'd3-array';
import { rowsPerMinute } from './cranked-pace';

/** Rows of one piece that were cranked one after the other: round and round, or to and fro; when each was done, ms. */
export interface CrankedRows {
  readonly tube: boolean;
  readonly at: readonly number[];
}

/** A pace that was learned: rows a minute, and what it was learned from. */
export interface LearnedPace {
  readonly perMinute: number;
  readonly pieces: number;
  readonly rows: number;
}

/** A piece with fewer rows teaches nothing: its first ones go slowly (craft 3.5; own estimate, no source). */
const FEWEST_ROWS = 30;

/**
 * Rows a minute of a hand over all that it cranked, tubes and what goes to and fro apart: the usual one of its pieces, so
 * that one bad evening does not count.
 *
 * @returns null where too little was cranked to tell
 * @example learnedPace([{ tube: true, at: [0, 3000, 6000, …] }], true) // { perMinute: 20, pieces: 1, rows: 60 }
 */
export function learnedPace(cranked: readonly CrankedRows[], tube: boolean): LearnedPace | null {
  const told = cranked
    .filter((c) => c.tube === tube && c.at.length >= FEWEST_ROWS)
    .flatMap(({ at }) => {
      const perMinute = rowsPerMinute(at);
      return perMinute === null ? [] : [{ perMinute, rows: at.length }];
    });
  const usual = median(told, ({ perMinute }) => perMinute);
  return usual === undefined ? null : { perMinute: usual, pieces: told.length, rows: sum(told, ({ rows }) => rows) };
}
