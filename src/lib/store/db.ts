import Dexie, { type Table, type Transaction } from 'dexie';
import { olderOptions } from '$lib/core/plan';
import { olderRecord } from './older-record';
import type { Habits, Machine, Observation, Swatch, Yarn } from '$lib/core/kit';
import type { BinEntry } from './records/bin-entry';
import type { Conversion } from './records/conversion';
import type { CrankEvent } from './records/crank-event';
import type { Newer } from './records/newer';
import type { Person } from './records/person';
import type { Photo } from './records/photo';
import type { Project } from './records/project';
import type { Series } from './records/series';

/** There is one knitter to a browser. */
export const ME = 'me';

/** A setting that is not part of the craft. */
export interface Setting {
  readonly key: string;
  readonly value: unknown;
}

/** A brief as it was kept before version 4. */
type OldBrief = { ownSteps?: string[]; pompom?: { from?: string; by?: string } | null };

function fourthBrief(brief: OldBrief): void {
  brief.ownSteps ??= [];
  if (brief.pompom) {
    brief.pompom.from ??= 'wound';
    brief.pompom.by ??= 'bow';
  }
}

/** What version 4 adds to a project; nothing that was there is changed. */
function fourth(project: { brief: OldBrief; past?: OldBrief[]; future?: OldBrief[]; rested?: null }): void {
  for (const brief of [project.brief, ...(project.past ?? []), ...(project.future ?? [])]) fourthBrief(brief);
  project.rested ??= null;
}

/** Something that was knitted before fingers were asked for: it was held as usual. */
type Held = { fingers?: string };
const fifthHeld = (held: Held): void => {
  held.fingers ??= 'usual';
};

/** What version 5 adds to a project; nothing that was there is changed. */
function fifth(project: {
  brief: Held;
  past?: Held[];
  future?: Held[];
  knowledge?: { swatches: Held[]; finished: Held[] } | null;
}): void {
  // prettier-ignore
  const { knowledge } = project;
  [project.brief, ...(project.past ?? []), ...(project.future ?? [])].forEach(fifthHeld);
  [...(knowledge?.swatches ?? []), ...(knowledge?.finished ?? [])].forEach(fifthHeld);
}

/** What version 8 adds to a brief; nothing that was there is changed. */
type BareBrief = {
  colours?: unknown[];
  patches?: unknown[];
  ownPlaces?: object;
  pompom?: { trimMm?: number; buttonMm?: number } | null;
};
function eighthBrief(brief: BareBrief): void {
  brief.colours ??= [];
  brief.patches ??= [];
  brief.ownPlaces ??= {};
  if (brief.pompom) {
    brief.pompom.trimMm ??= 3;
    brief.pompom.buttonMm ??= 18;
  }
}

/** A brief whose options may be older. */
type KeptOptions = { options?: Record<string, unknown> };

/** Pictures get an owner; projects that were marked as deleted move into the bin with all that belongs to them. */
async function tenth(tx: Transaction): Promise<void> {
  const photos = tx.table<Record<string, unknown>, string>('photos');
  await photos.toCollection().modify((photo, ref) => {
    ref.value = olderRecord('photos', photo) as Record<string, unknown>;
  });
  const projects = tx.table<Record<string, unknown>, string>('projects');
  for (const project of await projects.toArray()) {
    const id = String(project['id']);
    const { deletedAt, ...record } = project;
    if (typeof deletedAt !== 'string') {
      if ('deletedAt' in project) await projects.put(record);
      continue;
    }
    const events = tx.table<Record<string, unknown>, number>('events').where('projectId').equals(id);
    const own = photos.filter(({ owner }) => (owner as { id?: string }).id === id);
    const title = (record as { brief?: { name?: string } }).brief?.name ?? id;
    await tx.table<BinEntry, string>('bin').add({
      id: `project ${id}`,
      deletedAt,
      what: 'project',
      title,
      records: [
        { table: 'projects', record },
        ...(await events.toArray()).map(({ id: _, ...event }) => ({ table: 'events', record: event })),
        ...(await own.toArray()).map((photo) => ({ table: 'photos', record: photo }))
      ]
    });
    await events.delete();
    await own.delete();
    await projects.delete(id);
  }
}

