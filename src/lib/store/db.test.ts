// Dexie looks for the browser's storage when it is loaded, so the stand-in comes first.
import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import { afterEach, describe, expect, it } from 'vitest';
import { RELEASED } from '../../../tests/support/released';
import { TombleDb } from './db';

const NAME = 'released';
afterEach(() => Dexie.delete(NAME));

describe('versions of the database', () => {
  it('every version up to the current one is on record', async () => {
    const db = new TombleDb(NAME);
    await db.open();
    expect(Object.keys(RELEASED).map(Number)).toEqual(Array.from({ length: db.verno }, (_, i) => i + 1));
    db.close();
  });

  it.each(Object.entries(RELEASED))('what version %s kept is still there after opening', async (version, stores) => {
    const old = new Dexie(NAME);
    old.version(Number(version)).stores(stores);
    const brief = { name: 'Hat', options: { buttonSide: 'right', buttons: 2 } };
    await old.table('projects').put({ id: 'p', updatedAt: '2026-11-01', brief, past: [brief] });
    await old.table('events').add({ projectId: 'p', what: { do: 'row', yarn: 'y' } });
    await old.table('swatches').put({ id: 's', machineId: 'm', yarnId: 'y', hole: 2 });
    old.close();
    const now = new TombleDb(NAME);
    const kept = await now.projects.get('p');
    expect(kept).toMatchObject({ brief: { name: 'Hat' } });
    if (Number(version) < 4) expect(kept).toMatchObject({ brief: { ownSteps: [] }, rested: null });
    if (Number(version) < 5) {
      expect(kept).toMatchObject({ brief: { fingers: 'usual' } });
      expect(await now.swatches.get('s')).toMatchObject({ hole: 2, fingers: 'usual' });
    }
    if (Number(version) < 9) {
      // The front with the buttons was named; the holes are on the other one.
      for (const { options } of [kept!.brief, ...kept!.past]) expect(options).toEqual({ holesOn: 'left', buttons: 2 });
    }
    if (Number(version) < 6) expect(kept).toMatchObject({ rev: 0 });
    expect(await now.events.where('projectId').equals('p').count()).toBe(1);
    now.close();
  });
});
