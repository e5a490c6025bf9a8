import fc from 'fast-check';
import { afterEach, describe, expect, it } from 'vitest';
import { sampleKit } from '../../../tests/support/sample';
import 'fake-indexeddb/auto';
import { takeBack } from './bin';
import { removeProject } from './delete';
import { collisionsOf } from './collide';
import { TombleDb } from './db';
import { eventOf, eventsOf } from './events';
import { record } from './journal';
import { edited, finishProject, newProject, redone, saveProject, settled, undone } from './projects';
import { progressOf } from './records/crank-event';
import type { Project } from './records/project';
import { Gone, reviseProject } from './revise';

const RUNS = Number(process.env.TORTURE_TABS ?? 30);
const kit = sampleKit();
const START = newProject(kit, 'lined-hat', 'm', new Date('2026-11-01T10:00:00Z'));
const FIELDS = ['headMm', 'turnUpMm', 'rows'] as const;

/** A window with what it saw last: it may be stale, as a window in the background is. */
interface Tab {
  readonly base: TombleDb;
  seen: Project;
  turn: number;
}

/** What must be true at rest, kept by hand. */
interface Model {
  readonly values: Record<string, unknown>;
  name: string;
  readonly ticks: Set<string>;
  rows: number;
  begun: boolean;
  deleted: boolean;
  rested: Project['rested'];
  /** Every version that ever stood. */
  readonly versions: Set<string>;
}

interface Real {
  readonly tabs: readonly Tab[];
}

const at = (real: Real, tab: number): Tab => real.tabs[tab % real.tabs.length]!;
const versionOf = (project: Project): string => JSON.stringify([project.brief.name, project.brief.options]);

/** Does something to the project; where it was thrown away nothing may come of it. */
async function revise(model: Model, tab: Tab, change: (p: Project) => Project): Promise<boolean> {
  try {
    tab.seen = await reviseProject(tab.base, START.id, change);
    expect(model.deleted).toBe(false);
    return true;
  } catch (error) {
    expect(error).toBeInstanceOf(Gone);
    expect(model.deleted).toBe(true);
    return false;
  }
}

type Command = fc.AsyncCommand<Model, Real>;
const command = (name: string, run: (model: Model, real: Real) => Promise<void>): Command => ({
  check: () => true,
  run,
  toString: () => name
});

const anyTab = fc.nat(4);
const edit = fc.record({
  tab: anyTab,
  field: fc.constantFrom(...FIELDS, 'name' as const),
  value: fc.integer({ min: 20, max: 140 })
});
const commands = (): fc.Arbitrary<Command>[] => [
  edit.map(({ tab, field, value }) =>
    command(`edit ${field} = ${value} in ${tab}`, async (model, real) => {
      const own = at(real, tab);
      const change = field === 'name' ? { name: `Hat ${value}` } : { options: { [field]: value } };
      const { seen } = own;
      let collided = false;
      const done = await revise(model, own, (stored) => {
        collided = collisionsOf(stored.brief, seen.brief, change).length > 0;
        return edited(stored, change);
      });
      if (!done) return;
      const before = field === 'name' ? seen.brief.name : seen.brief.options[field];
      const theirs = field === 'name' ? model.name : model.values[field];
      const ours = field === 'name' ? change.name : value;
      expect(collided).toBe(theirs !== before && theirs !== ours);
      if (field === 'name') model.name = `Hat ${value}`;
      else model.values[field] = value;
      model.versions.add(versionOf(own.seen));
    })
  ),
  fc.record({ tab: anyTab, step: fc.constantFrom('a', 'b', 'c'), on: fc.boolean() }).map(({ tab, step, on }) =>
    command(`${on ? '' : 'un'}tick ${step} in ${tab}`, async (model, real) => {
      const done = await revise(model, at(real, tab), (stored) => {
        const others = stored.finished.filter((id) => id !== step);
        return { ...stored, finished: on ? [...others, step] : others };
      });
      if (done) model.ticks[on ? 'add' : 'delete'](step);
    })
  ),
  anyTab.map((tab) =>
    command(`row in ${tab}`, async (model, real) => {
      const own = at(real, tab);
      await revise(model, own, (stored) => settled(kit, stored));
      await record(own.base, eventOf(START.id, { do: 'row', yarn: 'red' }, own.turn++));
      model.rows += 1;
      model.begun ||= !model.deleted;
    })
  ),
  anyTab.map((tab) =>
    command(`rest in ${tab}`, async (model, real) => {
      const rested = { lengthMm: 200 + tab, flatWidthMm: null };
      if (await revise(model, at(real, tab), (stored) => ({ ...stored, rested }))) model.rested = rested;
    })
  ),
  anyTab.map((tab) =>
    command(`look in ${tab}`, async (_model, real) => {
      const own = at(real, tab);
      // What was thrown away is looked at no more.
      const kept = await own.base.projects.get(START.id);
      if (!kept) return;
      own.seen = kept;
      own.turn = (await eventsOf(own.base, START.id)).length;
    })
  ),
  anyTab.map((tab) =>
    command(`throw away in ${tab}`, async (model, real) => {
      await removeProject(at(real, tab).base, START.id);
      model.deleted = true;
    })
  ),
  anyTab.map((tab) =>
    command(`take back in ${tab}`, async (model, real) => {
      const { base } = at(real, tab);
      for (const entry of await base.bin.toArray()) await takeBack(base, entry.id);
      model.deleted = false;
    })
  )
];

let count = 0;
const open: TombleDb[] = [];
afterEach(async () => {
  for (const base of open.splice(0)) base.close();
});

