import Dexie, { type Table } from 'dexie';
import type { Habits, Machine, Observation, Swatch, Yarn } from '$lib/core/kit';
import type { CrankEvent } from './records/crank-event';
import type { Person } from './records/person';
import type { Project } from './records/project';

/** A setting that is not part of the craft. */
export interface Setting {
  readonly key: string;
  readonly value: unknown;
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

  constructor(name = 'tomble') {
    super(name);
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
  }
}
