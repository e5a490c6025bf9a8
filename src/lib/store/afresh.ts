import type { Kit } from '$lib/core/kit';
import { type Contents, NOTHING } from '$lib/formats/bundle/contents';
import { starterKit } from '$lib/demo/starter';
import { joined } from './backup';
import { bringIn } from './bring-in';
import { ME, type TombleDb } from './db';

/** What can be done with all that is here; each can be undone, for what was here before is kept. */
export type Afresh = 'empty' | 'village' | 'no-village';

const ofKit = (kit: Kit): Contents => ({
  ...NOTHING,
  machines: kit.machines,
  yarns: kit.yarns,
  swatches: kit.swatches,
  observations: kit.finished,
  habits: [{ ...kit.habits, id: ME }]
});

/** A browser as on the first visit: the starter kit and nothing else. */
function fresh(now: Date): Contents {
  const settings = [
    { key: 'seeded', value: true },
    { key: 'first-use', value: now.toISOString() }
  ];
  return { ...ofKit(starterKit), settings };
}

async function villageContents(): Promise<Contents> {
  const { village } = await import('$lib/demo/village');
  const { kit, people, projects, events } = village();
  // The habits stay those of the knitter.
  return { ...ofKit(kit), people, projects, events, habits: [] };
}

/** What is here without the village; machines and yarns of it stay that other projects use or the knitter measured on. */
function without(here: Contents, village: Contents): Contents {
  const theirs = (table: 'projects' | 'machines' | 'yarns' | 'swatches' | 'observations' | 'people') =>
    new Set(village[table].map(({ id }) => id));
  const [projects, people] = [theirs('projects'), theirs('people')];
  const own = here.projects.filter(({ id }) => !projects.has(id));
  const measured = (['swatches', 'observations'] as const).map((table) => {
    const ids = theirs(table);
    return here[table].filter(({ id }) => !ids.has(id));
  });
  const text = JSON.stringify([own, measured, here.series, here.conversions]);
  const stays = (id: string): boolean => text.includes(JSON.stringify(id));
  const kept = <R extends { readonly id: string }>(records: readonly R[], ids: ReadonlySet<string>): R[] =>
    records.filter(({ id }) => !ids.has(id) || stays(id));
  const machines = kept(here.machines, theirs('machines'));
  const yarns = kept(here.yarns, theirs('yarns'));
  const known = (of: { readonly machineId: string; readonly yarnId: string }): boolean =>
    machines.some(({ id }) => id === of.machineId) && yarns.some(({ id }) => id === of.yarnId);
  return {
    ...here,
    projects: own,
    events: here.events.filter(({ projectId }) => !projects.has(projectId)),
    photos: here.photos.filter(({ owner }) => !projects.has(owner.id)),
    // One cannot plan without a machine or a yarn.
    machines: machines.length > 0 ? machines : [...starterKit.machines],
    yarns: yarns.length > 0 ? yarns : [...starterKit.yarns],
    swatches: here.swatches.filter((swatch) => known(swatch)),
    observations: here.observations.filter((piece) => known(piece)),
    people: here.people.filter(({ id }) => !people.has(id) || stays(id))
  };
}

/**
 * Empties a browser, brings the demo village or takes it away, in one transaction. What was here is kept to go back to.
 *
 * @example await afresh(db, 'empty')
 */
export async function afresh(db: TombleDb, what: Afresh, now = new Date()): Promise<void> {
  if (what === 'empty') {
    await bringIn(db, () => fresh(now), now);
    return;
  }
  const village = await villageContents();
  // What is here already stands as it is.
  await bringIn(db, (here) => (what === 'village' ? joined(village, here, 'merge') : without(here, village)), now);
}
