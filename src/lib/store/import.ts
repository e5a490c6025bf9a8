import { kindOf } from '$lib/core/kinds';
import type { Kit } from '$lib/core/kit';
import { Brief, optionFields, type Section } from '$lib/core/plan';
import type { ProjectFile } from '$lib/formats/project-file';
import type { TombleDb } from './db';
import { progressOf } from './records/crank-event';
import { Project } from './records/project';

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

/** Options and strands with moved yarn ids put in place: only the fields that hold a yarn are touched. */
function rewrite(brief: Brief, moved: ReadonlyMap<string, string>): Brief {
  const swap = (id: string): string => moved.get(id) ?? id;
  const options = { ...brief.options };
  for (const { key, meta } of optionFields(kindOf(brief.kind)!.options)) {
    const value = options[key];
    if (meta.control === 'yarn' && typeof value === 'string') options[key] = swap(value);
    if (meta.control === 'sections' && value)
      options[key] = (value as Section[]).map((s) => ({ ...s, yarn: swap(s.yarn) }));
  }
  return Brief.parse({
    ...brief,
    machineId: swap(brief.machineId),
    strands: Object.fromEntries(Object.entries(brief.strands).map(([id, n]) => [swap(id), n])),
    options
  });
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
      const moved = new Map<string, string>();
      const kit: Kit = file.kit;
      for (const machine of kit.machines)
        await db.machines.put(settle(machine, await db.machines.get(machine.id), moved));
      for (const yarn of kit.yarns) await db.yarns.put(settle(yarn, await db.yarns.get(yarn.id), moved));
      const place = <T extends { machineId: string; yarnId: string }>(record: T): T => ({
        ...record,
        machineId: moved.get(record.machineId) ?? record.machineId,
        yarnId: moved.get(record.yarnId) ?? record.yarnId
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
          brief: rewrite(file.brief, moved),
          finished: file.finished,
          measured: file.measured,
          // A piece that was begun keeps the plan it was begun with, whatever is known here.
          knowledge: begun ? { swatches, finished } : null,
          createdAt: at,
          updatedAt: at
        })
      );
      const actions = file.actions.map((what) =>
        what.do === 'row' ? { ...what, yarn: moved.get(what.yarn) ?? what.yarn } : what
      );
      await db.events.bulkAdd(actions.map((what) => ({ projectId: id, at, what })));
      return id;
    }
  );
}
