import 'fake-indexeddb/auto';
import { describe, expect, it } from 'vitest';
import { sampleKit } from '../../../tests/support/sample';
import { Kit } from '$lib/core/kit';
import { starterKit } from '$lib/demo/starter';
import { afresh } from './afresh';
import { contentsOf } from './backup';
import { goBack } from './bring-in';
import { TombleDb } from './db';
import { loadKit } from './kit';
import { newProject, saveProject } from './projects';
import { seed } from './seed';

const NOW = new Date('2026-11-26T12:00:00Z');
let n = 0;
async function furnished(demo: boolean): Promise<TombleDb> {
  const db = new TombleDb(`afresh-${n++}`);
  await seed(db, demo);
  return db;
}

describe('beginning afresh', () => {
  it('empties to what a first visit finds, and can go back to all there was', async () => {
    const db = await furnished(true);
    const before = await contentsOf(db);
    await afresh(db, 'empty', NOW);
    const now = await contentsOf(db);
    expect([now.projects, now.events, now.people]).toEqual([[], [], []]);
    expect(now.machines).toEqual(starterKit.machines);
    expect(now.yarns).toEqual(starterKit.yarns);
    // It is not furnished anew by the next visit.
    await seed(db, true);
    expect(await db.projects.count()).toBe(0);
    await goBack(db);
    expect((await contentsOf(db)).projects).toEqual(before.projects);
    expect((await contentsOf(db)).events.length).toBe(before.events.length);
  });

  it('brings the village beside what is there, and takes away nothing but the village', async () => {
    const db = await furnished(false);
    const own = await loadKit(db);
    await saveProject(db, newProject(own!, 'scarf', own!.machines[0]!.id));
    const before = await contentsOf(db);
    await afresh(db, 'village', NOW);
    expect(await db.projects.count()).toBeGreaterThan(5);
    expect((await contentsOf(db)).habits).toEqual(before.habits);
    await afresh(db, 'no-village', NOW);
    const after = await contentsOf(db);
    for (const table of ['projects', 'machines', 'yarns', 'events', 'habits'] as const)
      expect(after[table], table).toEqual(before[table]);
  });

  it('what was measured by the knitter on a machine and yarn of the village stays, and they with it', async () => {
    const db = await furnished(true);
    const [swatch] = await db.swatches.toArray();
    await db.swatches.add({ ...swatch!, id: 'own-swatch', yarnId: 'y-plum', machineId: 'm22' });
    await afresh(db, 'no-village', NOW);
    const after = await contentsOf(db);
    expect(after.swatches.map(({ id }) => id)).toEqual(['own-swatch']);
    expect(after.machines.map(({ id }) => id)).toEqual(['m22']);
    expect(after.yarns.map(({ id }) => id)).toEqual(['y-plum']);
  });

  it('a machine of the village that another project uses stays when the village goes', async () => {
    const db = await furnished(true);
    const kit = await loadKit(db);
    const mine = newProject(kit!, 'scarf', 'm22');
    await saveProject(db, mine);
    await afresh(db, 'no-village', NOW);
    const after = await contentsOf(db);
    expect(after.projects.map(({ id }) => id)).toEqual([mine.id]);
    expect(after.machines.map(({ id }) => id)).toEqual(['m22']);
    expect(Kit.parse({ ...sampleKit(), machines: after.machines }).machines).toHaveLength(1);
    expect(await loadKit(db)).not.toBeNull();
  });
});
