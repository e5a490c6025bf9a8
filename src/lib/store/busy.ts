import { group } from 'd3-array';
import type { Kit } from '$lib/core/kit';
import { hangsOn } from '$lib/core/read';
import { crankedIds, openProjects } from './bench';
import type { TombleDb } from './db';
import { inTurn } from './events';
import { planOf } from './plans';
import { type Progress, progressOf } from './records/crank-event';
import type { Project } from './records/project';

/** Projects whose events are read at once: few enough that a slow tablet stays awake between two bunches. */
const BUNCH = 16;

/** How far some projects are. */
async function progressFor(db: TombleDb, ids: readonly string[]): Promise<Map<string, Progress>> {
  const events = (await db.events.where('projectId').anyOf(ids).toArray()).sort(inTurn);
  const own = group(events, (e) => e.projectId);
  return new Map(ids.map((id) => [id, progressOf((own.get(id) ?? []).map((e) => e.what))]));
}

/**
 * How far the cranked ones of some projects are, told bunch by bunch in their order.
 *
 * @param projects in the order in which they are wanted
 */
export async function* progressThrough(
  db: TombleDb,
  projects: readonly Project[]
): AsyncGenerator<ReadonlyMap<string, Progress>> {
  const cranked = new Set(await crankedIds(db));
  const ids = projects.map((p) => p.id).filter((id) => cranked.has(id));
  for (let i = 0; i < ids.length; i += BUNCH) yield progressFor(db, ids.slice(i, i + BUNCH));
}

/**
 * Puts down which machines some projects hang on. Of several the one that was changed last counts; where every machine has its
 * own already, no further project is planned.
 *
 * @param busy what is known so far: names of what hangs there, by the id of the machine
 * @param far how far the projects are
 */
export function hang(
  busy: Map<string, string>,
  kit: Kit,
  projects: ReadonlyMap<string, Project>,
  far: ReadonlyMap<string, Progress>
): void {
  for (const [id, { rows }] of far) {
    if (kit.machines.every((m) => busy.has(m.id))) return;
    const project = projects.get(id);
    const result = project && rows > 0 ? planOf(kit, project) : null;
    const machineId = result && hangsOn(result, rows);
    if (machineId && !busy.has(machineId)) busy.set(machineId, project!.brief.name);
  }
}

/**
 * Machines on which something hangs right now: the piece a begun, unfinished project is in.
 *
 * @returns the names of what hangs there, by the id of the machine
 */
export async function busyMachines(db: TombleDb, kit: Kit): Promise<ReadonlyMap<string, string>> {
  const busy = new Map<string, string>();
  const projects = await openProjects(db);
  const byId = new Map(projects.map((p) => [p.id, p]));
  for await (const far of progressThrough(db, projects)) hang(busy, kit, byId, far);
  return busy;
}
