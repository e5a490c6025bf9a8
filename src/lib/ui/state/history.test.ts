import { expect, it } from 'vitest';
import { freshDb } from '../../../../tests/support/store';
import { eventOf, eventsOf, pulseOf } from '$lib/store/events';
import { recordAll } from '$lib/store/journal';
import { progressOf } from '$lib/store/records/crank-event';
import { History } from './history';

const row = (turn: number) => eventOf('hat', { do: 'row', yarn: 'red' }, turn);

it('grows with every press, and leads where all of it leads', () => {
  const history = new History();
  for (let i = 0; i < 4; i++) history.add(row(i));
  history.add(eventOf('hat', { do: 'undo' }, 4));
  expect(history.progress).toEqual(progressOf(history.events.map(({ what }) => what)));
  expect(history.progress.rows).toBe(3);
});

it('sees that other rows are kept, also where the one kept last is the one that happened last here', async () => {
  const db = freshDb();
  const history = new History();
  const own = [0, 1, 5].map(row);
  own.forEach((event) => history.add(event));
  await recordAll(db, own);
  expect(history.matches(await pulseOf(db, 'hat'))).toBe(true);
  // A merged backup puts rows between; the highest number of the data base is not the highest turn.
  await db.events.bulkAdd([2, 3].map(row));
  expect((await pulseOf(db, 'hat')).last?.key).toBe(own[2]!.key);
  expect(history.matches(await pulseOf(db, 'hat'))).toBe(false);
  history.take(await eventsOf(db, 'hat'));
  expect(history.matches(await pulseOf(db, 'hat'))).toBe(true);
  expect(history.progress.rows).toBe(5);
});

it('sees rows that went, and rows from before they had keys', async () => {
  const db = freshDb();
  const history = new History();
  await db.events.bulkAdd([1, 2].map(() => ({ projectId: 'hat', at: '2026-11-01T10:00:00.000Z', what: { do: 'row', yarn: 'red' } }) as const)); // prettier-ignore
  expect(history.matches(await pulseOf(db, 'hat'))).toBe(false);
  history.take(await eventsOf(db, 'hat'));
  expect(history.matches(await pulseOf(db, 'hat'))).toBe(true);
  await db.events.clear();
  expect(history.matches(await pulseOf(db, 'hat'))).toBe(false);
  history.take([]);
  expect(history.matches(await pulseOf(db, 'hat'))).toBe(true);
});
