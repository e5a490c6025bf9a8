import 'fake-indexeddb/auto';
import { expect, it } from 'vitest';
import { presetFor } from '$lib/core/kit';
import { starterKit } from '$lib/demo/starter';
import { TombleDb } from './db';
import { isExampleMachine, isExampleYarn, makeWay } from './examples';
import { changeYarn, loadKit, saveMachine, saveYarn } from './kit';
import { newProject, saveProject } from './projects';
import { seed } from './seed';

it('examples make way for what is one’s own, unless they were changed or something uses them', async () => {
  const db = new TombleDb('examples');
  await seed(db, false);
  const [machine] = starterKit.machines;
  const [madder, wheat, slate] = starterKit.yarns;
  expect(isExampleMachine(machine!) && isExampleYarn(madder!)).toBe(true);
  // As long as there is nothing else they stay.
  expect(await makeWay(db)).toBe(0);
  await saveMachine(db, presetFor(40, 'own', 'Forty'));
  expect(await makeWay(db)).toBe(1);
  expect((await loadKit(db))!.machines.map(({ id }) => id)).toEqual(['own']);
  // One that was changed is the knitter's; one in a plan stays.
  await changeYarn(db, wheat!, { ...wheat!, stockGrams: 80 });
  const project = newProject((await loadKit(db))!, 'scarf', 'own');
  await saveProject(db, { ...project, brief: { ...project.brief, options: { ...project.brief.options, yarn: slate!.id } } }); // prettier-ignore
  await saveYarn(db, { ...madder!, id: 'mine', name: 'Gorse' });
  await makeWay(db);
  const left = (await db.yarns.toArray()).map(({ id }) => id);
  expect(left).toContain(wheat!.id);
  expect(left).toContain(slate!.id);
  expect(left).toContain('mine');
  for (const id of left) if (id === madder!.id) expect(JSON.stringify(await db.projects.toArray())).toContain(id);
});
