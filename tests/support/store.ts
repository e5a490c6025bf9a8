import 'fake-indexeddb/auto';
import { afterEach } from 'vitest';
import { TombleDb } from '$lib/store/db';

let count = 0;
const open: TombleDb[] = [];

/** A database of its own for one test, thrown away after it. */
export function freshDb(): TombleDb {
  const db = new TombleDb(`test-${++count}`);
  open.push(db);
  return db;
}

afterEach(async () => {
  for (const db of open.splice(0)) await db.delete();
});

/** Everything a database holds, to show that nothing changed. */
export async function contents(db: TombleDb): Promise<Record<string, unknown[]>> {
  const all: Record<string, unknown[]> = {};
  for (const table of db.tables) all[table.name] = await table.toArray();
  return all;
}