/** Runs commands in so many windows, some at the same moment, and compares all of them with the model at rest. */
async function run(windows: number, commands: Iterable<Command>): Promise<void> {
  const name = `tabs-${++count}`;
  const tabs = Array.from({ length: windows }, (): Tab => ({ base: new TombleDb(name), seen: START, turn: 0 }));
  open.push(...tabs.map((tab) => tab.base));
  await saveProject(tabs[0]!.base, START);
  const { name: title, options } = START.brief;
  const model: Model = {
    values: Object.fromEntries(FIELDS.map((f) => [f, options[f]])),
    name: title,
    ticks: new Set(),
    rows: 0,
    begun: false,
    deleted: false,
    rested: null,
    versions: new Set([versionOf(START)])
  };
  await fc.asyncModelRun(() => ({ model, real: { tabs } }), commands);
  for (const { base } of tabs) {
    const binned = await base.bin.toArray();
    expect(binned.length).toBe(model.deleted ? 1 : 0);
    expect((await base.projects.get(START.id)) === undefined).toBe(model.deleted);
    // What was thrown away is whole when it comes back, also where a window cranked on.
    for (const { id } of binned) expect(await takeBack(base, id)).toBe(true);
    if (binned.length > 0) model.deleted = false;
    const kept = (await base.projects.get(START.id))!;
    expect(kept.brief.name).toBe(model.name);
    expect(Object.fromEntries(FIELDS.map((f) => [f, kept.brief.options[f]]))).toEqual(model.values);
    expect(new Set(kept.finished)).toEqual(model.ticks);
    expect(kept.rested).toEqual(model.rested);
    expect(kept.knowledge !== null).toBe(model.begun);
    const events = await eventsOf(base, START.id);
    expect(progressOf(events.map((e) => e.what)).rows).toBe(model.rows);
    expect(events.map((e) => e.turn)).toEqual(events.map((_, i) => i));
    // Whatever stood once can be had back by undo.
    const standing = new Set([kept, ...kept.past.map((brief) => ({ ...kept, brief }))].map(versionOf));
    for (const version of model.versions) expect(standing).toContain(version);
  }
  for (const { base } of tabs.slice(1)) base.close();
  await tabs[0]!.base.delete();
}

describe('several windows on one project', () => {
  it.each([2, 5])(
    `%i windows, any edits, rows, ticks and deletes: ${RUNS} runs, nothing lost, all alike`,
    async (windows) => {
      await fc.assert(
        fc.asyncProperty(fc.commands(commands(), { maxCommands: 60 }), (all) => run(windows, all)),
        { numRuns: RUNS }
      );
    }
  );

  it('a step confirmed in both at once is confirmed once, and the next one still waits', async () => {
    const bases = [new TombleDb('both'), new TombleDb('both')];
    open.push(...bases);
    const confirm = { do: 'confirm', step: 'p0.mode' } as const;
    const kept = await Promise.all(bases.map((base) => record(base, eventOf('hat', confirm, 0))));
    expect(kept.sort()).toEqual([false, true]);
    expect(progressOf((await eventsOf(bases[0]!, 'hat')).map((e) => e.what)).ticks).toBe(1);
    // Confirmed again after an undo it counts again.
    await record(bases[0]!, eventOf('hat', { do: 'undo' }, 1));
    await record(bases[0]!, eventOf('hat', confirm, 2));
    expect(progressOf((await eventsOf(bases[0]!, 'hat')).map((e) => e.what)).ticks).toBe(1);
    bases[1]!.close();
    await bases[0]!.delete();
  });

  it('measured in one window, ticked in a stale one: both stay', async () => {
    const base = new TombleDb('measured');
    open.push(base);
    await saveProject(base, START);
    const measured = {
      lengthMm: 250,
      flatWidthMm: null,
      minutes: 60,
      note: '',
      figures: [],
      at: '2026-11-02T10:00:00.000Z',
      planned: { rows: 100, lengthMm: 250, flatWidthMm: 200, machine: 'Wheel', yarns: ['Red'] }
    };
    await finishProject(base, START.id, { measured, knowledge: null }, []);
    await reviseProject(base, START.id, (stored) => ({ ...stored, finished: ['a'] }));
    expect(await base.projects.get(START.id)).toMatchObject({ measured, finished: ['a'], rev: 2 });
    await base.delete();
  });

  it('a project that was thrown away is not written back by a window that still shows it', async () => {
    const base = new TombleDb('thrown');
    open.push(base);
    await saveProject(base, START);
    await removeProject(base, START.id);
    await expect(reviseProject(base, START.id, (p) => edited(p, { name: 'Back' }))).rejects.toThrow(Gone);
    expect(await base.projects.get(START.id)).toBeUndefined();
    expect((await base.bin.toArray())[0]).toMatchObject({ what: 'project', title: START.brief.name, records: [{ table: 'projects', record: START }] }); // prettier-ignore
    await base.delete();
  });

  it('undo and redo walk over what both windows did', async () => {
    const base = new TombleDb('undo');
    open.push(base);
    await saveProject(base, START);
    await reviseProject(base, START.id, (p) => edited(p, { name: 'One' }));
    await reviseProject(base, START.id, (p) => edited(p, { options: { headMm: 600 } }));
    const back = await reviseProject(base, START.id, undone);
    expect([back.brief.name, back.brief.options.headMm]).toEqual(['One', START.brief.options.headMm]);
    expect((await reviseProject(base, START.id, redone)).brief.options.headMm).toBe(600);
    await base.delete();
  });
});
