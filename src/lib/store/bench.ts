import type { TombleDb } from './db';
import type { Project } from './records/project';

/** Projects that are neither thrown away nor in the log, the one that was changed last first. */
export const openProjects = async (db: TombleDb): Promise<Project[]> => {
  // All at once: walked one by one in their order, many take far longer.
  const all = await db.projects.toArray();
  return all
    .filter((p) => p.measured === null)
    .sort((a, b) => Number(a.updatedAt < b.updatedAt) - Number(a.updatedAt > b.updatedAt));
};

/** Ids of projects that anything happened to at the crank. */
export const crankedIds = (db: TombleDb): Promise<string[]> =>
  db.events.orderBy('projectId').uniqueKeys() as Promise<string[]>;
