import { expect, test } from 'vitest';
import { medium, sampleKit } from '../../../tests/support/sample';
import { freshDb } from '../../../tests/support/store';
import { addKit } from './add-kit';
import { removeProject } from './delete';
import { loadKit } from './kit';
import { newProject, planProject, saveProject, undone } from './projects';
import { deleteThing, usesOf } from './uses';

const kit = sampleKit({ yarns: [medium('red', '#b03020'), medium('blue', '#205080'), medium('green', '#226622')] });

test('a yarn that is used is named with its projects, and another one takes its place in all of them', async () => {
  const db = freshDb();
  await addKit(db, kit);
  const hat = newProject(kit, 'lined-hat', 'm');
  const bag = newProject(kit, 'folded-bag', 'm');
  const gone = newProject(kit, 'scarf', 'm');
  for (const project of [hat, bag, gone]) await saveProject(db, project);
  await removeProject(db, gone.id);
  const red = { what: 'yarn', id: 'red' } as const;
  expect((await usesOf(db, red)).map((p) => p.id).sort()).toEqual([hat.id, bag.id].sort());
  expect(await usesOf(db, { what: 'yarn', id: 'green' })).toEqual([]);

  await deleteThing(db, red, 'Red', 'green');
  expect(await usesOf(db, red)).toEqual([]);
  const left = (await loadKit(db))!;
  expect(left.yarns.map((y) => y.id)).not.toContain('red');
  for (const project of [hat, bag]) {
    const now = (await db.projects.get(project.id))!;
    expect(planProject(left, now).ok).toBe(true);
    expect(now.rev).toBe(1);
    // The way back is the undo of the project.
    expect(undone(now).brief).toEqual(project.brief);
  }
});

test('without another one the projects stay as they are, and say what is missing', async () => {
  const db = freshDb();
  await addKit(db, kit);
  const hat = newProject(kit, 'lined-hat', 'm');
  await saveProject(db, hat);
  await deleteThing(db, { what: 'yarn', id: 'red' }, 'Red', null);
  expect(await db.projects.get(hat.id)).toEqual(hat);
  const planned = planProject((await loadKit(db))!, hat);
  expect(planned.ok ? [] : planned.faults.map((f) => `${f.path} ${f.rule}`)).toContain(
    'brief.options.yarn must be the id of a yarn in the kit'
  );
});
