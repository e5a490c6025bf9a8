import { demoKit } from '$lib/demo/kit';
import { demoPeople } from '$lib/demo/people';
import { demoProjects } from '$lib/demo/projects';
import { starterKit } from '$lib/demo/starter';
import type { TombleDb } from './db';
import { addKit } from './kit';
import { settled } from './projects';
import { progressOf } from './records/crank-event';

/**
 * Fills an empty browser on the first visit: with the demo village when the server runs the demo, else with a
 * starter kit. A browser that holds anything is left alone.
 */
export async function seed(db: TombleDb, demo: boolean): Promise<void> {
  await db.transaction(
    'rw',
    [db.machines, db.yarns, db.swatches, db.observations, db.habits, db.projects, db.events, db.people, db.settings],
    async () => {
      if (await db.settings.get('seeded')) return;
      await addKit(db, demo ? demoKit : starterKit);
      if (demo) {
        await db.people.bulkPut([...demoPeople]);
        for (const { project, actions } of demoProjects) {
          const begun = progressOf(actions).rows > 0 || project.measured !== null;
          await db.projects.put(begun ? settled(demoKit, project) : project);
          await db.events.bulkAdd(actions.map((what) => ({ projectId: project.id, at: project.updatedAt, what })));
        }
      }
      await db.settings.put({ key: 'seeded', value: true });
    }
  );
}
