import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyKit, anyKitAndBrief } from '../../../tests/support/arbitrary';
import { contents, freshDb } from '../../../tests/support/store';
import { medium, sampleKit } from '../../../tests/support/sample';
import { RED_SWATCH } from '../../../tests/support/swatch';
import type { Kit } from '$lib/core/kit';
import { trackOf } from '$lib/core/read';
import { type Readings, tryPlan } from '$lib/core/tomble';
import { readProjectFile, type ProjectFile, writeProjectFile } from '$lib/formats/project-file';
import { importProject, plannedHere } from './import';
import { addKit } from './add-kit';
import { loadKit } from './kit';
import { eventsOf } from './events';
import { edited, newProject, planProject, settled } from './projects';
import { progressOf } from './records/crank-event';

const NOW = new Date('2026-11-05T08:00:00Z');

/** A project file of a striped hat on some kit, with three rows cranked. */
function fileOf(kit: Kit): ProjectFile {
  const [a, b] = kit.yarns;
  const start = newProject(kit, 'lined-hat', kit.machines[0]!.id, NOW);
  const sections = [
    { yarn: a!.id, rows: 4 },
    { yarn: b!.id, rows: 7 }
  ];
  // The name equals an id on purpose: only fields that hold a yarn may be rewritten.
  const project = edited(start, { name: a!.id, options: { style: 'striped', sections }, strands: { [b!.id]: 2 } });
  const planned = tryPlan(kit, project.brief);
  if (!planned.ok) throw new Error('the file of the test must plan');
  const row = (id: number) => ({
    id,
    projectId: project.id,
    at: NOW.toISOString(),
    what: { do: 'row' as const, yarn: a!.id }
  });
  const read = readProjectFile(writeProjectFile(project, planned.value, [row(1), row(2), row(3)], NOW));
  if (!read.ok) throw new Error(read.reasons.join(' '));
  return read.file;
}

