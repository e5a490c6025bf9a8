import type { Machine, Yarn } from '$lib/core/kit';
import { starterKit } from '$lib/demo/starter';
import { canonical } from './canonical';
import type { TombleDb } from './db';
import { isRecord } from './records/newer';

const MACHINES: ReadonlyMap<string, string> = new Map(starterKit.machines.map((m) => [m.id, canonical(m)]));
const YARNS: ReadonlyMap<string, string> = new Map(starterKit.yarns.map((y) => [y.id, canonical(y)]));

/** Whether a machine is the one every knitter finds on the first visit, as it came. */
export const isExampleMachine = (machine: Machine): boolean => MACHINES.get(machine.id) === canonical(machine);
/** Whether a yarn is one of those every knitter finds on the first visit, as it came. */
export const isExampleYarn = (yarn: Yarn): boolean => YARNS.get(yarn.id) === canonical(yarn);

/**
 * Examples make way once there is a thing of the knitter's own: those that nobody changed and that no project, swatch or piece
 * uses are taken out.
 *
 * @returns how many went
 */
export const makeWay = (db: TombleDb): Promise<number> =>
  db.transaction('rw', db.tables, async () => {
    const [machines, yarns] = await Promise.all([db.machines.toArray(), db.yarns.toArray()]);
    const users = await Promise.all([db.projects, db.swatches, db.observations, db.series, db.conversions].map((table) => table.toArray())); // prettier-ignore
    // What lies in the bin may come back, and what a newer version wrote will.
    const binned = (await db.bin.toArray()).flatMap(({ records }) => records.filter(({ table }) => table !== 'photos'));
    const waiting = (await db.newer.toArray()).flatMap((newer) => (isRecord(newer) ? newer.record : []));
    const text = JSON.stringify([users, binned, waiting]);
    const unused = ({ id }: { id: string }): boolean => !text.includes(JSON.stringify(id));
    const own = { machine: machines.some((m) => !isExampleMachine(m)), yarn: yarns.some((y) => !isExampleYarn(y)) };
    const goneMachines = own.machine ? machines.filter((m) => isExampleMachine(m) && unused(m)) : [];
    const goneYarns = own.yarn ? yarns.filter((y) => isExampleYarn(y) && unused(y)) : [];
    await db.machines.bulkDelete(goneMachines.map(({ id }) => id));
    await db.yarns.bulkDelete(goneYarns.map(({ id }) => id));
    return goneMachines.length + goneYarns.length;
  });
