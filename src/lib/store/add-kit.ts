import type { Kit } from '$lib/core/kit';
import { ME, type TombleDb } from './db';

/** Adds the parts of a kit that are not there yet. */
export async function addKit(db: TombleDb, kit: Kit): Promise<void> {
  await db.transaction('rw', [db.machines, db.yarns, db.swatches, db.observations, db.habits], async () => {
    await db.machines.bulkPut(kit.machines);
    await db.yarns.bulkPut(kit.yarns);
    await db.swatches.bulkPut(kit.swatches);
    await db.observations.bulkPut(kit.finished);
    await db.habits.put({ ...kit.habits, id: ME });
  });
}
