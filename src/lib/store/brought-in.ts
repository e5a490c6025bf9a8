import type { TombleDb } from './db';

/** Settings key: when contents were brought in last, and which projects are others since. */
const KEY = 'brought-in';

/** When a backup was brought in, or one went back, or began afresh. */
export interface BroughtIn {
  readonly at: string;
  /** Ids of projects that became others, came or went. */
  readonly projects: readonly string[];
}

/** Puts down that contents were brought in, for windows that show one of the projects. */
export const noteBroughtIn = (db: TombleDb, what: BroughtIn): Promise<string> =>
  db.settings.put({ key: KEY, value: what });

/** When contents were brought in last, or null. */
export const broughtIn = async (db: TombleDb): Promise<BroughtIn | null> =>
  ((await db.settings.get(KEY))?.value as BroughtIn | undefined) ?? null;
