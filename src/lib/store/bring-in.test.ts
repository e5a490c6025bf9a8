import { describe, expect, it } from 'vitest';
import { hashOfContents } from '$lib/formats/bundle/contents';
import { readBundle } from '$lib/formats/bundle/read';
import { writeBundle } from '$lib/formats/bundle/write';
import { freshDb } from '../../../tests/support/store';
import { afresh } from './afresh';
import { contentsOf, joined } from './backup';
import { bringIn, type Copy, goBack, hasCopy, keptCopy } from './bring-in';
import { TombleDb } from './db';
import { eventOf, eventsOf } from './events';
import { record } from './journal';
import { edited } from './projects';
import type { CrankEvent } from './records/crank-event';
import { reviseProject } from './revise';
import { seed } from './seed';

const NOW = new Date('2026-12-02T10:00:00Z');

async function furnished(): Promise<TombleDb> {
  const db = freshDb();
  await seed(db, true);
  return db;
}
const backupOf = async (db: TombleDb) => {
  const read = readBundle(writeBundle(await contentsOf(db), NOW));
  if (!read.ok) throw new RangeError(read.reasons.join(' '));
  return read.contents;
};
const hash = async (db: TombleDb): Promise<string> => hashOfContents(await contentsOf(db));
/** The copy to go back to; an empty one where nothing differed. */
const copyOf = async (db: TombleDb): Promise<Copy> => ((await keptCopy(db)) as Copy | null) ?? { at: '', tables: {} };
const keysOf = (events: readonly object[]): (string | undefined)[] => (events as CrankEvent[]).map(({ key }) => key);

describe('contents that are brought in', () => {
  for (const how of ['merge', 'replace'] as const)
    it(`rows and edits that another window keeps meanwhile are kept, or stand in the copy to go back to (${how})`, async () => {
      const db = await furnished();
      const backup = await backupOf(db);
      const other = new TombleDb(db.name);
      const told: CrankEvent[] = [];
      const row = async (i: number): Promise<void> => {
        const event = eventOf('demo-fog', { do: 'row', yarn: 'x' }, 9000 + i);
        if (await record(other, event)) told.push(event);
      };
      for (let i = 0; i < 5; i++) await row(i);
      const restore = bringIn(db, (here) => joined(here, backup, how), NOW);
      for (let i = 5; i < 40; i++) await row(i);
      await reviseProject(other, 'demo-bag', (p) => edited(p, { name: 'Bag, meanwhile' }));
      await restore;
      const [here, copy] = [await eventsOf(db, 'demo-fog'), await copyOf(db)];
      const safe = new Set([...keysOf(here), ...keysOf(copy.tables.events?.gone ?? [])]);
      expect(told.filter(({ key }) => !safe.has(key))).toEqual([]);
      expect(told).toHaveLength(40);
      const names = [await db.projects.get('demo-bag'), ...(copy.tables.projects?.gone ?? [])].map((p) => (p as { brief: { name: string } }).brief.name); // prettier-ignore
      expect(names).toContain('Bag, meanwhile');
    });

  it('only differences are written: what is the same is left as it is kept, also what this version does not know of it', async () => {
    const db = await furnished();
    const backup = await backupOf(db);
    expect(await bringIn(db, (here) => joined(here, backup, 'replace'))).toEqual({ put: 0, gone: 0 });
    expect(await hasCopy(db)).toBe(false);
    await db.yarns.update('y-tide', { fromTomorrow: 'kept' } as never);
    const before = await db.yarns.get('y-tide');
    await reviseProject(db, 'demo-fog', (p) => edited(p, { name: 'Fog, again' }));
    expect(await bringIn(db, (here) => joined(here, backup, 'replace'))).toEqual({ put: 1, gone: 0 });
    expect(await db.yarns.get('y-tide')).toEqual(before);
    expect((await copyOf(db)).tables).toMatchObject({ projects: { gone: [{ id: 'demo-fog' }], added: [] } });
  });

  it('one goes back to exactly what there was, and forth again', async () => {
    const db = await furnished();
    const backup = await backupOf(db);
    await reviseProject(db, 'demo-fog', (p) => edited(p, { name: 'Fog, again' }));
    await db.yarns.delete('y-plum');
    for (let i = 0; i < 3; i++) await record(db, eventOf('demo-fog', { do: 'row', yarn: 'x' }, 9000 + i));
    const mine = await hash(db);
    for (const way of [
      () => bringIn(db, (here) => joined(here, backup, 'merge')),
      () => bringIn(db, (here) => joined(here, backup, 'replace')),
      () => afresh(db, 'empty', NOW),
      () => afresh(db, 'no-village', NOW)
    ]) {
      await way();
      const then = await hash(db);
      expect(then).not.toBe(mine);
      expect(await goBack(db)).toBe(true);
      expect(await hash(db)).toBe(mine);
      await goBack(db);
      expect(await hash(db)).toBe(then);
      await goBack(db);
      expect(await hash(db)).toBe(mine);
    }
  });

  it('what happened since stays, or is in the copy with the project it belongs to', async () => {
    const db = await furnished();
    const backup = await backupOf(db);
    await afresh(db, 'empty', NOW);
    await bringIn(db, (here) => joined(here, backup, 'merge'));
    const since = eventOf('demo-fog', { do: 'row', yarn: 'x' }, 9000);
    await record(db, since);
    await goBack(db);
    expect(await db.projects.count()).toBe(0);
    expect(await db.events.count()).toBe(0);
    expect(keysOf((await copyOf(db)).tables.events!.gone)).toContain(since.key);
    await goBack(db);
    expect(keysOf(await eventsOf(db, 'demo-fog'))).toContain(since.key);
  });

  it('is brought in whole or not at all', async () => {
    const db = await furnished();
    const [before, backup] = [await hash(db), await backupOf(db)];
    const twice = { ...backup, yarns: [...backup.yarns.slice(0, 1), ...backup.yarns.slice(0, 1)] };
    await expect(bringIn(db, () => twice)).rejects.toThrow('yarns must hold each record once; received');
    expect(await hash(db)).toBe(before);
    expect(await hasCopy(db)).toBe(false);
  });
});
