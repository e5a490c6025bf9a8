import { describe, expect, it } from 'vitest';
import { sampleKit } from '../../../tests/support/sample';
import { freshDb } from '../../../tests/support/store';
import { learnedPace } from '$lib/core/read';
import { crankedOfLate } from './cranked';
import { eventOf } from './events';
import { newProject, saveProject } from './projects';
import type { CrankAction } from './records/crank-event';

const kit = sampleKit();

/** A browser with the sample's kit and one project of each kind, cranked at so many rows a minute. */
async function cranked(...of: { kind: string; perMinute: number; rows: number; first?: CrankAction[] }[]) {
  const db = freshDb();
  await db.machines.bulkPut([...kit.machines]);
  await db.yarns.bulkPut([...kit.yarns]);
  for (const { kind, perMinute, rows, first = [] } of of) {
    const project = newProject(kit, kind, 'm', new Date('2026-11-01T10:00:00Z'));
    await saveProject(db, project);
    const row: CrankAction = { do: 'row', yarn: 'red' };
    const actions: CrankAction[] = [...first, ...Array.from({ length: rows }, () => row)];
    const events = actions.map((what, i) => ({ ...eventOf(project.id, what, i), at: new Date(Date.UTC(2026, 10, 2) + (i * 60_000) / perMinute).toISOString() })); // prettier-ignore
    await db.events.bulkAdd(events);
  }
  return db;
}

describe('what was cranked of late', () => {
  it('is nothing in an empty browser', async () => expect(await crankedOfLate(freshDb())).toEqual([]));

  it('tells tubes from what goes to and fro, and the pace of each', async () => {
    const db = await cranked(
      { kind: 'lined-hat', perMinute: 20, rows: 80 },
      { kind: 'waistcoat', perMinute: 8, rows: 60 }
    );
    const all = await crankedOfLate(db);
    expect(all.map(({ tube, at }) => [tube, at.length]).sort()).toEqual([[false, 60], [true, 80]]); // prettier-ignore
    expect(learnedPace(all, true)!.perMinute).toBeCloseTo(20, 1);
    expect(learnedPace(all, false)!.perMinute).toBeCloseTo(8, 1);
  });

  it('leaves out rows that were set and never cranked', async () => {
    const db = await cranked({ kind: 'lined-hat', perMinute: 20, rows: 40, first: [{ do: 'jump', to: 30 }] });
    expect((await crankedOfLate(db)).map(({ at }) => at.length)).toEqual([40]);
  });
});
