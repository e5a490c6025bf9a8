import { expect, test } from 'vitest';
import { sampleKit } from '../../../tests/support/sample';
import { freshDb } from '../../../tests/support/store';
import { tryPlan } from '$lib/core/tomble';
import { readBundle } from '$lib/formats/bundle/read';
import { writeBundle } from '$lib/formats/bundle/write';
import { contentsOf } from './backup';
import { changePerson } from './people';
import { Conversion } from './records/conversion';
import { Person } from './records/person';
import { tubeOfRows } from './tube-of-rows';

test('converted rows become a tube of just these rows, on the machine and in the yarn that were asked for', () => {
  const kit = sampleKit();
  const planned = tryPlan(kit, tubeOfRows(kit, 'm', 'blue', [71, 10, 0, 24], 'Pattern').brief);
  if (!planned.ok) throw new Error(planned.faults[0]!.path);
  expect(planned.value.sizes.pieces[0]!.rows).toBe(105);
  expect(planned.value.fabric.yarns).toEqual(['blue']);
});

test('a kept conversion travels in a backup', async () => {
  const db = freshDb();
  const kept = Conversion.parse({ id: 'c', name: 'Vest', pattern: { stitches: 20, rows: 28 }, machine: { by: 'typed', cmTo40Stitches: 26, cmTo20Rows: 9.5 }, counts: [{ what: 'rows', count: 84 }], createdAt: '2026-11-26T10:00:00.000Z' }); // prettier-ignore
  await db.conversions.add(kept);
  const read = readBundle(writeBundle(await contentsOf(db)));
  expect(read.ok && read.contents.conversions).toEqual([kept]);
  expect(Conversion.safeParse({ ...kept, pattern: { stitches: 0, rows: 28 } }).success).toBe(false);
});

test('a measure that changes was taken that day; the others keep theirs, and one that is taken away has none', async () => {
  const db = freshDb();
  await db.people.put(Person.parse({ id: 'p', name: 'Ferry keeper', measures: { chest: 900, head: 570 } }));
  await changePerson(db, 'p', { measures: { head: 580 } }, '2026-11-20');
  await changePerson(db, 'p', { measures: { head: 580, chest: 910 } }, '2026-11-26');
  expect((await db.people.get('p'))!.taken).toEqual({ head: '2026-11-20', chest: '2026-11-26' });
  await changePerson(db, 'p', { measures: { head: null } }, '2026-11-27');
  expect((await db.people.get('p'))!.taken).toEqual({ chest: '2026-11-26' });
});
