import { starterKit } from '$lib/demo/starter';
import { EDITION } from '$lib/core/kit';
import { addKit } from './add-kit';
import { TOLD_EDITION } from './changes';
import type { TombleDb } from './db';

/**
 * Fills an empty browser on the first visit: with the demo village when the server runs the demo, else with a
 * starter kit. A browser that holds anything is left alone.
 */
export async function seed(db: TombleDb, demo: boolean): Promise<void> {
  const village = demo ? (await import('$lib/demo/village')).village() : null;
  const kit = village?.kit ?? starterKit;
  await db.transaction(
    'rw',
    [db.machines, db.yarns, db.swatches, db.observations, db.habits, db.projects, db.events, db.people, db.settings],
    async () => {
      if (await db.settings.get('seeded')) return;
      await addKit(db, kit);
      if (village) {
        await db.people.bulkPut([...village.people]);
        await db.projects.bulkPut([...village.projects]);
        await db.events.bulkAdd([...village.events]);
      }
      await db.settings.bulkPut([
        { key: 'seeded', value: true },
        { key: TOLD_EDITION, value: EDITION },
        { key: 'first-use', value: new Date().toISOString() }
      ]);
    }
  );
}
