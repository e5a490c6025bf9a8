import { describe, expect, it } from 'vitest';
import { EDITION } from '$lib/core/kit';
import { sampleKit } from '../../../tests/support/sample';
import { freshDb } from '../../../tests/support/store';
import { toldAll, untold } from './changes';
import { newProject } from './projects';
import { seed } from './seed';

const kit = sampleKit();
const project = (kind: string, more: object = {}) => {
  const made = newProject(kit, kind, 'm');
  return { ...made, brief: { ...made.brief, name: kind }, ...more };
};

describe('what an update changed in kept plans', () => {
  it('a browser from before is told every change once, with the projects it touches', async () => {
    const db = freshDb();
    const projects = [project('lined-hat'), project('scarf'), project('panel'), project('waistcoat')];
    const told = await untold(db, projects);
    const named = Object.fromEntries(
      told.map(({ code, projects: touched }) => [code, touched.map(({ name }) => name)])
    );
    const all = ['lined-hat', 'scarf', 'panel', 'waistcoat'];
    expect(named).toEqual({
      outside: ['lined-hat'],
      turning: ['scarf'],
      slopes: ['waistcoat'],
      bands: ['waistcoat'],
      ranges: all,
      waste: ['scarf', 'panel', 'waistcoat'],
      minutes: all
    });
    await toldAll(db);
    expect(await untold(db, projects)).toEqual([]);
    expect((await db.settings.get('told-edition'))?.value).toBe(EDITION);
  });

  it("the work's own tails touch plans where yarn was cut before, and none that was begun", async () => {
    const db = freshDb();
    const codes = async (of: ReturnType<typeof project>): Promise<string[]> =>
      (await untold(db, [of])).map(({ code }) => code);
    const hat = (options: object) => {
      const made = project('lined-hat');
      return { ...made, brief: { ...made.brief, options: { ...made.brief.options, ...options } } };
    };
    expect(await codes(hat({ waste: 'none' }))).not.toContain('tails');
    expect(await codes(hat({ waste: 'habit' }))).toContain('tails');
    expect(await codes(hat({ closing: 'zip' }))).toContain('tails');
    expect(await codes(project('folded-bag'))).toContain('tails');
    expect(
      await codes({ ...project('folded-bag'), knowledge: { swatches: [], finished: [], edition: 3 as const } })
    ).not.toContain('tails');
  });

  it('a new browser is told nothing: its first plans follow the newest edition', async () => {
    const db = freshDb();
    await seed(db, false);
    expect(await untold(db, [project('lined-hat')])).toEqual([]);
  });

  it('a yarn that is kept doubled touches the plans that use it', async () => {
    const db = freshDb();
    await db.yarns.bulkPut(kit.yarns.map((yarn) => ({ ...yarn, strands: yarn.id === 'red' ? 2 : 1 })));
    const scarf = project('scarf');
    const using = (yarn: string) => ({ ...scarf, brief: { ...scarf.brief, options: { ...scarf.brief.options, style: 'plain', yarn, secondYarn: 'blue', sections: [] } } }); // prettier-ignore
    const codes = async (yarn: string): Promise<string[]> => (await untold(db, [using(yarn)])).map(({ code }) => code);
    expect(await codes('red')).toContain('strands');
    expect(await codes('blue')).not.toContain('strands');
  });

  it('strands held together touch a plan that was not begun, and no piece that hangs on a machine', async () => {
    const db = freshDb();
    const doubled = project('scarf');
    const brief = { ...doubled.brief, strands: { red: 2 } };
    const begun = { ...doubled, brief, knowledge: { swatches: [], finished: [], edition: 2 as const } };
    const codes = async (of: typeof doubled): Promise<string[]> => (await untold(db, [of])).map(({ code }) => code);
    expect(await codes({ ...doubled, brief })).toContain('strands');
    expect(await codes(begun)).not.toContain('strands');
  });
});
