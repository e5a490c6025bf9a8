import { describe, expect, it } from 'vitest';
import { contents, freshDb } from '../../../tests/support/store';
import { medium, sampleKit } from '../../../tests/support/sample';
import { observationsOf } from '$lib/core/read';
import type { Kit } from '$lib/core/kit';
import { Brief, type Change } from '$lib/core/plan';
import { tryPlan } from '$lib/core/tomble';
import { eventOf, eventsOf } from './events';
import { record } from './journal';
import { loadKit } from './kit';
import {
  edited,
  finishProject,
  joining,
  newProject,
  planProject,
  redone,
  saveProject,
  settled,
  undone,
  type EditMark
} from './projects';
import { DAYS_KEPT, purge, takeBack } from './bin';
import { JPEG_HEAD } from '../../../tests/support/pictures';
import { discardUntouched, removeProject } from './delete';
import { addPhoto } from './photos';
import { progressOf } from './records/crank-event';
import { Project } from './records/project';
import { seed } from './seed';

const kit = sampleKit();
const project = newProject(kit, 'lined-hat', 'm', new Date('2026-11-01T10:00:00Z'));
const head = (headMm: number) => ({ options: { headMm } });
const at = (seconds: number): Date => new Date(Date.UTC(2026, 10, 1, 10, 0, 0) + seconds * 1000);

describe('a project that is begun', () => {
  it.each(['blanket', 'free-tube'])(
    '%s of no sections keeps the yarn it was begun in when another comes into the kit',
    (kind) => {
      const open = {
        ...project,
        brief: Brief.parse({ kind, name: 'Open', machineId: 'm', options: { sections: [] } })
      };
      const begun = settled(kit, open);
      const used = (of: Kit): unknown => {
        const planned = planProject(of, begun);
        return planned.ok && [planned.value.fabric.yarns, planned.value.fabric.pieces.map((p) => p.rows)];
      };
      const before = used(kit);
      // As good a yarn, and before the others: it would be taken for one that names none.
      expect(used({ ...kit, yarns: [medium('apple', '#60a030', { weightClass: 4 }), ...kit.yarns] })).toEqual(before);
      expect(planProject(kit, open)).toMatchObject({ ok: true });
    }
  );
});

describe('editing a project', () => {
  it('a new project can be knitted at once', () => expect(tryPlan(kit, project.brief).ok).toBe(true));

  it('refuses a kind nobody registered', () => {
    expect(() => newProject(kit, 'sock', 'm')).toThrow('kind must be registered; received "sock"');
  });

  it('undo and redo walk the same way back and forth', () => {
    const one = edited(project, head(570));
    const two = edited(one, { name: 'For the lantern walk' });
    expect(undone(two).brief).toEqual(one.brief);
    expect(undone(undone(two)).brief).toEqual(project.brief);
    expect(redone(redone(undone(undone(two)))).brief).toEqual(two.brief);
    expect(undone(project)).toBe(project);
    expect(redone(two)).toBe(two);
  });

  it('letters typed quickly into one field are one step of undo, another field begins a new one', () => {
    const typed = (p: Project, change: Change, before: EditMark | null, when: Date) => {
      const { joins, last } = joining(p, change, before, when);
      return { project: edited(p, change, joins), last };
    };
    const a = typed(project, { name: 'L' }, null, at(0));
    const b = typed(a.project, { name: 'La' }, a.last, at(0.3));
    const c = typed(b.project, head(600), b.last, at(0.5));
    const d = typed(c.project, head(610), c.last, at(9));
    expect(b.project.past).toHaveLength(1);
    expect(undone(b.project).brief.name).toBe(project.brief.name);
    expect(d.project.past).toHaveLength(3);
  });

  it('an edit after an undo forgets what could be redone', () => {
    const one = edited(project, head(570));
    const other = edited(undone(one), head(590));
    expect(other.future).toEqual([]);
    expect(redone(other)).toBe(other);
  });

  it('keeps the other options, and a hundred steps at most', () => {
    let state = project;
    for (let i = 0; i < 130; i++) state = edited(state, head(300 + i));
    expect(state.past).toHaveLength(100);
    expect(state.brief.options).toEqual({ ...project.brief.options, headMm: 429 });
    expect(Project.safeParse(state).success).toBe(true);
  });
});

