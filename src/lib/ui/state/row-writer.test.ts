import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { memoryShelf } from '../../../../tests/support/shelf';
import { freshDb } from '../../../../tests/support/store';
import { eventOf, eventsOf } from '$lib/store/events';
import { jotted } from '$lib/store/journal';
import type { TombleDb } from '$lib/store/db';
import { RowWriter } from './row-writer';
import { WriteQueue } from './write-queue';

function page(db: TombleDb) {
  const queue = new WriteQueue();
  const shelf = memoryShelf();
  const told: number[] = [];
  let painted = 0;
  let breaks = false;
  const writer = new RowWriter({
    db: () => {
      if (breaks) throw new DOMException('', 'QuotaExceededError');
      return db;
    },
    shelf: () => shelf,
    queue: (work) => queue.add(work),
    goOn: () => queue.run(),
    painted: async () => void painted++,
    onkept: (count) => void told.push(count)
  });
  const idle = async (): Promise<void> => {
    while (queue.length > 0 && !queue.refused) await new Promise((done) => setTimeout(done, 1));
  };
  return { queue, shelf, told, writer, idle, painted: () => painted, full: (yes: boolean) => void (breaks = yes) };
}
const row = (turn: number) => eventOf('hat', { do: 'row', yarn: 'red' }, turn);

describe('rows that are written', () => {
  it('all that comes up while one is written goes together, in its order, and is told once', async () => {
    const db = freshDb();
    const { writer, told, idle, shelf } = page(db);
    const rows = Array.from({ length: 200 }, (_, i) => row(i));
    rows.forEach((event) => writer.add(event));
    expect(jotted(shelf)).toHaveLength(200);
    await idle();
    expect((await eventsOf(db, 'hat')).map(({ key }) => key)).toEqual(rows.map(({ key }) => key));
    expect(told.reduce((a, b) => a + b)).toBe(200);
    expect(told.length).toBeLessThan(5);
    expect(jotted(shelf)).toEqual([]);
  });

  it('on a full disk they wait, jotted down, and are kept once when there is room, whenever it ran full', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(fc.constantFrom('row', 'full', 'room', 'wait'), { maxLength: 30 }), async (doing) => {
        const db = freshDb();
        const { writer, told, idle, shelf, full, queue } = page(db);
        let turn = 0;
        for (const what of doing) {
          if (what === 'row') writer.add(row(turn++));
          else if (what === 'wait') await idle();
          else full(what === 'full');
          // What is not kept yet is jotted down.
          const kept = told.reduce((a, b) => a + b, 0);
          expect(jotted(shelf).length).toBeGreaterThanOrEqual(turn - kept);
        }
        full(false);
        while (queue.length > 0) {
          queue.run();
          await new Promise((done) => setTimeout(done, 1));
        }
        expect((await eventsOf(db, 'hat')).map((e) => e.turn)).toEqual(Array.from({ length: turn }, (_, i) => i));
        expect(told.reduce((a, b) => a + b, 0)).toBe(turn);
        expect(jotted(shelf)).toEqual([]);
      }),
      { numRuns: 40 }
    );
  });

  it('rows that are safe wait for the number that moves; on a shelf that refuses they are written at once', async () => {
    const db = freshDb();
    const safe = page(db);
    safe.writer.add(row(0));
    await safe.idle();
    expect(safe.painted()).toBe(1);
    const bare = page(db);
    bare.shelf.setItem = () => {
      throw new DOMException('', 'QuotaExceededError');
    };
    bare.writer.add(row(1));
    await bare.idle();
    expect(bare.painted()).toBe(0);
    expect(await db.events.count()).toBe(2);
  });
});
