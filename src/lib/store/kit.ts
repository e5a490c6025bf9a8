import { EDITION, Habits, type Kit, Machine, type Swatch, type Yarn } from '$lib/core/kit';
import { withUnknown } from '$lib/core/quantity';
import { byName, largestFirst } from './order';
import { canonical } from './canonical';
import { ME, type TombleDb } from './db';
import { Gone } from './revise';

/** The whole kit, the largest ring first and the yarns by name, or null while there is no machine or no yarn yet. */
export async function loadKit(db: TombleDb): Promise<Kit | null> {
  const [machines, yarns, swatches, finished, habits] = await Promise.all([
    db.machines.toArray(),
    db.yarns.toArray(),
    db.swatches.toArray(),
    db.observations.toArray(),
    db.habits.get(ME)
  ]);
  if (machines.length === 0 || yarns.length === 0) return null;
  machines.sort(largestFirst);
  yarns.sort(byName);
  return { machines, yarns, swatches, finished, habits: Habits.parse(habits ?? {}), edition: EDITION };
}

/** Keeps the knitter's habits. */
export const saveHabits = (db: TombleDb, habits: Habits): Promise<string> => db.habits.put({ ...habits, id: ME });

/** What changes of the habits; of words and schools only those that are named. */
export type HabitsChange = Partial<Omit<Habits, 'terms'>> & { readonly terms?: Partial<Habits['terms']> };

/** Changes some habits; two quick changes never undo each other. */
export async function changeHabits(db: TombleDb, change: HabitsChange): Promise<void> {
  await db.transaction('rw', db.habits, async () => {
    const kept = (await db.habits.get(ME)) ?? {};
    const before = withUnknown(kept, Habits.parse(kept));
    // One word, one school: two that are chosen quickly one after the other are both kept.
    const terms = { ...before.terms, ...change.terms };
    const schools = { ...before.schools, ...change.schools };
    await db.habits.put({ ...before, ...change, terms, schools, id: ME });
  });
}

/** Keeps a new yarn, or one that comes back. */
export const saveYarn = (db: TombleDb, yarn: Yarn): Promise<string> => db.yarns.put(yarn);

/**
 * Keeps what was changed of a yarn, and only that: what another window changed of it meanwhile stays.
 *
 * @param from the yarn as it was when the change began
 * @throws Gone when it was deleted meanwhile
 * @example await changeYarn(db, yarn, { ...yarn, stockGrams: 60 })
 */
export const changeYarn = (db: TombleDb, from: Yarn, to: Yarn): Promise<void> =>
  db.transaction('rw', db.yarns, async () => {
    const stored = await db.yarns.get(from.id);
    if (!stored) throw new Gone(from.id);
    const keys = Object.keys(to) as (keyof Yarn)[];
    const changed = keys.filter((key) => canonical(to[key]) !== canonical(from[key]));
    await db.yarns.put({ ...stored, ...Object.fromEntries(changed.map((key) => [key, to[key]])) });
  });

/** Keeps a machine, new or changed. */
export const saveMachine = (db: TombleDb, machine: Machine): Promise<string> => db.machines.put(machine);

/** Keeps a swatch, new or changed. */
export const saveSwatch = (db: TombleDb, swatch: Swatch): Promise<string> => db.swatches.put(swatch);

/**
 * Sets a swatch or a finished piece aside, or counts it again.
 *
 * @param doubted it was left out because it looks swapped: counted now, it is taken to be right
 */
export async function setAside(db: TombleDb, id: string, aside: boolean, doubted = false): Promise<void> {
  await db.transaction('rw', db.swatches, db.observations, async () => {
    await db.swatches.update(id, { setAside: aside, ...(doubted && !aside ? { trusted: true } : {}) });
    await db.observations.update(id, { setAside: aside });
  });
}

/**
 * Changes some values of a machine. Read and written in one transaction, so that two quick changes never undo each
 * other.
 */
export async function changeMachine(db: TombleDb, id: string, change: Partial<Machine>): Promise<void> {
  await db.transaction('rw', db.machines, async () => {
    const machine = await db.machines.get(id);
    if (!machine) return;
    const next = { ...machine, ...change };
    await db.machines.put(withUnknown(next, Machine.parse(next)));
  });
}
