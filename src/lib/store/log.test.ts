import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sampleKit } from '../../../tests/support/sample';
import { freshDb } from '../../../tests/support/store';
import { tryPlan } from '$lib/core/tomble';
import { again } from './again';
import { eventOf } from './events';
import { choicesOf, type LogFilter, namedIn, narrowed, NO_FILTER, readLog } from './log';
import { removeProject } from './delete';
import { newProject, saveProject } from './projects';
import type { Measured } from './records/project';

const kit = sampleKit();
const named = (what: 'length' | 'width') => what;
const measured = (more: Partial<Measured> = {}): Measured => ({
  lengthMm: 500,
  flatWidthMm: null,
  minutes: 40,
  note: '',
  figures: [],
  at: '2026-11-12T20:00:00.000Z',
  planned: { rows: 100, lengthMm: 520, flatWidthMm: 180, machine: 'Wheel', yarns: ['Reedwick, red'] },
  ...more
});

async function filled() {
  const db = freshDb();
  const entry = async (kind: string, of: Partial<Measured>, deleted = false) => {
    const made = newProject(kit, kind, 'm', new Date('2026-11-01T10:00:00Z'));
    await saveProject(db, { ...made, measured: measured(of) });
    if (deleted) await removeProject(db, made.id);
    return made.id;
  };
  const hat = await entry('lined-hat', { at: '2025-12-01T10:00:00.000Z' });
  await entry('cowl', { planned: { ...measured().planned, machine: 'Small wheel', yarns: ['Fen, moss', 'Reedwick, red'] } }); // prettier-ignore
  await entry('scarf', {}, true);
  await saveProject(db, newProject(kit, 'strap', 'm'));
  const times = [0, 3, 6, 9, 600, 603];
  await db.events.bulkAdd(times.map((s, i) => ({ ...eventOf(hat, { do: 'row', yarn: 'red' }, i), at: new Date(Date.UTC(2025, 10, 30) + s * 1000).toISOString() }))); // prettier-ignore
  return { db, hat };
}

describe('the log', () => {
  it('lists what is finished and there, the latest first, with its figures and the minutes at the crank', async () => {
    const { db, hat } = await filled();
    const { entries, rows } = await readLog(db, named);
    expect(entries.map((e) => e.kind)).toEqual(['cowl', 'lined-hat']);
    expect(rows).toHaveLength(6);
    const [, old] = entries;
    expect(old!.project.id).toBe(hat);
    expect(old!.wearer).toBe('adult');
    expect(old!.crankMinutes).toBeCloseTo(12 / 60, 9);
    expect(entries[0]!.crankMinutes).toBeNull();
    expect(old!.figures).toEqual([{ label: 'length', unit: 'mm', got: 500, planned: 520, low: 520, high: 520 }]);
  });

  it('is narrowed by every filter at once, the same as asking one after the other', async () => {
    const { entries } = await readLog((await filled()).db, named);
    const one = (f: keyof LogFilter) => fc.constantFrom('', 'nothing', ...choicesOf(entries, f));
    fc.assert(
      fc.property(
        fc.record({ kind: one('kind'), machine: one('machine'), yarn: one('yarn'), wearer: one('wearer'), person: one('person'), year: one('year') }), // prettier-ignore
        (filter) => {
          const keys = Object.keys(filter) as (keyof LogFilter)[];
          const slowly = keys.reduce((left, f) => narrowed(left, { ...NO_FILTER, [f]: filter[f] }), entries);
          expect(narrowed(entries, filter)).toEqual(slowly);
        }
      )
    );
    expect(choicesOf(entries, 'yarn')).toEqual(['Fen, moss', 'Reedwick, red']);
    expect(choicesOf(entries, 'year')).toEqual(['2025', '2026']);
    expect(narrowed(entries, { ...NO_FILTER, yarn: 'Fen, moss' }).map((e) => e.kind)).toEqual(['cowl']);
  });
});

describe('made again', () => {
  it('is a project of its own, not begun, with other yarns and machines in every place that names them', () => {
    const done = { ...newProject(kit, 'lined-hat', 'm'), measured: measured() };
    expect(namedIn(done)).toMatchObject({ machines: ['m'] });
    const swaps = new Map(namedIn(done).yarns.map((id) => [id, 'blue']));
    const next = again(done, swaps, 'Once more');
    expect(next).toMatchObject({ measured: null, knowledge: null, finished: [], brief: { name: 'Once more' } });
    expect(next.id).not.toBe(done.id);
    expect(namedIn(next).yarns).toEqual(['blue']);
    const planned = tryPlan(kit, next.brief);
    expect(planned.ok && planned.value.fabric.yarns).toEqual(['blue']);
    // Nothing that was kept is changed.
    expect(namedIn(done).yarns).not.toEqual(['blue']);
  });
});
