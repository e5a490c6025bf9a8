import type { CrankFault } from '$lib/core/knit';
import type { TombleDb } from './db';
import { inTurn } from './events';
import { Fold } from './records/crank-event';

/**
 * What went wrong in all other projects of a machine and still stands there; what was torn back or taken back does not.
 *
 * @param besides the project that is left out
 * @example await faultsBesides(db, 'ring', 'hat') // [{ kind: 'dropped', pin: 17, … }]
 */
export async function faultsBesides(db: TombleDb, machineId: string, besides: string): Promise<CrankFault[]> {
  const ids = (await db.projects.toArray())
    .filter((p) => p.id !== besides && !p.deletedAt && p.brief.machineId === machineId)
    .map((p) => p.id);
  const told = await db.events.where('projectId').anyOf(ids).toArray();
  const troubled = new Set(told.filter(({ what }) => what.do === 'fault').map(({ projectId }) => projectId));
  return [...troubled].flatMap((id) => {
    const fold = new Fold();
    for (const { what } of told.filter(({ projectId }) => projectId === id).sort(inTurn)) fold.add(what);
    return fold.progress.faults.map(({ fault }) => fault);
  });
}
