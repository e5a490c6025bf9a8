import { legAt, trackOf, type CrankedRows } from '$lib/core/read';
import type { TombleDb } from './db';
import { eventsOf } from './events';
import { loadKit } from './kit';
import { planOf } from './plans';
import { Fold } from './records/crank-event';

/** Projects that are looked at, the last changed first: a hand gets faster, and old pieces say little of it. */
const LATEST = 12;

/**
 * What was cranked of late, piece by piece, for a pace to be learned from. Rows that were set and not cranked have no time
 * and are left out.
 */
export async function crankedOfLate(db: TombleDb): Promise<CrankedRows[]> {
  const kit = await loadKit(db);
  if (!kit) return [];
  const projects = await db.projects.orderBy('updatedAt').reverse().limit(LATEST).toArray();
  const all: CrankedRows[] = [];
  for (const project of projects) {
    const events = await eventsOf(db, project.id);
    const result = events.length > 0 ? planOf(kit, project) : null;
    if (!result) continue;
    const track = trackOf(result);
    const pieces = new Map<number, { tube: boolean; at: number[] }>();
    const fold = new Fold();
    for (const { what, at } of events) {
      const { rows } = fold.progress;
      fold.add(what);
      const leg = what.do === 'row' ? legAt(track, rows) : undefined;
      if (!leg) continue;
      const own = pieces.get(leg.offset) ?? { tube: leg.turns === null, at: [] };
      own.at.push(Date.parse(at));
      pieces.set(leg.offset, own);
    }
    all.push(...pieces.values());
  }
  return all;
}
