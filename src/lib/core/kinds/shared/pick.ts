import { colourDifference, type Kit, type Machine, machineOf, newestFirst, type Yarn } from '../../kit';
import { remembered } from '../../quantity';

/** Thickness as the weight class times the strands: 4 is a medium yarn, and two strands of 2 are one too. */
const MEDIUM = 4;

/** So many classes from medium a yarn still knits well on these rings: among those the newest of one's own comes first. */
const NEAR = 1;

/**
 * The yarns of a kit with the best for these machines first: nearest to medium, of those that knit well the newest, then most
 * at hand; an unknown stock counts as plenty.
 */
export const bestYarns = (kit: Kit): readonly Yarn[] => best(kit.yarns);

const best = remembered((yarns: readonly Yarn[]): readonly Yarn[] => {
  const stock = (y: Yarn): number => y.stockGrams ?? Infinity;
  const apart = (y: Yarn): number => Math.abs(y.weightClass * y.strands - MEDIUM);
  const far = (y: Yarn): number => (apart(y) <= NEAR ? 0 : apart(y));
  return [...yarns].sort(
    (a, b) =>
      far(a) - far(b) || newestFirst(a, b) || apart(a) - apart(b) || (stock(a) === stock(b) ? 0 : stock(b) - stock(a))
  );
});

/**
 * The first choice of a new project: a main yarn, and a second one in another colour where there is one.
 *
 * @throws RangeError when the kit has no yarn
 */
export function firstYarns(kit: Kit): { main: string; second: string } {
  const [main, second] = bestYarns(kit);
  if (!main) throw new RangeError('the kit must have a yarn; received none');
  return { main: main.id, second: (second ?? main).id };
}

/**
 * The yarn of a project whose stripes were all taken out: nearest to medium, of equals the first. Stocks and days say nothing here,
 * because they do not travel with a project, and it must be the same yarn wherever it is planned.
 *
 * @throws RangeError when the kit has no yarn
 */
export function anyYarn(kit: Kit): string {
  const [first] = best(kit.yarns.map((yarn) => ({ ...yarn, stockGrams: null, addedAt: undefined })));
  if (!first) throw new RangeError('the kit must have a yarn; received none');
  return first.id;
}

/** Colour difference from which on a waste yarn is plainly another than the work (own estimate, no source). */
const PLAINLY_OTHER = 25;

/**
 * The yarn a waste is best knitted in: about as thick as the work, so that its rows keep their size, and of these the
 * colour that stands furthest from its neighbours. Where none as thick is plain to see, colour alone decides.
 *
 * @param without yarns that are gone, which are taken only where there is no other
 */
export const furthest = (kit: Kit, neighbours: readonly Yarn[], without: readonly string[] = []): string => {
  const all = ranked(kit.yarns, keyOf(neighbours));
  // Looked through from the front, and no further than it must: a stash may hold thousands.
  const there = (c: Beside): boolean => !without.includes(c.yarn.id);
  const best = all.find((c) => c.alike && c.apart >= PLAINLY_OTHER && there(c)) ?? all.find(there) ?? all[0]!;
  return best.yarn.id;
};

/**
 * The yarn that stands furthest from all its neighbours, of those that may be taken; null where none is plainly another. Of
 * those that are, one about as thick comes first.
 *
 * @param may whether a yarn may be taken
 */
export function plainlyOther(kit: Kit, neighbours: readonly Yarn[], may: (yarn: Yarn) => boolean): string | null {
  const all = ranked(kit.yarns, keyOf(neighbours));
  const isPlain = (c: Beside): boolean => c.apart >= PLAINLY_OTHER && may(c.yarn);
  return (all.find((c) => c.alike && isPlain(c)) ?? all.find(isPlain))?.yarn.id ?? null;
}

const thickness = (y: Yarn): number => y.weightClass * y.strands;

/** Colours and thicknesses of neighbours as text: the key under which the order of the yarns is remembered. */
const keyOf = (neighbours: readonly Yarn[]): string =>
  JSON.stringify(neighbours.map((n) => [n.colour.hex, thickness(n)]));

/** A yarn beside others: how far its colour is from the nearest of them, and whether it is about as thick as one. */
interface Beside {
  readonly yarn: Yarn;
  readonly apart: number;
  readonly alike: boolean;
}

/** All yarns by how far their colour is from their neighbours, the furthest first. */
const ranked = remembered((yarns: readonly Yarn[], beside: string): readonly Beside[] => {
  const neighbours = JSON.parse(beside) as readonly (readonly [string, number])[];
  return yarns
    .map((yarn) => ({
      yarn,
      apart: Math.min(...neighbours.map(([hex]) => colourDifference(hex, yarn.colour.hex))),
      alike: Math.min(...neighbours.map(([, thick]) => Math.abs(thick - thickness(yarn)))) <= 1
    }))
    .sort((a, b) => b.apart - a.apart);
});

/** The machine of a kit with pins nearest to a number; of equals the chosen one. */
export function machineNear(kit: Kit, pins: number, chosen: string): Machine {
  const own = machineOf(kit, chosen);
  return kit.machines.reduce((best, m) => (Math.abs(m.pins - pins) < Math.abs(best.pins - pins) ? m : best), own);
}