/** Everything the browser keeps. Versions are consecutive and frozen once released. */
export class TombleDb extends Dexie {
  machines!: Table<Machine, string>;
  yarns!: Table<Yarn, string>;
  swatches!: Table<Swatch, string>;
  observations!: Table<Observation, string>;
  people!: Table<Person, string>;
  projects!: Table<Project, string>;
  events!: Table<CrankEvent, number>;
  habits!: Table<Habits & { id: string }, string>;
  settings!: Table<Setting, string>;
  photos!: Table<Photo, string>;
  series!: Table<Series, string>;
  conversions!: Table<Conversion, string>;
  bin!: Table<BinEntry, string>;
  newer!: Table<Newer, string>;

  constructor(name = 'tomble') {
    // A row is kept when it is on the disk: what a browser only means to write is lost with its process.
    super(name, { chromeTransactionDurability: 'strict' });
    this.version(1).stores({
      machines: 'id',
      yarns: 'id',
      swatches: 'id, [machineId+yarnId]',
      projects: 'id, updatedAt, deletedAt',
      events: '++id, projectId',
      habits: 'id',
      settings: 'key'
    });
    // What finished pieces teach of a gauge, and people with their measures. Pieces finished before keep their place in
    // the log and teach nothing, because their entry does not say which yarn had how many rows.
    this.version(2).stores({ observations: 'id, projectId', people: 'id' });
    // Each event has a key of its own, so that one written twice is kept once. Events from before have none.
    this.version(3).stores({ events: '++id, projectId, &key' });
    // Briefs say whether a pompom is wound or bought and have steps of the knitter's own; a project has what was measured at
    // rest. What was kept before has none of it: pompoms were wound and tied, nothing was asked.
    this.version(4)
      .stores({})
      .upgrade((tx) => tx.table('projects').toCollection().modify(fourth));
    // Gauges belong to fingers too. What was measured before was held as usual.
    this.version(5)
      .stores({})
      .upgrade((tx) =>
        Promise.all([
          tx.table('projects').toCollection().modify(fifth),
          tx.table('swatches').toCollection().modify(fifthHeld),
          tx.table('observations').toCollection().modify(fifthHeld)
        ])
      );
    // Pictures of finished pieces, and how often a project was changed. There were none before, and nobody had counted.
    this.version(6)
      .stores({ photos: 'id, projectId' })
      .upgrade((tx) =>
        tx
          .table('projects')
          .toCollection()
          .modify((project: { rev?: number }) => {
            project.rev ??= 0;
          })
      );
    // Whatever else is measured on a finished piece, batches of things that are made together, and gauges
    // that were converted. None of it was there before.
    this.version(7)
      .stores({ series: 'id', conversions: 'id' })
      .upgrade((tx) =>
        tx
          .table('projects')
          .toCollection()
          .modify((project: { measured?: { figures?: unknown[] } | null }) => {
            if (project.measured) project.measured.figures ??= [];
          })
      );
    // Briefs say what colours were set on the tubes, where patches and the knitter's own steps come, and how a pompom is trimmed and held. There were none
    // before, own steps came last, and the usual trimming was meant.
    this.version(8)
      .stores({})
      .upgrade((tx) =>
        tx
          .table('projects')
          .toCollection()
          .modify(
            (project: { brief: BareBrief; past?: BareBrief[]; future?: BareBrief[]; forWhom?: string | null }) => {
              [project.brief, ...(project.past ?? []), ...(project.future ?? [])].forEach(eighthBrief);
              project.forWhom ??= null;
            }
          )
      );
    // A garment names the front with its buttonholes. Before, it named the one with the buttons.
    this.version(9)
      .stores({})
      .upgrade((tx) =>
        tx
          .table('projects')
          .toCollection()
          .modify((project: Record<'brief', KeptOptions> & Partial<Record<'past' | 'future', KeptOptions[]>>) => {
            for (const brief of [project.brief, ...(project.past ?? []), ...(project.future ?? [])])
              if (brief.options) brief.options = olderOptions(brief.options);
          })
      );
    // What is deleted lies in a bin; pictures belong to any record; what happened is found by its turn; and what a newer version
    // wrote is kept as it came. Before, deleted projects stayed where they were with a mark.
    this.version(10)
      .stores({
        projects: 'id, updatedAt',
        events: '++id, projectId, &key, [projectId+turn]',
        photos: 'id, [owner.table+owner.id]',
        bin: 'id, deletedAt',
        newer: 'id'
      })
      .upgrade(tenth);
  }
}
