import { type Body, fitted } from '$lib/core/body';
import { explicit } from '$lib/core/colour';
import { kindOf } from '$lib/core/kinds';
import { refsOf } from '$lib/core/kinds/refs';
import type { Kit, Observation } from '$lib/core/kit';
import type * as z from 'zod/mini';
import { Brief, changed, type Change, optionFields } from '$lib/core/plan';
import { kindTitle } from '$lib/words';
import type { CrankFault } from '$lib/core/knit';
import { type Read, tryRead } from '$lib/core/tomble';
import type { TombleDb } from './db';
import { reviseProject } from './revise';
import { planHabits, Project } from './records/project';

/** Edits that can be taken back. */
const MOST_UNDO = 100;

/** Edits of the same field within this time are one step of undo: a word typed, not its letters. */
const ONE_EDIT_MS = 900;

/** Which fields a change touches, to tell whether two edits belong together. */
const touched = (change: Change): string =>
  Object.keys({ ...change, ...change.options })
    .sort()
    .join(' ');

/** Schools this knitter chose last, where a kind asks for them and has them. */
function schooled(schema: z.ZodMiniObject, schools: Readonly<Record<string, string>>): Record<string, string> {
  const fits = optionFields(schema).filter(({ key, meta }) => meta.school && meta.choices?.includes(schools[key]!));
  return Object.fromEntries(fits.map(({ key }) => [key, schools[key]!]));
}

/** Nobody: the usual sizes of a kind stay. */
const NOBODY = { measures: {} } as const;

/**
 * The brief of a new project of a kind, knittable from the start, in the measures of whoever it is for.
 *
 * @param body measures in mm by their codes; those the kind does not ask for are left aside
 * @throws RangeError when the kind is not registered
 */
export function newBrief(
  kit: Kit,
  kindCode: string,
  machineId: string,
  body: Pick<Body, 'measures' | 'age'> = NOBODY
): Brief {
  const kind = kindOf(kindCode);
  if (!kind) throw new RangeError(`kind must be registered; received ${JSON.stringify(kindCode)}`);
  const options = {
    ...kind.start(kit, machineId),
    ...fitted(kind.options, body),
    ...schooled(kind.options, kit.habits.schools)
  };
  return Brief.parse({ kind: kind.code, name: kindTitle(kind.code), machineId, options });
}

/** A new project of a kind, knittable from the start. */
export function newProject(
  kit: Kit,
  kindCode: string,
  machineId: string,
  now = new Date(),
  body: Pick<Body, 'measures' | 'age'> = NOBODY
): Project {
  const brief = newBrief(kit, kindCode, machineId, body);
  return Project.parse({ id: crypto.randomUUID(), brief, createdAt: now.toISOString(), updatedAt: now.toISOString() });
}

/** A project with another brief; the one before goes onto the undo list. */
export const replanned = (project: Project, brief: Brief): Project => ({
  ...project,
  brief,
  past: [...project.past, project.brief].slice(-MOST_UNDO),
  future: []
});

/** The fields and time of an edit, to tell whether the next one belongs to it. */
export interface EditMark {
  readonly fields: string;
  readonly at: number;
}

/**
 * Whether an edit is one step of undo with the one before it: the same fields, a moment ago.
 *
 * @param before the edit before it; null where there was none, or something else in between
 */
export function joining(
  project: Project,
  change: Change,
  before: EditMark | null,
  now = new Date()
): { joins: boolean; last: EditMark } {
  const last = { fields: touched(change), at: now.getTime() };
  const joins =
    before !== null && before.fields === last.fields && last.at - before.at < ONE_EDIT_MS && project.past.length > 0;
  return { joins, last };
}

/**
 * A project after an edit. What stood before goes onto the undo list.
 *
 * @param joins the edit belongs to the one before it: what stood before that one is on the list already
 */
export function edited(project: Project, change: Change, joins = false): Project {
  const brief = changed(project.brief, change);
  return joins && project.past.length > 0 ? { ...project, brief, future: [] } : replanned(project, brief);
}

/** The project one edit earlier; itself when there is none. */
export function undone(project: Project): Project {
  const brief = project.past.at(-1);
  if (!brief) return project;
  return { ...project, brief, past: project.past.slice(0, -1), future: [project.brief, ...project.future] };
}

/** The project with an undone edit done again; itself when there is none. */
export function redone(project: Project): Project {
  const [brief, ...future] = project.future;
  if (!brief) return project;
  return { ...project, brief, past: [...project.past, project.brief], future };
}

/** The kit a project is planned with: what is known now, or what was known when its first row was cranked. */
export function kitFor(kit: Kit, project: Pick<Project, 'knowledge'>): Kit {
  if (!project.knowledge) return kit;
  const { habits, ...measured } = project.knowledge;
  return { ...kit, ...measured, habits: { ...kit.habits, ...habits } };
}

/**
 * The plan of a project, read and not judged. Every screen asks here, so that a piece on the machine has one plan everywhere.
 *
 * @param faults what went wrong at the crank and is not mended
 */
export const planProject = (
  kit: Kit,
  project: Pick<Project, 'brief' | 'knowledge'>,
  faults: readonly CrankFault[] = []
): Read => tryRead(kitFor(kit, project), project.brief, faults);

/** The project with what is known now kept for it, unless it has its knowledge already. */
export function settled(kit: Kit, project: Project): Project {
  if (project.knowledge) return project;
  // Every machine the brief names: parts may come from a second ring.
  const named = new Set(refsOf(project.brief).flatMap(({ what, id }) => (what === 'machine' ? [id] : [])));
  const of = (entry: { machineId: string }): boolean => named.has(entry.machineId);
  return {
    ...project,
    // What was left to the kit is named: another yarn there must not change a piece that hangs on the machine.
    brief: explicit(kit, project.brief),
    knowledge: {
      swatches: kit.swatches.filter(of),
      finished: kit.finished.filter(of),
      habits: planHabits(kit.habits),
      edition: kit.edition
    }
  };
}

/** Keeps a new project. */
export const saveProject = (db: TombleDb, project: Project): Promise<string> => db.projects.add(project);

/** Keeps what was measured and what it teaches; the project then belongs to the log. */
export async function finishProject(
  db: TombleDb,
  id: string,
  done: Pick<Project, 'measured' | 'knowledge'>,
  taught: readonly Observation[]
): Promise<void> {
  await db.transaction('rw', db.projects, db.observations, async () => {
    await reviseProject(db, id, (stored) => ({ ...stored, ...done }));
    await db.observations.where('projectId').equals(id).delete();
    await db.observations.bulkPut([...taught]);
  });
}
