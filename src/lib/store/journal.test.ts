import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { freshDb } from '../../../tests/support/store';
import { jot, jotted, record, recover, strike } from './journal';
import { memoryShelf } from '../../../tests/support/shelf';
import { browserShelf, type Shelf } from './shelf';
import { eventOf, eventsOf } from './events';
import { progressOf } from './records/crank-event';

const row = (turn = 0) => eventOf('hat', { do: 'row', yarn: 'red' }, turn);

describe('rows jotted down before the data base has them', () => {
  it('are there at the next visit, in their order, whichever had been kept', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.constantFrom('kept', 'kept but not struck', 'lost'), { maxLength: 12 }),
        async (how) => {
          const db = freshDb();
          const at = memoryShelf();
          const events = how.map((_, i) => eventOf('hat', { do: 'jump', to: i }, i));
          for (const [i, event] of events.entries()) {
            jot(at, event);
            // The data base keeps events in order: once one is lost, so are those after it.
            if (how.indexOf('lost') !== -1 && i >= how.indexOf('lost')) continue;
            await record(db, event);
            if (how[i] === 'kept') strike(at, event);
          }
          await recover(db, at);
          expect((await eventsOf(db, 'hat')).map((e) => e.what)).toEqual(events.map((e) => e.what));
          expect(at.length).toBe(0);
        }
      )
    );
  });

  it('are kept once when two pages bring them', async () => {
    const db = freshDb();
    const at = memoryShelf();
    const event = row();
    expect(jot(at, event)).toBe(true);
    await Promise.all([recover(db, at), record(db, event), recover(db, at)]);
    expect(progressOf((await eventsOf(db, 'hat')).map((e) => e.what)).rows).toBe(1);
  });

  it('events from before they had a key stand beside them', async () => {
    const db = freshDb();
    const { key: _, ...old } = row();
    await record(db, old);
    await record(db, old);
    await record(db, row());
    expect(await eventsOf(db, 'hat')).toHaveLength(3);
  });

  it('what is no event is thrown away, and the rest of the storage left alone', () => {
    const at = memoryShelf();
    at.setItem('tomble-sound', 'on');
    at.setItem('tomble-row:x', '{"do":"row"}');
    at.setItem('tomble-row:y', 'not JSON');
    expect(jotted(at)).toEqual([]);
    expect([at.length, at.getItem('tomble-sound')]).toEqual([1, 'on']);
  });

  it('a browser without such a storage keeps its rows in the data base alone', async () => {
    // Outside a browser there is none: asking for it throws, as a browser does that refuses it.
    const db = freshDb();
    const none = browserShelf();
    const event = row();
    expect(jot(none, event)).toBe(false);
    await record(db, event);
    strike(none, event);
    expect(await recover(db, none)).toBe(0);
    expect(await eventsOf(db, 'hat')).toHaveLength(1);
  });

  it('a storage that refuses takes nothing else away', async () => {
    const closed: Shelf = {
      ...memoryShelf(),
      setItem() {
        throw new Error('full');
      },
      removeItem() {
        throw new Error('closed');
      }
    };
    const event = row();
    // It is told, so that the data base is written at once.
    expect(jot(closed, event)).toBe(false);
    expect(() => strike(closed, event)).not.toThrow();
  });
});
