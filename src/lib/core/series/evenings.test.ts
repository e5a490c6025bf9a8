import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { doneOn, evenings } from './evenings';

describe('evenings', () => {
  it('one after the other, on the days there are, a long job over several', () => {
    // 26 November 2026 is a Thursday.
    const list = evenings([{ id: 'a', minutes: 80 }, { id: 'b', minutes: 30 }], { from: '2026-11-26', days: [4, 1], minutes: 60 }); // prettier-ignore
    expect(list).toEqual([
      { on: '2026-11-26', parts: [{ id: 'a', minutes: 60, last: false }] },
      { on: '2026-11-30', parts: [{ id: 'a', minutes: 20, last: true }, { id: 'b', minutes: 30, last: true }] } // prettier-ignore
    ]);
    expect([doneOn(list, 'a'), doneOn(list, 'c')]).toEqual(['2026-11-30', null]);
  });

  it('what is left of a series that was begun is laid out from today on, and not before it begins', () => {
    const on = (today: string) => evenings([{ id: 'a', minutes: 30 }], { from: '2026-11-26', today, days: [1, 4], minutes: 60 })[0]!.on; // prettier-ignore
    expect(on('2026-11-20')).toBe('2026-11-26');
    expect(on('2026-12-01')).toBe('2026-12-03');
  });

  it('any jobs: every minute is worked once, none beyond the evening, in order, on the right days', () => {
    const jobs = fc.array(fc.integer({ min: 1, max: 300 }), { maxLength: 15 });
    const days = fc.uniqueArray(fc.integer({ min: 1, max: 7 }), { minLength: 1 });
    fc.assert(
      fc.property(jobs, days, fc.integer({ min: 10, max: 240 }), (list, on, minutes) => {
        const all = list.map((m, i) => ({ id: `j${i}`, minutes: m }));
        const found = evenings(all, { from: '2026-03-20', days: on, minutes });
        for (const job of all) {
          const parts = found.flatMap((e) => e.parts.filter((p) => p.id === job.id));
          expect(parts.reduce((sum, p) => sum + p.minutes, 0)).toBeCloseTo(job.minutes, 6);
          expect(parts.filter((p) => p.last)).toHaveLength(1);
        }
        const dates = found.map((e) => e.on);
        expect(dates).toEqual([...new Set(dates)].sort());
        for (const { on: day, parts } of found) {
          // The day of the week by the calendar of the machine, at noon, so that no change of the clock matters.
          const weekday = new Date(`${day}T12:00:00Z`).getUTCDay() || 7;
          expect(on).toContain(weekday);
          expect(parts.reduce((sum, p) => sum + p.minutes, 0)).toBeLessThanOrEqual(minutes + 1e-6);
        }
        expect(found.flatMap((e) => e.parts.map((p) => Number(p.id.slice(1))))).toEqual(found.flatMap((e) => e.parts.map((p) => Number(p.id.slice(1)))).toSorted((a, b) => a - b)); // prettier-ignore
      })
    );
  });
});
