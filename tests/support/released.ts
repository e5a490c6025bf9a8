type Stores = Readonly<Record<string, string>>;

/** What each released version added or changed of tables and indexes, frozen: a browser somewhere still holds each of them. */
const CHANGED: readonly Stores[] = [
  {
    machines: 'id',
    yarns: 'id',
    swatches: 'id, [machineId+yarnId]',
    projects: 'id, updatedAt, deletedAt',
    events: '++id, projectId',
    habits: 'id',
    settings: 'key'
  },
  { observations: 'id, projectId', people: 'id' },
  { events: '++id, projectId, &key' },
  {},
  {},
  { photos: 'id, projectId' },
  { series: 'id', conversions: 'id' },
  {},
  {},
  {
    projects: 'id, updatedAt',
    events: '++id, projectId, &key, [projectId+turn]',
    photos: 'id, [owner.table+owner.id]',
    bin: 'id, deletedAt',
    newer: 'id'
  }
];

/** Tables and indexes of every released version, by its number. */
export const RELEASED: Readonly<Record<number, Stores>> = Object.fromEntries(
  CHANGED.map((_, i) => [i + 1, Object.assign({}, ...CHANGED.slice(0, i + 1)) as Stores])
);