describe('importProject', () => {
  it('brings the whole kit into an empty browser', async () => {
    const db = freshDb();
    const file = fileOf(sampleKit());
    const id = await importProject(db, file, NOW);
    const project = await db.projects.get(id);
    expect(project?.brief).toEqual(file.brief);
    expect(await loadKit(db)).toMatchObject({ machines: file.kit.machines });
    expect(progressOf((await eventsOf(db, id)).map((e) => e.what)).rows).toBe(3);
  });

  it('a swatch of the same name that is of another yarn or on another machine comes in beside what is here', async () => {
    const kit = sampleKit({ swatches: [RED_SWATCH] });
    for (const other of [{ yarnId: 'blue' }, { machineId: 'm2' }]) {
      const db = freshDb();
      await addKit(db, kit);
      const here = { ...kit.swatches[0]!, ...other };
      await db.swatches.put(here);
      await importProject(db, fileOf(kit), NOW);
      expect(await db.swatches.get(here.id)).toEqual(here);
      expect(await db.swatches.count()).toBe(2);
      expect((await db.swatches.toArray()).some((s) => s.yarnId === 'red' && s.machineId === 'm')).toBe(true);
    }
    const db = freshDb();
    await addKit(db, kit);
    await importProject(db, fileOf(kit), NOW);
    expect(await db.swatches.toArray()).toEqual(kit.swatches);
  });

  it('uses what is there already when it is the same', async () => {
    const db = freshDb();
    const kit = sampleKit();
    await addKit(db, kit);
    await importProject(db, fileOf(kit), NOW);
    expect(await db.yarns.count()).toBe(kit.yarns.length);
    expect(await db.machines.count()).toBe(1);
  });

  it('puts another yarn and machine of the same id beside what is stored, which stays as it was', async () => {
    const db = freshDb();
    const mine = sampleKit({ yarns: [medium('red', '#ff8888'), medium('green', '#226622')], machine: { pins: 40 } });
    await addKit(db, mine);
    const before = await contents(db);
    const file = fileOf(sampleKit());
    const id = await importProject(db, file, NOW);
    for (const yarn of mine.yarns) expect(await db.yarns.get(yarn.id)).toEqual(yarn);
    expect(await db.machines.get('m')).toEqual(before['machines']![0]);
    const project = (await db.projects.get(id))!;
    const sections = project.brief.options['sections'] as { yarn: string }[];
    expect(sections[0]!.yarn).not.toBe('red');
    expect(await db.yarns.get(sections[0]!.yarn)).toMatchObject({ colour: { hex: '#b03020' } });
    expect(project.brief.name).toBe('red');
    expect(project.brief.strands).toEqual({ blue: 2 });
    expect((await eventsOf(db, id))[0]!.what).toEqual({ do: 'row', yarn: sections[0]!.yarn });
  });

  it('gives the same plan as the file, beside whatever is stored', async () => {
    const db = freshDb();
    await addKit(
      db,
      sampleKit({ yarns: [medium('red', '#ff8888'), medium('green', '#226622')], machine: { pins: 40 } })
    );
    const file = fileOf(sampleKit());
    const project = (await db.projects.get(await importProject(db, file, NOW)))!;
    const [there, here] = [tryPlan(file.kit, file.brief), tryPlan((await loadKit(db))!, project.brief)];
    if (!there.ok || !here.ok) throw new Error('both must plan');
    expect(here.value.sizes).toEqual(there.value.sizes);
    expect(here.value.reveal).toEqual(there.value.reveal);
    expect([...here.value.fabric.pieces[0]!.yarn]).toEqual([...there.value.fabric.pieces[0]!.yarn]);
  });

  it('a swatch that was set aside here stays so, and is not counted a second time', async () => {
    const db = freshDb();
    const swatch = {
      id: 's',
      machineId: 'm',
      yarnId: 'red',
      hole: 2,
      state: 'rested',
      statement: { as: 'counts', stitches: 14, rows: 21 },
      on: '2026-05-01'
    };
    const kit = sampleKit({ swatches: [swatch] });
    await addKit(db, sampleKit({ swatches: [{ ...swatch, setAside: true }] }));
    await importProject(db, fileOf(kit), NOW);
    expect((await db.swatches.toArray()).map((s) => [s.id, s.setAside])).toEqual([['s', true]]);
  });

  it('moves machines and yarns in every option and in the pompom, and keeps the habits of a begun piece', async () => {
    const db = freshDb();
    const mine = sampleKit({ yarns: [medium('red', '#ff8888'), medium('blue', '#88ff88')], machine: { pins: 40 } });
    await addKit(db, mine);
    const kit = sampleKit({ habits: { wasteStart: 3, wasteEnd: 11 } });
    const start = newProject(kit, 'garland', 'm', NOW);
    const project = edited(start, {
      pompom: { count: 1, wraps: 60, cardMm: 75, yarn: 'blue', from: 'wound', by: 'bow', trimMm: 3, buttonMm: 18 }
    });
    const planned = tryPlan(kit, project.brief);
    if (!planned.ok) throw new Error('the file of the test must plan');
    const row = { projectId: 'x', at: NOW.toISOString(), what: { do: 'row' as const, yarn: 'red' } };
    const read = readProjectFile(writeProjectFile(project, planned.value, [row], NOW));
    if (!read.ok) throw new Error(read.reasons.join(' '));
    const stored = (await db.projects.get(await importProject(db, read.file, NOW)))!;
    // The pins of the other ring and the shades of the other yarns come along with the ids.
    const { smallMachine, motifYarn } = stored.brief.options as { smallMachine: string; motifYarn: string };
    expect(smallMachine).toBe(stored.brief.machineId);
    expect(await db.machines.get(smallMachine)).toMatchObject({ pins: 48 });
    expect(await db.yarns.get(motifYarn)).toMatchObject({ colour: { hex: kit.yarns.find((y) => y.id === project.brief.options['motifYarn'])!.colour.hex } }); // prettier-ignore
    expect(await db.yarns.get(stored.brief.pompom!.yarn)).toMatchObject({ colour: { hex: '#205080' } });
    // Whatever is habit here, the piece on the machine goes on as it was begun.
    expect(stored.knowledge?.habits).toMatchObject({ wasteStart: 3, wasteEnd: 11 });
  });

  it('a begun piece has the same rows everywhere, whatever is known and usual there', async () => {
    await fc.assert(
      fc.asyncProperty(
        anyKitAndBrief,
        anyKit,
        fc.integer({ min: 0, max: 12 }),
        fc.boolean(),
        async (there, here, waste, back) => {
          const planned = tryPlan(there.kit, there.brief);
          if (!planned.ok || trackOf(planned.value).rows === 0) return;
          const db = freshDb();
          const rename = <T extends { id: string }>(entries: readonly T[]): T[] => entries.map((e) => ({ ...e }));
          await addKit(db, {
            ...here,
            machines: rename(here.machines),
            habits: { ...here.habits, wasteStart: waste, wasteEnd: waste, panelStart: 'low', wasteStrip: true }
          });
          const start = { ...newProject(there.kit, there.brief.kind, there.brief.machineId, NOW), brief: there.brief };
          const project = settled(there.kit, start);
          const own = planProject(there.kit, project);
          if (!own.ok) return;
          const row = { do: 'row', yarn: there.kit.yarns[0]!.id } as const;
          // Begun is begun, also where the only row was taken back.
          const events = [row, ...(back ? [{ do: 'undo' } as const] : [])].map((what) => ({
            projectId: project.id,
            at: NOW.toISOString(),
            what
          }));
          const read = readProjectFile(writeProjectFile(project, own.value, events, NOW));
          if (!read.ok) throw new Error(read.reasons.join(' '));
          const id = await importProject(db, read.file, NOW);
          const again = planProject((await loadKit(db))!, (await db.projects.get(id))!);
          if (!again.ok) throw new Error(JSON.stringify(again.faults));
          const rows = (result: Readings): unknown =>
            result.fabric.pieces.map((p) => [p.rows, [...p.stitches], [...p.purpose]]);
          expect(rows(again.value)).toEqual(rows(own.value));
          expect(rows(read.result)).toEqual(rows(own.value));
          await db.delete();
        }
      ),
      { numRuns: 40 }
    );
  });

  it('says beforehand how a piece that is not begun would be planned here, and keeps the plan of the file if wanted', async () => {
    const db = freshDb();
    const swatch = {
      id: 'own',
      machineId: 'm',
      yarnId: 'red',
      hole: 2,
      state: 'rested',
      statement: { as: 'counts', stitches: 18, rows: 24 },
      on: '2026-05-01'
    };
    await addKit(db, sampleKit({ swatches: [swatch] }));
    const before = await contents(db);
    const start = newProject(sampleKit(), 'lined-hat', 'm', NOW);
    const planned = tryPlan(sampleKit(), start.brief);
    if (!planned.ok) throw new Error('the file of the test must plan');
    const read = readProjectFile(writeProjectFile(start, planned.value, [], NOW));
    if (!read.ok) throw new Error(read.reasons.join(' '));
    const here = await plannedHere(db, read.file);
    expect(here.ok && trackOf(here.value).workRows).not.toBe(trackOf(planned.value).workRows);
    expect(await contents(db)).toEqual(before);
    const rowsOf = async (id: string): Promise<number> => {
      const again = planProject((await loadKit(db))!, (await db.projects.get(id))!);
      return again.ok ? trackOf(again.value).workRows : 0;
    };
    expect(await rowsOf(await importProject(db, read.file, NOW))).toBe(here.ok && trackOf(here.value).workRows);
    expect(await rowsOf(await importProject(db, read.file, NOW, true))).toBe(trackOf(planned.value).workRows);
  });
});
