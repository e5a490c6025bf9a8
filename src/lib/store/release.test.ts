import { readFileSync } from 'node:fs';
import { freshDb } from '../../../tests/support/store';
import Dexie from 'dexie';
import { describe, expect, it } from 'vitest';
import { RELEASED } from '../../../tests/support/released';
import { hashOfContents } from '$lib/formats/bundle/contents';
import { readBundle } from '$lib/formats/bundle/read';
import { writeBundle } from '$lib/formats/bundle/write';
import { Kit } from '$lib/core/kit';
import { readProjectFile } from '$lib/formats/project-file';
import { contentsOf } from './backup';
import { bringIn } from './bring-in';
import { TombleDb } from './db';
import { importProject } from './import';
import { planProject } from './projects';
import { tickedIds } from './ticks';

/** Projects as the first release wrote them, one of every kind, every finishing step ticked. */
const release = JSON.parse(readFileSync('tests/fixtures/release-0.1.json', 'utf8')) as {
  kit: Record<'machines' | 'yarns' | 'swatches' | 'finished', { id: string }[]> & { habits: object };
  projects: {
    kind: string;
    file: { brief: object; actions: object[]; finished: string[]; measured: object | null };
    rows: number[];
    allFinish: string[];
    knitSteps: string[];
  }[];
};

describe('projects of the first release', () => {
  for (const { kind, file, rows, allFinish, knitSteps } of release.projects) {
    const text = JSON.stringify({ ...file, kit: release.kit });

    it(`${kind}: opens with its rows, its steps at the crank and its ticks`, async () => {
      const read = readProjectFile(text);
      expect(read).toMatchObject({ ok: true });
      if (!read.ok) return;
      expect(read.result.fabric.pieces.map((piece) => piece.rows)).toEqual(rows);
      const steps = read.result.steps.map((step) => step.id);
      // The ladders of a wrap run down off the machine now: one operation less for each of its tubes.
      const same = knitSteps.filter((id) => kind !== 'wrap' || !id.endsWith('.6'));
      expect(steps.filter((id) => knitSteps.includes(id))).toEqual(same);
      // Every tick of a step that is done today still stands for one, and none stands for two.
      const ticked = tickedIds(allFinish, read.result.steps);
      expect(new Set(ticked).size).toBe(ticked.length);
      expect(ticked.length).toBeGreaterThan(0);
      for (const id of ticked) expect(steps).toContain(id);
      // One tick is one step.
      for (const old of allFinish) expect(tickedIds([old], read.result.steps).length).toBeLessThanOrEqual(1);
    });

    it(`${kind}: is stored and planned again as it is`, async () => {
      const read = readProjectFile(text);
      if (!read.ok) throw new Error(read.reasons.join());
      const db = freshDb();
      const id = await importProject(db, read.file);
      const project = (await db.projects.get(id))!;
      expect(project.brief.options).toMatchObject(read.file.brief.options);
      const [machines, yarns] = [await db.machines.toArray(), await db.yarns.toArray()];
      const planned = planProject({ ...read.file.kit, machines, yarns }, project);
      expect(planned.ok && planned.value.fabric.pieces.map((piece) => piece.rows)).toEqual(rows);
    });
  }
});

describe('the browser of every release goes through a backup', () => {
  it.each(Object.keys(RELEASED).map(Number))('version %i', async (version) => {
    const name = `released-${version}`;
    const old = new Dexie(name);
    old.version(version).stores(RELEASED[version]!);
    const at = '2026-10-01T18:00:00.000Z';
    await old.table('machines').bulkAdd(release.kit.machines);
    await old.table('yarns').bulkAdd(release.kit.yarns);
    await old.table('habits').add({ id: 'me', ...release.kit.habits });
    await old.table('settings').add({ key: 'seeded', value: true });
    const { swatches, finished: pieces, habits } = release.kit;
    const known = { swatches, finished: pieces };
    for (const [i, { file }] of release.projects.entries()) {
      const { brief, finished, measured } = file;
      const id = `p${i}`;
      const kept = {
        past: [brief],
        future: [],
        finished,
        measured,
        knowledge: known,
        ...(version < 10 ? { deletedAt: null } : {})
      };
      await old.table('projects').add({ id, brief, ...kept, createdAt: at, updatedAt: at });
      const events = file.actions.slice(0, 20).map((what) => ({ projectId: id, at, what }));
      await old.table('events').bulkAdd(events);
    }
    old.close();

    const now = new TombleDb(name);
    const all = await contentsOf(now);
    expect(all.projects).toHaveLength(release.projects.length);
    const read = readBundle(writeBundle(all, new Date(at)));
    expect(read.ok ? [] : read.reasons).toEqual([]);
    if (!read.ok) return;
    const other = freshDb();
    await bringIn(other, () => read.contents);
    expect(hashOfContents(await contentsOf(other))).toBe(hashOfContents(all));
    // And they plan as they did.
    const kit = Kit.parse({ ...release.kit, swatches: [], finished: [], habits });
    for (const [i, { kind, rows }] of release.projects.entries()) {
      const planned = planProject(kit, (await other.projects.get(`p${i}`))!);
      expect(planned.ok && planned.value.fabric.pieces.map((piece) => piece.rows), kind).toEqual(rows);
    }
    now.close();
    await Dexie.delete(name);
  });
});