describe('keeping a project', () => {
  it('writes every row at once and counts them', async () => {
    const db = freshDb();
    await saveProject(db, project);
    await record(db, eventOf(project.id, { do: 'row', yarn: 'red' }, 0));
    await record(db, eventOf('another', { do: 'row', yarn: 'red' }, 0));
    await record(db, eventOf(project.id, { do: 'row', yarn: 'red' }, 1));
    expect(progressOf((await eventsOf(db, project.id)).map((e) => e.what))).toMatchObject({ rows: 2 });
    expect((await eventsOf(db, project.id)).map((e) => e.what.do)).toEqual(['row', 'row']);
  });

  it('a deleted project comes back with its rows, and is gone only after the bin is emptied', async () => {
    const db = freshDb();
    await saveProject(db, project);
    await record(db, eventOf(project.id, { do: 'row', yarn: 'red' }, 0));
    const days = (n: number): Date => new Date(Date.now() + n * 24 * 3600 * 1000);
    const entry = await removeProject(db, project.id);
    expect([await db.projects.count(), await db.events.count()]).toEqual([0, 0]);
    await purge(db, days(DAYS_KEPT - 1));
    expect(await takeBack(db, entry!)).toBe(true);
    expect(await db.projects.get(project.id)).toEqual(project);
    expect(progressOf((await eventsOf(db, project.id)).map((e) => e.what))).toMatchObject({ rows: 1 });
    await removeProject(db, project.id);
    await purge(db, days(DAYS_KEPT + 1));
    expect(await takeBack(db, entry!)).toBe(false);
    for (const table of ['projects', 'events', 'bin'] as const) expect(await db[table].count()).toBe(0);
  });

  it('keeps what was measured', async () => {
    const db = freshDb();
    await saveProject(db, project);
    const planned = { rows: 110, lengthMm: 550, flatWidthMm: 178, machine: 'Wheel', yarns: ['Yarn red, red'] };
    const measured = {
      lengthMm: 540,
      flatWidthMm: null,
      minutes: 22,
      note: '',
      figures: [],
      at: '2026-11-02T10:00:00.000Z',
      planned
    };
    const result = tryPlan(kit, project.brief);
    if (!result.ok) throw new Error('the project of the test must plan');
    const taught = observationsOf(result.value, project.id, measured, '2026-11-02');
    await finishProject(db, project.id, { measured, knowledge: null }, taught);
    await finishProject(db, project.id, { measured, knowledge: null }, taught);
    expect(await db.observations.count()).toBe(2);
    expect((await db.projects.get(project.id))?.measured).toEqual(measured);
  });
});

describe('what a project knows', () => {
  const swatch = {
    id: 's',
    machineId: 'm',
    yarnId: 'red',
    hole: 2,
    state: 'rested',
    statement: { as: 'counts', stitches: 13.5, rows: 24 },
    on: '2026-05-01'
  };
  const wiser = sampleKit({ swatches: [swatch] });
  const rows = (kit: Kit, of: Project): number => {
    const planned = planProject(kit, of);
    return planned.ok ? planned.value.sizes.pieces[0]!.rows : 0;
  };

  it('before the first row it follows what is learned, afterwards it keeps its plan', () => {
    expect(rows(wiser, project)).not.toBe(rows(kit, project));
    const begun = settled(kit, project);
    expect(rows(wiser, begun)).toBe(rows(kit, project));
    expect(settled(wiser, begun)).toBe(begun);
    expect(Project.parse(structuredClone(begun))).toEqual(begun);
  });

  it('keeps only what was measured on its machine', () => {
    const other = {
      ...wiser,
      swatches: [...wiser.swatches, { ...wiser.swatches[0]!, id: 'x', machineId: 'elsewhere' }]
    };
    expect(settled(other, project).knowledge!.swatches.map((s) => s.id)).toEqual(['s']);
  });
});

describe('seed', () => {
  it('a first visit finds a kit that plans, and no project', async () => {
    const db = freshDb();
    expect(await loadKit(db)).toBeNull();
    await seed(db, false);
    const starter = await loadKit(db);
    expect(tryPlan(starter!, newProject(starter!, 'lined-hat', starter!.machines[0]!.id).brief).ok).toBe(true);
    expect(await db.projects.count()).toBe(0);
  });

  it('the demo plans whole, and a second visit changes nothing', async () => {
    const db = freshDb();
    await seed(db, true);
    const demo = await loadKit(db);
    const projects = await db.projects.toArray();
    expect(projects.length).toBeGreaterThan(2);
    for (const each of projects) {
      expect(Project.safeParse(each).success).toBe(true);
      expect(tryPlan(demo!, each.brief).ok).toBe(true);
    }
    const before = await contents(db);
    await seed(db, true);
    expect(await contents(db)).toEqual(before);
  });
});

describe('a project that was only looked at', () => {
  it('goes; one with an edit, an undone edit, a row, a photograph or a measure stays', async () => {
    const at = '2026-11-02T10:00:00.000Z';
    const measured = { lengthMm: 250, flatWidthMm: null, minutes: null, note: '', figures: [], at, planned: { rows: 1, lengthMm: 1, flatWidthMm: 1, machine: '', yarns: [] } }; // prettier-ignore
    const once = edited(project, { name: 'Fog' });
    for (const [kept, stays] of [
      [project, false],
      [once, true],
      // The edit was taken back, and can be done again.
      [{ ...undone(once) }, true],
      [{ ...project, measured }, true]
    ] as const) {
      const db = freshDb();
      await saveProject(db, kept);
      expect(await discardUntouched(db, kept.id)).toBe(!stays);
      expect(await db.projects.count()).toBe(stays ? 1 : 0);
    }
    const db = freshDb();
    await saveProject(db, project);
    await record(db, eventOf(project.id, { do: 'row', yarn: 'red' }, 0));
    expect(await discardUntouched(db, project.id)).toBe(false);
    await db.events.clear();
    await addPhoto(db, project.id, JPEG_HEAD);
    expect(await discardUntouched(db, project.id)).toBe(false);
    expect(await discardUntouched(db, 'nobody')).toBe(false);
  });
});
