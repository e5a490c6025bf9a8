import { describe, expect, it } from 'vitest';
import { contents, freshDb } from '../../../tests/support/store';
import { medium, sampleKit } from '../../../tests/support/sample';
import { Kit, Machine, Swatch } from '$lib/core/kit';
import { addKit } from './add-kit';
import { changeMachine, changeYarn, loadKit, saveHabits, saveMachine, saveSwatch, saveYarn, setAside } from './kit';
import { changePerson } from './people';
import { Person } from './records/person';
import { Gone } from './revise';

const kit = Kit.parse({
  ...sampleKit({ habits: { units: 'imperial' } }),
  finished: [
    {
      id: 'p:red',
      projectId: 'p',
      machineId: 'm',
      yarnId: 'red',
      hole: 2,
      pins: 48,
      rows: 100,
      lengthMm: 500,
      on: '2026-05-02'
    }
  ]
});
const swatch = Swatch.parse({
  id: 's',
  machineId: 'm',
  yarnId: 'red',
  hole: 2,
  state: 'rested',
  statement: { as: 'counts', stitches: 14, rows: 21 },
  on: '2026-05-01'
});

describe('the kit in the browser', () => {
  it('a yarn is changed field by field: weighed in one window, renamed in another', async () => {
    const db = freshDb();
    const yarn = medium('red', '#b03020', { stockGrams: 200 });
    await saveYarn(db, yarn);
    await changeYarn(db, yarn, { ...yarn, stockGrams: 60 });
    await changeYarn(db, yarn, { ...yarn, name: 'Reedwick', label: { ...yarn.label } });
    expect(await db.yarns.get('red')).toEqual({ ...yarn, name: 'Reedwick', stockGrams: 60 });
    await db.yarns.delete('red');
    await expect(changeYarn(db, yarn, { ...yarn, name: 'Back' })).rejects.toThrow(Gone);
    expect(await db.yarns.get('red')).toBeUndefined();
  });

  it('comes back as it was kept', async () => {
    const db = freshDb();
    await addKit(db, kit);
    const back = await loadKit(db);
    expect(back).toEqual({ ...kit, yarns: kit.yarns.toSorted((a, b) => a.name.localeCompare(b.name)) });
  });

  it('stands in order: the largest ring first, yarns by name', async () => {
    const db = freshDb();
    await addKit(db, kit);
    await saveMachine(db, Machine.parse({ id: 'small', name: 'Crown', pins: 22 }));
    await saveMachine(db, Machine.parse({ id: 'also', name: 'Attic', pins: 48 }));
    await saveYarn(db, medium('z', '#000000', { name: 'Aaron’s rod' }));
    const back = (await loadKit(db))!;
    expect(back.machines.map((m) => m.name)).toEqual(['Attic', 'Wheel', 'Crown']);
    expect(back.yarns[0]!.id).toBe('z');
  });

  it('is no kit without a machine or without a yarn', async () => {
    const db = freshDb();
    await saveYarn(db, medium('red', '#b03020'));
    expect(await loadKit(db)).toBeNull();
    await saveMachine(db, kit.machines[0]!);
    expect(await loadKit(db)).not.toBeNull();
  });

  it('keeps habits apart from the rest', async () => {
    const db = freshDb();
    await addKit(db, kit);
    await saveHabits(db, { ...kit.habits, units: 'metric', tieAfterRows: 5 });
    expect((await loadKit(db))!.habits).toMatchObject({ units: 'metric', tieAfterRows: 5 });
  });

  it('sets a swatch or a piece aside, and counts it again; nothing else changes', async () => {
    const db = freshDb();
    await addKit(db, kit);
    await saveSwatch(db, swatch);
    const before = await contents(db);
    await setAside(db, 's', true);
    await setAside(db, 'p:red', true);
    const back = (await loadKit(db))!;
    expect([back.swatches[0]!.setAside, back.finished[0]!.setAside]).toEqual([true, true]);
    await setAside(db, 's', false);
    await setAside(db, 'p:red', false);
    await setAside(db, 'nobody', true);
    expect(await contents(db)).toEqual(before);
  });
});

describe('quick changes', () => {
  it('of one machine never undo each other', async () => {
    const db = freshDb();
    await addKit(db, kit);
    await Promise.all([
      changeMachine(db, 'm', { name: 'Attic ring' }),
      changeMachine(db, 'm', { pins: 44 }),
      changeMachine(db, 'nobody', { pins: 20 })
    ]);
    expect(await db.machines.toArray()).toEqual([{ ...kit.machines[0], name: 'Attic ring', pins: 44 }]);
  });
  it('of one person neither; a measure can be taken away', async () => {
    const db = freshDb();
    await db.people.put(Person.parse({ id: 'p', name: 'Ferry keeper', measures: { chest: 900 } }));
    await Promise.all([
      changePerson(db, 'p', { name: 'Ferryman' }),
      changePerson(db, 'p', { measures: { head: 590 } }),
      changePerson(db, 'p', { measures: { chest: null } })
    ]);
    expect(await db.people.get('p')).toMatchObject({ name: 'Ferryman', measures: { head: 590 } });
    expect((await db.people.get('p'))!.measures).not.toHaveProperty('chest');
  });
  it('that cannot be are refused, and nothing is changed', async () => {
    const db = freshDb();
    await addKit(db, kit);
    await expect(changeMachine(db, 'm', { pins: 0 })).rejects.toThrow();
    expect(await db.machines.get('m')).toEqual(kit.machines[0]);
  });
});

describe('people', () => {
  it.each([
    ['no name', { name: '' }],
    ['a head of 5 m', { measures: { head: 5000 } }],
    ['words for a measure', { measures: { head: 'big' } }]
  ])('refuses %s', (_what, more) => {
    expect(Person.safeParse({ id: 'p', name: 'Ferry keeper', ...more }).success).toBe(false);
  });
  it('keeps measures by their code', () => {
    expect(Person.parse({ id: 'p', name: 'Ferry keeper', measures: { head: 590 } }).measures).toEqual({ head: 590 });
  });
});
