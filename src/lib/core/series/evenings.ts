import { addDays } from 'date-fns/addDays';
import { formatISO } from 'date-fns/formatISO';
import { getISODay } from 'date-fns/getISODay';
import { parseISO } from 'date-fns/parseISO';

/** Something that takes so many minutes. */
export interface Job {
  readonly id: string;
  readonly minutes: number;
}

/** When it is worked on. */
export interface Pattern {
  /** First day, as 2026-11-26. */
  readonly from: string;
  /** Evenings before this day are over: what is left is laid out from here on. */
  readonly today?: string;
  /** Days of the week, Monday is 1 (ISO 8601). */
  readonly days: readonly number[];
  /** Minutes of an evening. */
  readonly minutes: number;
}

/** One evening: what is worked on, for how long, and what is finished in it. */
export interface Evening {
  readonly on: string;
  readonly parts: readonly { readonly id: string; readonly minutes: number; readonly last: boolean }[];
}

/** A part shorter than that is not begun so late; it waits for the next evening (own estimate, no source). */
const TOO_SHORT = 5;
/** Longer than ten years nobody plans. */
const MOST_EVENINGS = 1500;

/**
 * Lays jobs one after the other into evenings. A job that does not fit goes on the next evening.
 *
 * @returns evenings in which something is done, in order; fewer than needed only where it would take years
 * @example evenings([{ id: 'hat', minutes: 80 }], { from: '2026-11-26', days: [4], minutes: 60 }).map((e) => e.on) // ['2026-11-26', '2026-12-03']
 */
export function evenings(jobs: readonly Job[], { from, today = from, days, minutes }: Pattern): Evening[] {
  const list: Evening[] = [];
  const waiting = jobs.filter((job) => job.minutes > 0).map((job) => ({ ...job }));
  let next = 0;
  for (
    let day = parseISO(from > today ? from : today);
    next < waiting.length && list.length < MOST_EVENINGS;
    day = addDays(day, 1)
  ) {
    if (!days.includes(getISODay(day))) continue;
    const parts: { id: string; minutes: number; last: boolean }[] = [];
    let left = minutes;
    while (next < waiting.length && left > 0) {
      const job = waiting[next]!;
      const now = Math.min(left, job.minutes);
      if (parts.length > 0 && now < TOO_SHORT && now < job.minutes) break;
      job.minutes -= now;
      left -= now;
      const last = job.minutes <= 1e-9;
      parts.push({ id: job.id, minutes: now, last });
      if (last) next++;
    }
    list.push({ on: formatISO(day, { representation: 'date' }), parts });
  }
  return list;
}

/** The day a job is done by, or null where it does not end in these evenings. */
export const doneOn = (list: readonly Evening[], id: string): string | null =>
  list.find(({ parts }) => parts.some((part) => part.id === id && part.last))?.on ?? null;
