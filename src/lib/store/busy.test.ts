import { describe, expect, it } from 'vitest';
import { freshDb } from '../../../tests/support/store';
import { Kit, Machine } from '$lib/core/kit';
import { sampleKit } from '../../../tests/support/sample';
import { allRows, trackOf } from '$lib/core/read';
import { busyMachines } from './busy';
import { record } from './journal';
import { eventOf } from './events';
import { newBrief, newProject, planProject, saveProject, settled } from './projects';

const base = sampleKit();
const kit = Kit.parse({
  ...base,
  machines: [...base.machines, Machine.parse({ id: 's', name: 'Crown', pins: 22, tensionHoles: 2 })]
});

describe('what hangs on which machine', () => {
  it('follows the crank from part to part, and ends with the last row', async () => {
    const db = freshDb();
    const project = newProject(kit, 'garland', 'm');
    project.brief.options = { ...project.brief.options, lineMm: 300, tailMm: 0, count: 1, smallMachine: 's' };
    await saveProject(db, project);
    const planned = planProject(kit, project);
    if (!planned.ok) throw new Error('the garland must plan');
    const [line] = trackOf(planned.value).legs;
    expect(await busyMachines(db, kit)).toEqual(new Map());
    await record(db, eventOf(project.id, { do: 'row', yarn: 'red' }, 0));
    expect(await busyMachines(db, kit)).toEqual(new Map([['m', 'Garland']]));
    await record(db, eventOf(project.id, { do: 'jump', to: line!.rows }, 1));
    expect(await busyMachines(db, kit)).toEqual(new Map([['s', 'Garland']]));
    await record(db, eventOf(project.id, { do: 'jump', to: allRows(planned.value) }, 2));
    expect(await busyMachines(db, kit)).toEqual(new Map());
  });
});

describe('a new brief', () => {
  it('takes the measures it asks for, within its limits, and leaves the rest', () => {
    const { options } = newBrief(kit, 'socks', 's', {
      measures: { 'foot-length': 251, 'foot-girth': 9999, head: 560 }
    });
    expect(options).toMatchObject({ footMm: 251, footGirthMm: 350 });
    expect(options).not.toHaveProperty('headMm');
  });

  it('refuses a kind nobody knows', () => {
    expect(() => newBrief(kit, 'tent', 'm')).toThrow('kind must be registered; received "tent"');
  });
});

describe('a begun piece', () => {
  it('keeps its habits and the measurements of every ring it names', () => {
    const project = newProject(kit, 'garland', 'm');
    project.brief.options = { ...project.brief.options, smallMachine: 's' };
    const swatch = { id: 'w', machineId: 's', yarnId: 'red', hole: 1, state: 'rested', on: '2026-05-03', statement: { as: 'counts', stitches: 14, rows: 20 } }; // prettier-ignore
    const knowing = Kit.parse({ ...kit, swatches: [swatch], habits: { wasteStart: 8 } });
    const { knowledge } = settled(knowing, project);
    expect(knowledge?.swatches.map((s) => s.id)).toEqual(['w']);
    expect(knowledge?.habits?.wasteStart).toBe(8);
  });
});
