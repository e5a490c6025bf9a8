import { least } from 'd3-array';
import { solve } from 'yalps';

/** One way to knit a size: which yarns it takes, and how many grams of each at the most. */
export interface Way {
  readonly yarns: readonly string[];
  readonly grams: ReadonlyMap<string, number>;
}

/** A size of a series: how many of it, and every way to knit one. */
export interface Wanted {
  readonly size: string;
  readonly count: number;
  readonly ways: readonly Way[];
}

/** A yarn that is shared out. */
export interface Store {
  readonly id: string;
  /** Grams at hand. */
  readonly grams: number;
  readonly metresPerGram: number;
}

/** What is missing of one yarn. */
export interface Missing {
  readonly id: string;
  readonly grams: number;
  readonly metres: number;
}

/** One thing, by its size and the way it is knitted. */
interface Pick {
  readonly size: string;
  readonly way: Way;
}

export type Shared =
  /** For every thing, size by size, the way it is knitted. */
  | { readonly ok: true; readonly picks: readonly Pick[] }
  /** About the least that would have to be had besides, and of what; none where a size has no way at all. */
  | { readonly ok: false; readonly missing: readonly Missing[] };

/** Less than that is none: the arithmetic of the solver, grams. */
const NOTHING = 1e-6;

const wayKey = (w: number, i: number): string => `x ${w} ${i}`;
/** Ways that take the same yarns are one in the eye, whatever the size. */
const lookKey = (way: Way): string => `look ${way.yarns.join(' ')}`;

/** How often each way of each size is taken, by a whole-number model; `even` asks for as many different ones as can be. */
function solved(wanted: readonly Wanted[], stores: readonly Store[], even: boolean) {
  const constraints = new Map<string, { min?: number; max?: number; equal?: number }>();
  const variables = new Map<string, Map<string, number>>();
  for (const store of stores) constraints.set(`of ${store.id}`, { max: store.grams });
  wanted.forEach(({ count, ways }, w) => {
    constraints.set(`size ${w}`, { equal: count });
    ways.forEach((way, i) => {
      const on = new Map([[`size ${w}`, 1]]);
      for (const [id, grams] of way.grams) if (constraints.has(`of ${id}`)) on.set(`of ${id}`, grams);
      if (even) {
        constraints.set(lookKey(way), { max: 0 });
        on.set(lookKey(way), 1);
      }
      variables.set(wayKey(w, i), on);
    });
  });
  const integers = [...variables.keys()];
  if (even) {
    // The largest number of things that look alike is made as small as it goes.
    const looks = [...constraints.keys()].filter((key) => key.startsWith('look '));
    variables.set('most', new Map([['cost', 1], ...looks.map((key): [string, number] => [key, -1])]));
  } else {
    for (const { id, metresPerGram } of stores)
      variables.set(`short ${id}`, new Map([['cost', metresPerGram], [`of ${id}`, -1]])); // prettier-ignore
  }
  return solve({ direction: 'minimize', objective: 'cost', constraints, variables, integers }, { timeout: 3000, maxIterations: 6000, tolerance: 0.02 }); // prettier-ignore
}

/**
 * Shares yarns out among the things of a series so that none runs out, in as many different combinations as there can be. A
 * whole-number model; what it answers is added up again before it is believed.
 *
 * @param wanted sizes with every way to knit them, grams as they are at the most
 * @param stores yarns at hand; a way may take others too, which are not watched
 * @returns which way each thing is knitted, or the least that is missing, in grams and metres
 * @example shareOut([{ size: 'small', count: 2, ways }], [{ id: 'oat', grams: 100, metresPerGram: 2 }])
 */
export function shareOut(wanted: readonly Wanted[], stores: readonly Store[]): Shared {
  if (wanted.some(({ count, ways }) => count > 0 && ways.length === 0)) return { ok: false, missing: [] };
  for (const even of [true, false]) {
    const picks = picked(wanted, new Map(solved(wanted, stores, even).variables));
    if (picks && holds(picks, stores)) return { ok: true, picks };
    if (picks && !even) return { ok: false, missing: missingOf(picks, stores) };
  }
  // A model that is not solved in time is no reason to say nothing: thing by thing, whatever lacks least.
  const picks = oneByOne(wanted, stores);
  const missing = missingOf(picks, stores);
  return missing.length > 0 ? { ok: false, missing } : { ok: true, picks };
}

/** Grams that things take of a yarn. */
const taken = (picks: readonly Pick[], id: string): number => picks.reduce((sum, { way }) => sum + (way.grams.get(id) ?? 0), 0); // prettier-ignore

/** What would have to be had besides for these things. */
const missingOf = (picks: readonly Pick[], stores: readonly Store[]): Missing[] =>
  stores.flatMap(({ id, grams, metresPerGram }): Missing[] => {
    const short = taken(picks, id) - grams;
    return short > NOTHING ? [{ id, grams: short, metres: short * metresPerGram }] : [];
  });

/**
 * The things one after the other, each the way that lacks least then, and leaves most of what there is least of.
 *
 * @example oneByOne([{ size: 's', count: 2, ways: [oat, tide] }], stores) // the second in what is left
 */
export function oneByOne(wanted: readonly Wanted[], stores: readonly Store[]): Pick[] {
  const picks: Pick[] = [];
  const left = new Map(stores.map(({ id, grams }) => [id, grams]));
  const cost = (way: Way): number => {
    let [lack, scarce] = [0, 0];
    for (const { id, grams, metresPerGram } of stores) {
      const after = left.get(id)! - (way.grams.get(id) ?? 0);
      lack += metresPerGram * (Math.max(0, -after) - Math.max(0, -left.get(id)!));
      scarce += (way.grams.get(id) ?? 0) / Math.max(1, grams);
    }
    return lack + scarce / 1000;
  };
  for (const { size, count, ways } of wanted) {
    for (let i = 0; i < count; i++) {
      const way = least(ways, cost)!;
      picks.push({ size, way });
      for (const [id, grams] of way.grams) if (left.has(id)) left.set(id, left.get(id)! - grams);
    }
  }
  return picks;
}

/** The things one by one, ways in turns, so that neighbours differ; nothing where the numbers do not add up. */
function picked(wanted: readonly Wanted[], counts: ReadonlyMap<string, number>): Pick[] | null {
  const picks: Pick[] = [];
  for (const [w, { size, count, ways }] of wanted.entries()) {
    const left = ways.map((_, i) => Math.round(counts.get(wayKey(w, i)) ?? 0));
    if (left.reduce((sum, n) => sum + n, 0) !== count) return null;
    while (left.some((n) => n > 0)) {
      ways.forEach((way, i) => {
        if (left[i]! <= 0) return;
        left[i]! -= 1;
        picks.push({ size, way });
      });
    }
  }
  return picks;
}

/** Whether no yarn runs out, added up plainly. */
const holds = (picks: readonly Pick[], stores: readonly Store[]): boolean =>
  stores.every(({ id, grams }) => taken(picks, id) <= grams + NOTHING);
