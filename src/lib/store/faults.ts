import { group } from 'd3-array';
import type { CrankFault } from '$lib/core/knit';
import type { TombleDb } from './db';
import { inTurn } from './events';
import { progressOf } from './records/crank-event';

/**
 * What went wrong in all other projects of a machine and still stands there; what was torn back or taken back does not.
 *
 * @param besides the project that is left out
 * @example await faultsBesides(db, 'ring', 'hat') // [{ kind: 'dropped', pin: 17, … }]
 */
export async function faultsBesides(db: TombleDb, machineId: string, besides: string): Promise<CrankFault[]> {
  const ids = (await db.projects.toArray())
    .filter((p) => p.id !== besides && p.brief.machineId === machineId)
    .map((p) => p.id);
  const told = await db.events.where('projectId').anyOf(ids).toArray();
  return [...group(told, ({ projectId }) => projectId).values()].flatMap((events) => {
    if (!events.some(({ what }) => what.do === 'fault')) return [];
    return progressOf(events.sort(inTurn).map(({ what }) => what)).faults.map(({ fault }) => fault);
  });
}
