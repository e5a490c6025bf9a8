import { type ChangeCode, EDITION, gaugeOfSwatch, isSwapped } from '$lib/core/kit';
import { refsOf } from '$lib/core/kinds/refs';
import type { TombleDb } from './db';
import type { Project } from './records/project';

/**
 * What an update changed in plans that are kept, told once. A piece that was begun keeps its rows; what hands do with it, and
 * how long that takes, follows what is known now.
 */

/** Settings key: the edition of the craft whose changes were told. It travels with a backup: older plans come with what they missed. */
export const TOLD_EDITION = 'told-edition';

/** The newest edition when nothing was told yet: a browser from then has no such setting. */
const BEFORE_ANY = 2;

/** Yarns that changes ask about, by their ids. */
interface ToldYarns {
  /** Kept with several strands. */
  readonly doubled: ReadonlySet<string>;
  /** With a swatch that looks swapped. */
  readonly swapped: ReadonlySet<string>;
}

interface Change {
  readonly code: ChangeCode;
  readonly since: number;
  /** Whether a project's plan shows it. */
  readonly touches: (project: Project, yarns: ToldYarns) => boolean;
}

const isOf =
  (...kinds: readonly string[]) =>
  (project: Project): boolean =>
    kinds.includes(project.brief.kind);

/** Kinds whose joins are tied, or whose crown or toe is worked, on the purl side. */
const TURNED = [
  'scarf',
  'cowl',
  'headband',
  'tube-top',
  'folded-bag',
  'free-tube',
  'brim-hat',
  'gathered-hat',
  'socks',
  'sack',
  'bottle-cosy',
  'mug-wrap'
];

/** Kinds with an end that is closed, edged, zipped or sewn on with yarn, whatever is chosen. */
const TAILED = isOf(
  'ear-hat',
  'cowl',
  'headband',
  'warmers',
  'socks',
  'tube-top',
  'folded-bag',
  'bottle-cosy',
  'toy-long',
  'toy-round',
  'toy-figure'
);

/** Whether a tail of the work does what yarn was cut for before. */
function isTailed(project: Project): boolean {
  const { options } = project.brief;
  if (isOf('lined-hat', 'band-hat')(project)) return (options.waste ?? 'none') !== 'none' || options.closing === 'zip';
  if (isOf('scarf', 'mug-wrap', 'sack')(project)) return options.closeBy === 'hook' && options.ends !== 'drawn';
  return TAILED(project);
}

const CHANGES: readonly Change[] = [
  { code: 'outside', since: 3, touches: isOf('lined-hat', 'band-hat', 'ear-hat') },
  { code: 'turning', since: 3, touches: isOf(...TURNED) },
  { code: 'loops', since: 3, touches: isOf('mug-wrap') },
  { code: 'bag', since: 3, touches: isOf('folded-bag') },
  // Rows that hang on a machine stay: only a plan that was not begun goes through another hole.
  {
    code: 'strands',
    since: 3,
    touches: ({ brief, knowledge }, { doubled }) =>
      knowledge === null &&
      brief.hole === null &&
      (Object.values(brief.strands).some((n) => n > 1) ||
        refsOf(brief).some(({ what, id }) => what === 'yarn' && doubled.has(id) && (brief.strands[id] ?? 2) > 1))
  },
  {
    code: 'tails',
    since: 4,
    touches: (project) => project.knowledge === null && isTailed(project)
  },
  {
    code: 'swatch',
    since: 4,
    touches: ({ brief, knowledge }, { swapped }) =>
      knowledge === null && refsOf(brief).some(({ what, id }) => what === 'yarn' && swapped.has(id))
  },
  { code: 'wrap', since: 4, touches: isOf('wrap') },
  {
    code: 'slopes',
    since: 5,
    touches: (project) =>
      project.knowledge === null &&
      (isOf('waistcoat', 'cardigan', 'pennant', 'garland', 'wide-panel')(project) ||
        (project.brief.options.taper ?? 'none') !== 'none')
  },
  {
    code: 'bands',
    since: 5,
    touches: (project) => project.knowledge === null && isOf('waistcoat', 'cardigan')(project)
  },
  { code: 'ranges', since: 5, touches: (project) => project.knowledge === null },
  {
    code: 'waste',
    since: 6,
    // Pieces with waste at their ends, or with pieces that wait on it, whose yarn was not chosen.
    touches: ({ brief: { options }, knowledge }) =>
      knowledge === null && (options.wasteYarn ?? null) === null && 'wasteYarn' in options && options.waste !== 'none'
  },
  { code: 'minutes', since: 3, touches: () => true }
];

/** One change and the projects it touches. */
export interface ToldChange {
  readonly code: ChangeCode;
  readonly projects: readonly { readonly id: string; readonly name: string }[];
}

/**
 * The changes this browser was not told yet, with the open projects they touch.
 *
 * @param projects that are neither in the log nor thrown away
 * @returns none where all were told, or where nothing that is open is touched
 * @example await untold(db, projects) // [{ code: 'minutes', projects: [{ id: 'a', name: 'Hat' }] }]
 */
export async function untold(db: TombleDb, projects: readonly Project[]): Promise<ToldChange[]> {
  const edition = (await db.settings.get(TOLD_EDITION))?.value;
  const last = typeof edition === 'number' ? edition : BEFORE_ANY;
  const yarns = await db.yarns.toArray();
  const doubled = new Set(yarns.filter(({ strands }) => strands > 1).map(({ id }) => id));
  const [swatches, machines] = [await db.swatches.toArray(), await db.machines.toArray()];
  const swapped = new Set(
    swatches.flatMap((swatch) => {
      const yarn = yarns.find(({ id }) => id === swatch.yarnId);
      const machine = machines.find(({ id }) => id === swatch.machineId);
      if (!yarn || !machine || swatch.setAside) return [];
      const own = { ...yarn, strands: swatch.strands };
      return isSwapped(swatch, gaugeOfSwatch(swatch), machine, own) ? [yarn.id] : [];
    })
  );
  const told = { doubled, swapped };
  return CHANGES.flatMap(({ code, since, touches }) => {
    if (since <= last) return [];
    const touched = projects
      .filter((project) => touches(project, told))
      .map(({ id, brief }) => ({ id, name: brief.name }));
    return touched.length ? [{ code, projects: touched }] : [];
  });
}

/** Puts down that all changes were told. */
export const toldAll = (db: TombleDb): Promise<string> => db.settings.put({ key: TOLD_EDITION, value: EDITION });
