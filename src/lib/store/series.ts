import type { Brief } from '$lib/core/plan';
import { withUnknown } from '$lib/core/quantity';
import type { TombleDb } from './db';
import { eventsOf } from './events';
import { type Progress, progressOf } from './records/crank-event';
import { Project } from './records/project';
import { Series } from './records/series';

/** Keeps a series with a project for each of its things, all of it or nothing. */
export async function keepSeries(
  db: TombleDb,
  series: Omit<Series, 'id' | 'projectIds' | 'createdAt' | 'updatedAt'>,
  things: readonly { readonly brief: Brief; readonly name: string }[],
  now = new Date()
): Promise<string> {
  const at = now.toISOString();
  const projects = things.map(({ brief, name }) =>
    Project.parse({ id: crypto.randomUUID(), brief: { ...brief, name }, createdAt: at, updatedAt: at })
  );
  const kept = Series.parse({
    ...series,
    id: crypto.randomUUID(),
    projectIds: projects.map((p) => p.id),
    createdAt: at,
    updatedAt: at
  });
  await db.transaction('rw', db.series, db.projects, async () => {
    await db.projects.bulkAdd(projects);
    await db.series.add(kept);
  });
  return kept.id;
}

/** Changes when a series is worked on, or what it is called. */
export async function changeSeries(
  db: TombleDb,
  id: string,
  change: Partial<Pick<Series, 'name' | 'by' | 'evenings' | 'from'>>
): Promise<void> {
  await db.transaction('rw', db.series, async () => {
    const series = await db.series.get(id);
    if (!series) return;
    const next = { ...series, ...change, updatedAt: new Date().toISOString() };
    await db.series.put(withUnknown(next, Series.parse(next)));
  });
}

/** A thing of a series, and how far it is. */
export interface SeriesMember {
  readonly project: Project;
  readonly progress: Progress;
}

/** A series with its things in their order; those that were thrown away are left out. */
export async function readSeries(
  db: TombleDb,
  id: string
): Promise<{ readonly series: Series; readonly members: SeriesMember[] } | null> {
  const series = await db.series.get(id);
  if (!series) return null;
  const projects = (await db.projects.bulkGet([...series.projectIds])).filter((p) => p !== undefined);
  const members = await Promise.all(
    projects.map(async (project) => ({
      project: project!,
      progress: progressOf((await eventsOf(db, project!.id)).map(({ what }) => what))
    }))
  );
  return { series, members };
}
