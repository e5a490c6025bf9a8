import * as z from 'zod/mini';
import { refsOf } from '$lib/core/kinds/refs';
import { Kit } from '$lib/core/kit';
import { Brief } from '$lib/core/plan';
import { echo, withUnknown, wordFault } from '$lib/core/quantity';
import { trackOf } from '$lib/core/read';
import { faultsOf } from '$lib/core/faults';
import { type Readings, type Result, tryPlan } from '$lib/core/tomble';
import { readJson, TOO_DEEP } from './json';
import { olderBrief } from '$lib/store/older-record';
import { CrankEvent } from '$lib/store/records/crank-event';
import { Measured, type Project } from '$lib/store/records/project';

/** Version of the project file this build writes; older ones are read, newer ones are refused by name. */
export const FILE_VERSION = 1;

/** Largest project file that is read: a plan of 20,000 rows with every crank event stays far below it. */
export const LARGEST_FILE = 16 * 1024 * 1024;

/** Most things that happened at the crank of one piece: ten for each row of the longest one. */
const MOST_ACTIONS = 200_000;

/** A project with everything needed to plan it again elsewhere. */
export const ProjectFile = z.object({
  format: z.literal('tomble-project'),
  version: z.literal(FILE_VERSION),
  exportedAt: z.iso.datetime(),
  kit: Kit,
  brief: Brief,
  actions: z._default(z.array(CrankEvent.shape.what).check(z.maxLength(MOST_ACTIONS)), []),
  finished: z._default(z.array(z.string().check(z.maxLength(80))).check(z.maxLength(400)), []),
  measured: z._default(z.nullable(Measured), null),
  /** Whether the plan is kept as it stands, because something of it was on the machine; files of before do not say. */
  begun: z.optional(z.boolean())
});
export type ProjectFile = z.infer<typeof ProjectFile>;

/**
 * The part of a kit that a plan stands on: its machines, its yarns, and every measurement on those machines, because a
 * swatch of another yarn on the same ring teaches too.
 */
export function kitOf(result: Readings): Kit {
  const { kit, plan, fabric, brief } = result;
  const named = new Set(refsOf(brief).map(({ what, id }) => `${what} ${id}`));
  const machines = kit.machines.filter(
    (m) => named.has(`machine ${m.id}`) || plan.pieces.some((p) => p.machineId === m.id)
  );
  const onThem = (entry: { machineId: string }): boolean => machines.some((m) => m.id === entry.machineId);
  const swatches = kit.swatches.filter(onThem);
  const finished = kit.finished.filter(onThem);
  const measured = new Set([...swatches, ...finished].map((entry) => entry.yarnId));
  const yarns = kit.yarns.filter((y) => fabric.yarns.includes(y.id) || named.has(`yarn ${y.id}`) || measured.has(y.id));
  const known = (entry: { yarnId: string }): boolean => yarns.some((y) => y.id === entry.yarnId);
  return {
    machines,
    // How much of a yarn is at hand is nobody else's business.
    yarns: yarns.map((yarn) => ({ ...yarn, stockGrams: null })),
    swatches: swatches.filter(known),
    finished: finished.filter(known),
    habits: kit.habits,
    edition: kit.edition
  };
}

/**
 * A project as the text of a project file.
 *
 * @param events what was done at the crank; null for a file that begins anew
 */
export function writeProjectFile(
  project: Project,
  result: Readings,
  events: readonly CrankEvent[] | null,
  now = new Date()
): string {
  const { rows } = trackOf(result);
  const file: ProjectFile = {
    format: 'tomble-project',
    version: FILE_VERSION,
    exportedAt: now.toISOString(),
    kit: kitOf(result),
    brief: project.brief,
    // A count that was set before the piece was planned shorter says that all of it is knitted.
    actions: (events ?? []).map(({ what }) => (what.do === 'jump' && what.to > rows ? { ...what, to: rows } : what)),
    finished: events ? project.finished : [],
    measured: events ? project.measured : null,
    begun: events !== null && project.knowledge !== null
  };
  return `${JSON.stringify(file, null, 2)}\n`;
}

/** A project file that was read and can be planned, or sentences that say why not. */
export type ReadFile =
  | { readonly ok: true; readonly file: ProjectFile; readonly result: Result }
  | { readonly ok: false; readonly reasons: readonly string[] };

/** Reasons shown at once; a foreign file would otherwise fill the screen. */
const MOST_REASONS = 8;

const no = (...reasons: string[]): ReadFile => ({ ok: false, reasons });

/** Whether a file says by which edition of the craft it was planned. */
const namesEdition = (value: unknown): boolean => z.object({ kit: z.object({ edition: z.number() }) }).safeParse(value).success; // prettier-ignore

/**
 * Reads a project file. Nothing is stored; the caller shows a preview first.
 *
 * @param text the whole file
 */
export function readProjectFile(text: string): ReadFile {
  if (text.length > LARGEST_FILE)
    return no(
      `The file must be at most ${LARGEST_FILE / 1024 / 1024} MiB; received ${(text.length / 1024 / 1024).toFixed(1)} MiB.`
    );
  const json = readJson(text);
  if (!json.ok)
    return no(
      json.deep
        ? `The file ${TOO_DEEP}.`
        : `The file is not whole${json.line === null ? '' : ` in line ${json.line}`}: it must be JSON; received ${echo(text.trim().slice(0, 24))}.`
    );
  const { value } = json;
  const head = z.object({ format: z.string(), version: z.number() }).safeParse(value);
  if (!head.success || head.data.format !== 'tomble-project') {
    const received = head.success ? echo(head.data.format) : 'a file without one';
    return no(`This is not a Tomble project: format must be "tomble-project"; received ${received}.`);
  }
  if (head.data.version > FILE_VERSION) {
    return no(
      `This file is from a newer Tomble: version must be at most ${FILE_VERSION}; received ${head.data.version}. Update Tomble, then open it again.`
    );
  }
  const parsed = ProjectFile.safeParse(value);
  if (!parsed.success) return no(...faultsOf(parsed.error, value).slice(0, MOST_REASONS).map(wordFault));
  // Files of before do not name an edition; what was begun then is planned as it was.
  const file = namesEdition(value) || !parsed.data.actions.some((a) => a.do === 'row' || a.do === 'jump') ? parsed.data : { ...parsed.data, kit: { ...parsed.data.kit, edition: 1 as const } }; // prettier-ignore
  // What a newer version says of it besides stays with it.
  const whole = { ...file, brief: withUnknown(olderBrief((value as { brief: unknown }).brief), file.brief) };
  const planned = tryPlan(file.kit, file.brief);
  if (!planned.ok) return no(...planned.faults.slice(0, MOST_REASONS).map(wordFault));
  const { rows } = trackOf(planned.value);
  const astray = file.actions.findIndex((a) => a.do === 'jump' && a.to > rows);
  if (astray >= 0)
    return no(
      `actions[${astray}].to must be at most ${rows}, the rows of the piece; received ${echo((file.actions[astray] as { to: number }).to)}.`
    );
  return { ok: true, file: whole, result: planned.value };
}

/** JSON Schema of the project file, for programs that write or check one. */
export function projectSchema(): object {
  return {
    ...z.toJSONSchema(ProjectFile, { io: 'input', target: 'draft-2020-12' }),
    $id: '/api/schema/project',
    title: 'Tomble project file'
  };
}
