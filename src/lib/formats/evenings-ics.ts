import ical from 'ical-generator';
import type { Evening } from '$lib/core/series';

/**
 * Evenings as a calendar (iCalendar, RFC 5545): one event for each, at the hour of whoever opens it, with what is made in it.
 *
 * @param at hour it begins, as 19:30
 * @param nameOf what a job is called
 * @param key told apart by, so that a calendar that was read before is brought up to date and not doubled
 */
export function eveningsIcs(
  name: string,
  evenings: readonly Evening[],
  at: string,
  nameOf: (id: string) => string,
  key: string
): string {
  const calendar = ical({ name, prodId: { company: 'Tomble', product: 'Tomble', language: 'EN' } });
  for (const { on, parts } of evenings) {
    const start = new Date(`${on}T${at}:00`);
    const minutes = parts.reduce((sum, part) => sum + part.minutes, 0);
    const end = new Date(start.getTime() + Math.round(minutes) * 60_000);
    const lines = parts.map((p) => `${nameOf(p.id)}: ${Math.round(p.minutes)} min${p.last ? ', done' : ''}`);
    calendar.createEvent({ id: `${key}-${on}@tomble`, start, end, floating: true, summary: name, description: lines.join('\n') }); // prettier-ignore
  }
  return calendar.toString();
}
