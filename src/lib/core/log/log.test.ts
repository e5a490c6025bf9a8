import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { crankMinutes, offBy, rowsByWeek, within } from '.';

const DAY = 86_400_000;

describe('rows of each week', () => {
  it('are none where nothing was cranked', () => expect(rowsByWeek([])).toEqual([]));

  it('any times: all rows of the weeks that are shown, weeks follow one another, and begin on a Monday', () => {
    const time = fc.integer({ min: Date.UTC(2025, 0, 1), max: Date.UTC(2026, 11, 31) });
    fc.assert(
      fc.property(fc.array(time, { maxLength: 200 }), (times) => {
        const weeks = rowsByWeek(times, 10);
        fc.pre(times.length > 0);
        expect(weeks.length).toBeLessThanOrEqual(10);
        for (const { from } of weeks) expect([from.getDay(), from.getHours()]).toEqual([1, 0]);
        const first = weeks[0]!.from.getTime();
        // Counted another way: every time falls into the week it lies in.
        for (const [i, { from, rows }] of weeks.entries()) {
          const until = weeks[i + 1]?.from.getTime() ?? from.getTime() + 8 * DAY;
          const there = times.filter((t) => t >= from.getTime() && t < until);
          if (i < weeks.length - 1) expect(rows).toBe(there.length);
        }
        expect(weeks.reduce((all, w) => all + w.rows, 0)).toBe(times.filter((t) => t >= first).length);
      })
    );
  });
});

describe('minutes at the crank', () => {
  it('leave pauses out, and are unknown where rows have no time', () => {
    expect(crankMinutes([])).toBeNull();
    expect(crankMinutes([5])).toBeNull();
    // Ten rows of three seconds, an evening between, ten more.
    const evening = (at: number): number[] => Array.from({ length: 11 }, (_, i) => at + i * 3000);
    expect(crankMinutes([...evening(0), ...evening(DAY)])).toBeCloseTo(1, 9);
  });
});

it('a figure is off by its share of the plan, and lies within its range or not', () => {
  expect(offBy({ got: 103, planned: 100 })).toBeCloseTo(0.03, 9);
  expect(offBy({ got: 103, planned: 0 })).toBeNull();
  expect([99, 100, 104, 105].map((got) => within({ got, low: 100, high: 104 }))).toEqual([false, true, true, false]);
});
