import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { freshDb } from '../../../tests/support/store';
import { readProjectFile } from '$lib/formats/project-file';
import { importProject } from './import';
import { planProject } from './projects';
import { tickedIds } from './ticks';

/** Projects as the first release wrote them, one of every kind, every finishing step ticked. */
const release = JSON.parse(readFileSync('tests/fixtures/release-0.1.json', 'utf8')) as {
  kit: object;
  projects: { kind: string; file: object; rows: number[]; allFinish: string[]; knitSteps: string[] }[];
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
