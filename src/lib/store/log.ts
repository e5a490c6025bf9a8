import { group } from 'd3-array';
import type { Compared } from '$lib/core/log';
import { crankMinutes } from '$lib/core/log';
import { refsOf } from '$lib/core/kinds/refs';
import type { TombleDb } from './db';
import { inTurn } from './events';
import type { CrankEvent } from './records/crank-event';
import type { Measured, Project } from './records/project';

/** A finished piece as the log lists it: nothing is planned for it. */
export interface LogEntry {
  readonly project: Project;
  readonly measured: Measured;
  readonly at: Date;
  readonly kind: string;
  readonly machine: string;
  readonly yarns: readonly string[];
  /** Whom it was for: an adult, a child, a baby; null where the kind does not ask. */
  readonly wearer: string | null;
  /** Every figure that was measured, length and width of the tube first. */
  readonly figures: readonly Compared[];
  /** Minutes at the crank by the times of its rows; null where they have none. */
  readonly crankMinutes: number | null;
}

/** What was measured of a piece, beside its plan; `name` names length and width, which older entries keep without a word. */
function figuresOf(measured: Measured, name: (what: 'length' | 'width') => string): Compared[] {
  const { planned, lengthMm, flatWidthMm } = measured;
  const own = (what: 'length' | 'width', got: number | null, mm: number): Compared[] =>
    got === null ? [] : [{ label: name(what), unit: 'mm', got, planned: mm, low: mm, high: mm }];
  return [
    ...own('length', lengthMm, planned.lengthMm),
    ...own('width', flatWidthMm, planned.flatWidthMm),
    ...measured.figures
  ];
}

/** When rows of a piece were done, ms, in order; rows that were undone count no time. */
export const rowTimes = (events: readonly CrankEvent[]): number[] =>
  [...events].sort(inTurn).flatMap(({ what, at }) => (what.do === 'row' ? [Date.parse(at)] : []));

/** The finished piece of one project as the log shows it; null while it is not finished. */
export function entryOf(
  project: Project,
  events: readonly CrankEvent[],
  name: (what: 'length' | 'width') => string
): LogEntry | null {
  const { measured, brief } = project;
  if (!measured) return null;
  const wearer = brief.options.wearer;
  return {
    project,
    measured,
    at: new Date(measured.at),
    kind: brief.kind,
    machine: measured.planned.machine,
    yarns: measured.planned.yarns,
    wearer: typeof wearer === 'string' && wearer !== 'thing' ? wearer : null,
    figures: figuresOf(measured, name),
    crankMinutes: crankMinutes(rowTimes(events))
  };
}

/** Everything that was finished, the latest first, and when rows were cranked on anything. */
export async function readLog(
  db: TombleDb,
  name: (what: 'length' | 'width') => string
): Promise<{ readonly entries: LogEntry[]; readonly rows: number[] }> {
  const projects = await db.projects.toArray();
  const events = group(await db.events.toArray(), (event) => event.projectId);
  const entries = projects
    .flatMap((project) => entryOf(project, events.get(project.id) ?? [], name) ?? [])
    .sort((a, b) => b.at.getTime() - a.at.getTime());
  const there = new Set(projects.map(({ id }) => id));
  const rows = [...events].flatMap(([id, own]) => (there.has(id) ? rowTimes(own) : []));
  return { entries, rows };
}

/** What the log is narrowed to; an empty text lets everything through. */
export interface LogFilter {
  readonly kind: string;
  readonly machine: string;
  readonly yarn: string;
  readonly wearer: string;
  readonly person: string;
  readonly year: string;
}

export const NO_FILTER: LogFilter = { kind: '', machine: '', yarn: '', wearer: '', person: '', year: '' };

/** What each filter reads of an entry. */
const READS: { readonly [F in keyof LogFilter]: (entry: LogEntry) => readonly string[] } = {
  kind: (e) => [e.kind],
  machine: (e) => [e.machine],
  yarn: (e) => e.yarns,
  wearer: (e) => (e.wearer === null ? [] : [e.wearer]),
  person: (e) => (e.project.forWhom === null ? [] : [e.project.forWhom]),
  year: (e) => [String(e.at.getFullYear())]
};

/** Entries that pass every filter. */
export const narrowed = (entries: readonly LogEntry[], filter: LogFilter): LogEntry[] =>
  entries.filter((entry) =>
    (Object.keys(READS) as (keyof LogFilter)[]).every((f) => filter[f] === '' || READS[f](entry).includes(filter[f]))
  );

/** Everything a filter can be set to, in order. */
export const choicesOf = (entries: readonly LogEntry[], of: keyof LogFilter): string[] =>
  [...new Set(entries.flatMap((entry) => READS[of](entry)))].sort((a, b) => a.localeCompare(b));

/** Machines and yarns that a project names, as far as they can be changed for another time. */
export const namedIn = (project: Project): { readonly machines: string[]; readonly yarns: string[] } => {
  const refs = refsOf(project.brief).filter((ref) => !ref.path.startsWith('strands.'));
  const of = (what: 'machine' | 'yarn'): string[] => [...new Set(refs.flatMap((r) => (r.what === what ? [r.id] : [])))];
  return { machines: of('machine'), yarns: of('yarn') };
};
