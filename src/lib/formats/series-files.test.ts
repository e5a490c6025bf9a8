import fc from 'fast-check';
import ICAL from 'ical.js';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { evenings } from '$lib/core/series';
import { eveningsIcs } from './evenings-ics';
import { seriesCsv } from './series-csv';

describe('evenings as a calendar', () => {
  it('is read back by another library: every evening, its hour, its length and what is made', () => {
    const jobs = fc.array(fc.integer({ min: 5, max: 200 }), { minLength: 1, maxLength: 8 });
    const name = fc.string({ minLength: 1, maxLength: 30 }).filter((s) => s.trim() === s && /^\P{Cc}+$/u.test(s)); // prettier-ignore
    fc.assert(
      fc.property(jobs, name, fc.constantFrom('19:30', '08:05'), (minutes, called, at) => {
        const list = evenings(minutes.map((m, i) => ({ id: `j${i}`, minutes: m })), { from: '2026-11-26', days: [2, 4], minutes: 90 }); // prettier-ignore
        const text = eveningsIcs(called, list, at, (id) => `${called} ${id}`, 's1');
        const events = new ICAL.Component(ICAL.parse(text) as never).getAllSubcomponents('vevent').map((e) => new ICAL.Event(e)); // prettier-ignore
        expect(events).toHaveLength(list.length);
        events.forEach((event, i) => {
          const evening = list[i]!;
          expect(event.summary).toBe(called);
          expect(event.startDate.toString()).toBe(`${evening.on}T${at}:00`);
          // A floating time is the hour of whoever opens it.
          expect(event.startDate.zone).toBe(ICAL.Timezone.localTimezone);
          const all = evening.parts.reduce((sum, p) => sum + p.minutes, 0);
          expect(event.duration.toSeconds()).toBe(Math.round(all) * 60);
          for (const part of evening.parts) expect(event.description).toContain(`${called} ${part.id}: ${Math.round(part.minutes)} min`); // prettier-ignore
        });
        expect(new Set(events.map((e) => e.uid)).size).toBe(events.length);
        for (const line of text.split('\r\n')) expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(76);
      }),
      { numRuns: 60 }
    );
  });
});

it('a series as CSV is read back line by line, and no cell is a formula', () => {
  const line = { name: '=SUM(A1)', wearer: '-child', yarns: ['Reedwick, Ember', 'Oat "soft"'], rows: 102, grams: 63.4, minutes: 22.2, state: 'planned', doneOn: null }; // prettier-ignore
  const text = seriesCsv([line, { ...line, name: 'Hat, small', doneOn: '2026-12-01' }]);
  const { data, errors } = Papa.parse<Record<string, string>>(text, { header: true });
  expect(errors).toEqual([]);
  expect(data[1]).toMatchObject({ name: 'Hat, small', yarns: 'Reedwick, Ember and Oat "soft"', grams: '63', 'done on': '2026-12-01' }); // prettier-ignore
  for (const row of data) for (const cell of Object.values(row)) expect(cell).not.toMatch(/^[=+@-]/);
});
