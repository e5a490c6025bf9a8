import type { TombleDb } from './db';
import type { Project } from './records/project';

/** Projects that are neither thrown away nor in the log, the one that was changed last first. */
export const openProjects = (db: TombleDb): Promise<Project[]> =>
  db.projects
    .orderBy('updatedAt')
    .reverse()
    .filter((p) => p.deletedAt === null && p.measured === null)
    .toArray();

/** Ids of projects that anything happened to at the crank. */
export const crankedIds = (db: TombleDb): Promise<string[]> =>
  db.events.orderBy('projectId').uniqueKeys() as Promise<string[]>;
