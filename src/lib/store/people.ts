import { formatISO } from 'date-fns/formatISO';
import { withUnknown } from '$lib/core/quantity';
import type { TombleDb } from './db';
import { Person } from './records/person';

/** A change to a person; measures are merged by their code, and null takes one away. */
export type PersonChange = Partial<Pick<Person, 'name' | 'note' | 'age'>> & {
  readonly measures?: Readonly<Record<string, number | null>>;
};

/**
 * Changes some values of a person, read and written in one transaction. A measure that changes was taken today.
 *
 * @param today as 2026-11-26
 */
export async function changePerson(
  db: TombleDb,
  id: string,
  change: PersonChange,
  today = formatISO(new Date(), { representation: 'date' })
): Promise<void> {
  await db.transaction('rw', db.people, async () => {
    const person = await db.people.get(id);
    if (!person) return;
    const merged = Object.entries({ ...person.measures, ...change.measures }).filter(([, mm]) => mm !== null);
    const taken = { ...person.taken };
    for (const [code, mm] of Object.entries(change.measures ?? {})) {
      if (mm === null) delete taken[code];
      else if (mm !== person.measures[code]) taken[code] = today;
    }
    const next = { ...person, ...change, measures: Object.fromEntries(merged), taken };
    await db.people.put(withUnknown(next, Person.parse(next)));
  });
}
