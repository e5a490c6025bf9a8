import { withRefs } from '$lib/core/kinds/refs';
import type { Kit } from '$lib/core/kit';
import type { ProjectFile } from '$lib/formats/project-file';
import type { TombleDb } from './db';
import { progressOf } from './records/crank-event';
import { planHabits, Project } from './records/project';

/** An id that an imported record takes: its own when it is free or the record is the same, else a new one. */
function settle<T extends { id: string }>(record: T, stored: T | undefined, moved: Map<string, string>): T {
  if (!stored || JSON.stringify(stored) === JSON.stringify(record)) return record;
  const id = crypto.randomUUID();
  moved.set(record.id, id);
  return { ...record, id };
}

/** A measurement that comes in: what is stored of the same thing stays, whether it counts or was set aside. */
function settleMeasured<T extends { id: string; machineId: string; yarnId: string }>(
  record: T,
  stored: T | undefined
): T {
  if (!stored) return record;
  const same = stored.machineId === record.machineId && stored.yarnId === record.yarnId;
  return same ? stored : { ...record, id: crypto.randomUUID() };
}

/**
 * Stores an imported project with the machines, yarns and swatches it needs. Records of the kit that differ from
 * what is stored under the same id come in beside it; nothing stored is changed.
 *
 * @returns the id of the new project
 */
export async function importProject(db: TombleDb, file: ProjectFile, now = new Date()): Promise<string> {
  return db.transaction(
    'rw',
    [db.machines, db.yarns, db.swatches, db.observations, db.projects, db.events],
    async () => {
      const moved = { machine: new Map<string, string>(), yarn: new Map<string, string>() };
      const kit: Kit = file.kit;
      for (const machine of kit.machines)
        await db.machines.put(settle(machine, await db.machines.get(machine.id), moved.machine));
      for (const yarn of kit.yarns) await db.yarns.put(settle(yarn, await db.yarns.get(yarn.id), moved.yarn));
      const place = <T extends { machineId: string; yarnId: string }>(record: T): T => ({
        ...record,
        machineId: moved.machine.get(record.machineId) ?? record.machineId,
        yarnId: moved.yarn.get(record.yarnId) ?? record.yarnId
      });
      const swatches = kit.swatches.map(place);
      const finished = kit.finished.map(place);
      for (const swatch of swatches) await db.swatches.put(settleMeasured(swatch, await db.swatches.get(swatch.id)));
      for (const piece of finished) {
        await db.observations.put(settleMeasured(piece, await db.observations.get(piece.id)));
      }
      const id = crypto.randomUUID();
      const at = now.toISOString();
      const begun = file.measured !== null || progressOf(file.actions).rows > 0;
      await db.projects.add(
        Project.parse({
          id,
          brief: withRefs(file.brief, ({ what, id: old }) => moved[what].get(old) ?? old),
          finished: file.finished,
          measured: file.measured,
          // A piece that was begun keeps the plan it was begun with, whatever is known here.
          knowledge: begun ? { swatches, finished, habits: planHabits(kit.habits), edition: kit.edition } : null,
          createdAt: at,
          updatedAt: at
        })
      );
      const actions = file.actions.map((what) =>
        what.do === 'row' ? { ...what, yarn: moved.yarn.get(what.yarn) ?? what.yarn } : what
      );
      await db.events.bulkAdd(actions.map((what, turn) => ({ projectId: id, key: `${id} ${turn}`, at, turn, what })));
      return id;
    }
  );
}
