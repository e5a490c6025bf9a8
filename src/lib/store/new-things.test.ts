import { describe, expect, it } from 'vitest';
import { judged } from '$lib/core/tomble';
import { sampleKit } from '../../../tests/support/sample';
import { freshDb } from '../../../tests/support/store';
import { KINDS } from '$lib/core/kinds';
import { addKit } from './add-kit';
import { changeHabits, loadKit } from './kit';
import { changed } from '$lib/core/plan';
import { remedyOf } from '$lib/core/remedy';
import { edited, kitFor, newProject, planProject, redone, settled, undone } from './projects';
import { Measured, Project } from './records/project';

const kit = sampleKit();
const NOW = new Date('2026-11-24T08:00:00Z');
const POMPOM = {
  count: 1,
  wraps: 70,
  cardMm: 75,
  yarn: 'red',
  from: 'wound',
  by: 'bow',
  trimMm: 3,
  buttonMm: 18
} as const;

describe('habits', () => {
  it('two words and two schools chosen quickly one after the other are all kept', async () => {
    const db = freshDb();
    await addKit(db, kit);
    await Promise.all([changeHabits(db, { terms: { pin: 'needle' } }), changeHabits(db, { terms: { row: 'round' } }), changeHabits(db, { schools: { closing: 'zip' } }), changeHabits(db, { schools: { joinBy: 'knot' } })]); // prettier-ignore
    const kept = (await loadKit(db))!.habits;
    expect(kept.terms).toMatchObject({ pin: 'needle', row: 'round' });
    expect(kept.schools).toMatchObject({ closing: 'zip', joinBy: 'knot' });
  });

  it('two quick changes never undo each other', async () => {
    const db = freshDb();
    await addKit(db, kit);
    await Promise.all([changeHabits(db, { wasteStart: 9 }), changeHabits(db, { wasteEnd: 3 }), changeHabits(db, { wasteStrip: true })]); // prettier-ignore
    expect((await loadKit(db))!.habits).toMatchObject({ wasteStart: 9, wasteEnd: 3, wasteStrip: true });
  });
  it('change the waste of a plan that is not begun, and leave the one on the machine', () => {
    const project = newProject(kit, 'headband', 'm', NOW);
    const begun = settled(kit, project);
    const later = sampleKit({ habits: { wasteStart: 12 } });
    const rows = (p: Project): number => {
      const planned = planProject(later, p);
      return planned.ok ? planned.value.fabric.pieces[0]!.rows : 0;
    };
    expect(rows(project) - rows(begun)).toBe(12 - 5);
    expect(kitFor(later, begun).habits.wasteStart).toBe(5);
    // Units are how things are shown: they follow at once.
    expect(kitFor(sampleKit({ habits: { units: 'imperial' } }), begun).habits.units).toBe('imperial');
  });
  it('a project begun before there were such habits still opens', () => {
    const old = Project.parse({ ...newProject(kit, 'scarf', 'm', NOW), knowledge: { swatches: [], finished: [] } });
    expect(kitFor(kit, old).habits).toEqual(kit.habits);
    expect(planProject(kit, old).ok).toBe(true);
  });
});

describe('pompoms on a project', () => {
  it('go on, come off with undo, and on again with redo', () => {
    const project = newProject(kit, 'scarf', 'm', NOW);
    const crowned = edited(project, { pompom: POMPOM });
    expect(crowned.brief.pompom).toEqual(POMPOM);
    expect(undone(crowned).brief.pompom).toBeNull();
    expect(redone(undone(crowned)).brief.pompom).toEqual(POMPOM);
  });
  it('a remedy takes them off', () => {
    const project = newProject(kit, 'lined-hat', 'm', NOW);
    const brief = changed(project.brief, { pompom: POMPOM, options: { wearer: 'baby' } });
    const planned = planProject(kit, { ...project, brief });
    if (!planned.ok) throw new Error('a hat plans');
    const told = judged(planned.value);
    const finding = told.findings.find((f) => f.code === 'baby-trim')!;
    expect(changed(brief, remedyOf(told, finding)!.change).pompom).toBeNull();
  });
  it('of a yarn that is gone are named as such', () => {
    const project = newProject(kit, 'scarf', 'm', NOW);
    const planned = planProject(kit, { ...project, brief: { ...project.brief, pompom: { ...POMPOM, yarn: 'gone' } } });
    expect(planned).toMatchObject({ ok: false, faults: [{ path: 'brief.pompom.yarn' }] });
  });
});

describe('a machine for small parts that is gone', () => {
  it('is named by its field', () => {
    const project = newProject(kit, 'toy-round', 'm', NOW);
    const brief = changed(project.brief, { options: { smallMachine: 'gone' } });
    expect(planProject(kit, { ...project, brief })).toMatchObject({
      ok: false,
      faults: [{ path: 'brief.options.smallMachine', rule: 'must be the id of a machine in the kit' }]
    });
  });
});

describe('the log', () => {
  it('keeps a thing without a tube: no rows, no lengths', () => {
    const planned = { rows: 0, lengthMm: 0, flatWidthMm: 0, machine: 'no machine', yarns: ['Reed'] };
    expect(Measured.safeParse({ lengthMm: null, minutes: 6, at: NOW.toISOString(), planned }).success).toBe(true);
    expect(Measured.safeParse({ lengthMm: null, at: NOW.toISOString(), planned: { ...planned, rows: -1 } }).success).toBe(false); // prettier-ignore
  });
});

describe('a new project of every kind', () => {
  it.each(KINDS.map((kind) => [kind.code] as const))('%s is stored as it was made, and plans', (code) => {
    const project = newProject(kit, code, 'm', NOW);
    expect(Project.parse(JSON.parse(JSON.stringify(project)))).toEqual(project);
    expect(planProject(kit, project).ok).toBe(true);
  });
});
