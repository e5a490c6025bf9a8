import type { Kit } from '$lib/core/kit';
import { hangsOn } from '$lib/core/read';
import type { TombleDb } from './db';
import { planProject } from './projects';
import { progressOf } from './records/crank-event';

/**
 * Machines on which something hangs right now: the piece a begun, unfinished project is in.
 *
 * @returns the names of what hangs there, by the id of the machine
 */
export async function busyMachines(db: TombleDb, kit: Kit): Promise<ReadonlyMap<string, string>> {
  const busy = new Map<string, string>();
  const [projects, events] = await Promise.all([db.projects.toArray(), db.events.toArray()]);
  for (const project of projects) {
    if (project.deletedAt || project.measured) continue;
    const { rows } = progressOf(events.filter((e) => e.projectId === project.id).map((e) => e.what));
    const planned = rows > 0 ? planProject(kit, project) : null;
    const machineId = planned?.ok ? hangsOn(planned.value, rows) : null;
    if (machineId && !busy.has(machineId)) busy.set(machineId, project.brief.name);
  }
  return busy;
}
