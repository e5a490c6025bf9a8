import { rollup } from 'd3-array';
import { addWeeks } from 'date-fns/addWeeks';
import { startOfISOWeek } from 'date-fns/startOfISOWeek';

/** A week that begins on a Monday (ISO 8601), and what was done in it. */
interface Week {
  readonly from: Date;
  readonly rows: number;
}

/** Weeks that are looked back on; a longer row of bars is not read. */
const WEEKS_SHOWN = 26;

/**
 * Rows of each week up to the last one in which any was cranked, weeks without any too.
 *
 * @param times when rows were done, ms
 * @example rowsByWeek([Date.parse('2026-11-23T19:00'), Date.parse('2026-11-25T19:00')]) // [{ from: Mon 23 Nov, rows: 2 }]
 */
export function rowsByWeek(times: readonly number[], most = WEEKS_SHOWN): Week[] {
  const counted = rollup(
    times,
    (list) => list.length,
    (at) => startOfISOWeek(at).getTime()
  );
  if (counted.size === 0) return [];
  const last = Math.max(...counted.keys());
  const first = Math.max(Math.min(...counted.keys()), addWeeks(last, 1 - most).getTime());
  const weeks: Week[] = [];
  for (let at = new Date(first); at.getTime() <= last; at = addWeeks(at, 1))
    weeks.push({ from: at, rows: counted.get(at.getTime()) ?? 0 });
  return weeks;
}
