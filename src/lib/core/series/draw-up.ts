import { type Body, fitted } from '../body';
import { kindOf } from '../kinds';
import { withRefs } from '../kinds/refs';
import { type Kit, yarnOf, strandTex } from '../kit';
import { Brief } from '../plan';
import { type Readings, tryPlan, tryRead } from '../tomble';
import { type Missing, shareOut, type Way, type Wanted } from './share';

/** A size of a series, and how many of it. */
export interface SizeWanted {
  readonly body: Body;
  readonly count: number;
}

/** One thing of a series that was drawn up. */
interface Thing {
  readonly size: string;
  readonly yarns: readonly string[];
  readonly brief: Brief;
}

export type DrawnUp =
  | { readonly ok: true; readonly things: readonly Thing[] }
  /** Not enough yarn, and the least that is missing; or sizes that this machine cannot knit in any of these yarns. */
  | { readonly ok: false; readonly missing: readonly Missing[]; readonly unplanned: readonly string[] };

/** Most ways to put yarns in their places that are looked at: a page is waited for, and more are not told apart. */
const MOST_WAYS = 120;

/** The yarns a plan knits rows of its work in: the places that a series colours anew. */
export const placesToColour = (result: Pick<Readings, 'yarnUse'>): string[] =>
  result.yarnUse.flatMap((use) => (use.parts.some((part) => part.what === 'rows') ? [use.yarnId] : []));

/** One of the ways to put yarns into so many places, none twice, by its number from 0. */
function placementAt(yarns: readonly string[], places: number, number: number): string[] {
  const left = [...yarns];
  let rest = number;
  return Array.from({ length: places }, () => {
    const at = rest % left.length;
    rest = Math.floor(rest / left.length);
    return left.splice(at, 1)[0]!;
  });
}

/**
 * Ways to put so many yarns into so many places, none twice: all of them, or as many as are looked at, spread evenly over
 * all there are, so that every yarn has its turn. They are never listed one by one: ten yarns in eight places are millions.
 *
 * @example placements(['a', 'b'], 2) // [['a', 'b'], ['b', 'a']]
 */
export function placements(yarns: readonly string[], places: number, most = MOST_WAYS): string[][] {
  if (places > yarns.length) return [];
  let all = 1;
  for (let i = 0; i < places; i++) all *= yarns.length - i;
  const shown = Math.min(all, most);
  return Array.from({ length: shown }, (_, i) => placementAt(yarns, places, Math.floor((i * all) / shown)));
}

/**
 * Draws a series up: one plan of a kind in sizes and colours, yarns shared out so that none of them runs out. What each thing
 * takes is counted at the upper end of its range.
 *
 * @param brief the thing that is made again and again
 * @param yarns ids of the yarns that are shared out, with known grams at hand
 * @returns a brief for every thing, or what is missing
 * @example drawUp(kit, hat, [{ body: small, count: 12 }], ['ember', 'tide', 'oat', 'moss'])
 */
export function drawUp(kit: Kit, brief: Brief, sizes: readonly SizeWanted[], yarns: readonly string[]): DrawnUp {
  const kind = kindOf(brief.kind);
  const base = tryRead(kit, brief);
  if (!kind || !base.ok) return { ok: false, missing: [], unplanned: sizes.map(({ body }) => body.label) };
  const places = placesToColour(base.value);
  const ways = placements(yarns, Math.min(places.length, yarns.length));
  const briefs = new Map<Way, Brief>();
  const wanted = sizes.map(({ body, count }): Wanted => {
    const sized = Brief.parse({ ...brief, options: { ...brief.options, ...fitted(kind.options, body) } });
    return {
      size: body.label,
      count,
      ways: ways.flatMap((way): Way[] => {
        const swap = new Map(way.map((yarn, i) => [places[i]!, yarn]));
        const own = withRefs(sized, ({ id }) => swap.get(id) ?? id);
        const planned = tryPlan(kit, own);
        if (!planned.ok || planned.value.findings.some((f) => f.weight === 'stop')) return [];
        const grams = new Map(
          planned.value.yarnUse.flatMap((use) => (yarns.includes(use.yarnId) ? [[use.yarnId, use.grams.high] as const] : [])) // prettier-ignore
        );
        const made: Way = { yarns: way, grams };
        briefs.set(made, own);
        return [made];
      })
    };
  });
  const stores = yarns.map((id) => {
    const yarn = yarnOf(kit, id, brief.strands);
    return { id, grams: yarn.stockGrams ?? 0, metresPerGram: 1000 / strandTex(yarn) };
  });
  const unplanned = wanted.flatMap(({ size, ways: own }) => (own.length === 0 ? [size] : []));
  if (unplanned.length > 0) return { ok: false, missing: [], unplanned };
  const shared = shareOut(wanted, stores);
  if (!shared.ok) return { ok: false, missing: shared.missing, unplanned: [] };
  return {
    ok: true,
    things: shared.picks.map(({ size, way }) => ({ size, yarns: way.yarns, brief: briefs.get(way)! }))
  };
}
