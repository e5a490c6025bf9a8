import { expect, test } from 'vitest';
import { sampleKit } from '../../../tests/support/sample';
import { freshDb } from '../../../tests/support/store';
import { eventOf } from './events';
import { faultsBesides } from './faults';
import { newProject, saveProject } from './projects';
import type { CrankAction } from './records/crank-event';

const kit = sampleKit();
const row: CrankAction = { do: 'row', yarn: 'red' };
const drop = (at: number, pin: number, mended = false): CrankAction => ({ do: 'fault', fault: { kind: 'dropped', piece: 0, copy: 1, row: at, pin, over: 1 }, at, mended }); // prettier-ignore

test('what went wrong on a machine: in its other projects, as far as it still stands', async () => {
  const db = freshDb();
  const project = async (machineId: string, actions: readonly CrankAction[]): Promise<string> => {
    const made = newProject(kit, 'lined-hat', 'm', new Date('2026-11-01T10:00:00Z'));
    await saveProject(db, { ...made, brief: { ...made.brief, machineId } });
    await db.events.bulkAdd(actions.map((what, i) => eventOf(made.id, what, i)));
    return made.id;
  };
  const own = await project('m', [row, drop(1, 3)]);
  await project('m', [row, row, row, drop(2, 17), drop(3, 18, true), row]);
  // Torn back with its row, or taken back: it does not stand.
  await project('m', [row, row, row, drop(3, 19), { do: 'jump', to: 2 }, drop(2, 20), { do: 'undo' }]);
  await project('other', [row, drop(1, 21)]);
  await project('m', [row]);
  expect((await faultsBesides(db, 'm', own)).map(({ pin }) => pin)).toEqual([17, 18]);
  expect(await faultsBesides(db, 'nowhere', own)).toEqual([]);
});
