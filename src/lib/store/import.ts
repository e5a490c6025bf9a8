import { withRefs } from '$lib/core/kinds/refs';
import type { Kit } from '$lib/core/kit';
import type { ProjectFile } from '$lib/formats/project-file';
import type { Read } from '$lib/core/tomble';
import type { TombleDb } from './db';
import { loadKit } from './kit';
import { planProject } from './projects';
import { progressOf } from './records/crank-event';
import { planHabits, Project } from './records/project';

/** A record without what its owner has of it. */
const unowned = (record: object): string => JSON.stringify({ ...record, stockGrams: null });

/** What an imported record becomes: itself when its id is free, what is here when it is the same, else another one beside it. */
function settle<T extends { id: string }>(record: T, stored: T | undefined, moved: Map<string, string>): T {
  if (!stored) return record;
  if (unowned(stored) === unowned(record)) return stored;
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

/** Whether something of it was on the machine: such a piece keeps its plan everywhere. */
export const isBegun = (file: ProjectFile): boolean =>
  file.begun === true || file.measured !== null || progressOf(file.actions).rows > 0;

/** Ends a transaction with what was found, and undoes all it did. */
class Enough extends Error {
  constructor(readonly found: Read) {
    super('enough');
  }
}

/**
 * How an imported project would be planned here, with what is known here. Nothing is kept: it is brought in, planned and
 * taken out again.
 */
export async function plannedHere(db: TombleDb, file: ProjectFile): Promise<Read> {
  try {
    return await db.transaction(
      'rw',
      [db.machines, db.yarns, db.swatches, db.observations, db.projects, db.events, db.habits],
      async () => {
        const id = await importProject(db, file);
        const [kit, project] = [await loadKit(db), await db.projects.get(id)];
        throw new Enough(planProject(kit!, project!));
      }
    );
  } catch (error) {
    if (error instanceof Enough) return error.found;
    // Dexie tells of a refused transaction by an error of its own.
    if (error instanceof Error && 'inner' in error && error.inner instanceof Enough) return error.inner.found;
    throw error;
  }
}

/**
 * Stores an imported project with the machines, yarns and swatches it needs. Records of the kit that differ from
 * what is stored under the same id come in beside it; nothing stored is changed.
 *
 * @param keep the plan stays as it is in the file, whatever is known here
 * @returns the id of the new project
 */
export async function importProject(db: TombleDb, file: ProjectFile, now = new Date(), keep = false): Promise<string> {
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
      const begun = keep || isBegun(file);
      const brief = withRefs(file.brief, ({ what, id: old }) => moved[what].get(old) ?? old);
      await db.projects.add({
        ...Project.parse({
          id,
          brief,
          finished: file.finished,
          measured: file.measured,
          // A piece that was begun keeps the plan it was begun with, whatever is known here.
          knowledge: begun ? { swatches, finished, habits: planHabits(kit.habits), edition: kit.edition } : null,
          createdAt: at,
          updatedAt: at
        }),
        brief
      });
      const actions = file.actions.map((what) =>
        what.do === 'row' ? { ...what, yarn: moved.yarn.get(what.yarn) ?? what.yarn } : what
      );
      await db.events.bulkAdd(actions.map((what, turn) => ({ projectId: id, key: `${id} ${turn}`, at, turn, what })));
      return id;
    }
  );
}
