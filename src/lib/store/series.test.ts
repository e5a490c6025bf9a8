import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { expect, test } from 'vitest';
import { sampleKit } from '../../../tests/support/sample';
import { freshDb } from '../../../tests/support/store';
import { hashOfContents } from '$lib/formats/bundle/contents';
import { readBundle } from '$lib/formats/bundle/read';
import { writeBundle } from '$lib/formats/bundle/write';
import { contentsOf } from './backup';
import { bringIn } from './bring-in';
import { removeProject } from './delete';
import { eventOf } from './events';
import { newProject } from './projects';
import { changeSeries, keepSeries, readSeries } from './series';

const { brief } = newProject(sampleKit(), 'lined-hat', 'm');
const plan = { name: 'Market', by: '2026-12-20', from: '2026-11-26', evenings: { days: [1, 4], minutes: 90, at: '19:30' } }; // prettier-ignore

test('a series is kept with its projects, in their order, and follows them', async () => {
  const db = freshDb();
  const id = await keepSeries(db, plan, [{ brief, name: 'Hat 1' }, { brief, name: 'Hat 2' }, { brief, name: 'Hat 3' }]); // prettier-ignore
  const [first, second] = (await readSeries(db, id))!.members;
  expect(first!.project.brief.name).toBe('Hat 1');
  await db.events.bulkAdd([1, 2].map((_, i) => eventOf(second!.project.id, { do: 'row', yarn: 'red' }, i)));
  await removeProject(db, first!.project.id);
  const { members, series } = (await readSeries(db, id))!;
  expect(members.map(({ project, progress }) => [project.brief.name, progress.rows])).toEqual([['Hat 2', 2], ['Hat 3', 0]]); // prettier-ignore
  expect(series.by).toBe('2026-12-20');
  await changeSeries(db, id, { by: null, evenings: { days: [7], minutes: 30, at: '10:00' } });
  expect((await readSeries(db, id))!.series).toMatchObject({ by: null, evenings: { days: [7] }, projectIds: series.projectIds }); // prettier-ignore
  await expect(changeSeries(db, id, { evenings: { days: [], minutes: 30, at: '10:00' } })).rejects.toThrow();
  expect(await readSeries(db, 'nobody')).toBeNull();
});

test('a series goes into a backup and comes back, and a backup from before there were any is read', async () => {
  const db = freshDb();
  await keepSeries(db, plan, [{ brief, name: 'Hat 1' }]);
  const contents = await contentsOf(db);
  const read = readBundle(writeBundle(contents));
  if (!read.ok) throw new Error(read.reasons.join());
  const other = freshDb();
  await bringIn(other, () => read.contents);
  expect(hashOfContents(await contentsOf(other))).toBe(hashOfContents(contents));
  expect(await other.series.count()).toBe(1);
  // As a version wrote it that knew no series: neither the file nor its line in the list.
  const files = unzipSync(writeBundle(contents));
  delete files['data/series.json'];
  const manifest = JSON.parse(strFromU8(files['manifest.json']!)) as { files: { path: string }[] };
  manifest.files = manifest.files.filter(({ path }) => path !== 'data/series.json');
  files['manifest.json'] = strToU8(JSON.stringify(manifest));
  const before = readBundle(zipSync(files));
  expect(before).toMatchObject({ ok: true, contents: { series: [] } });
});
