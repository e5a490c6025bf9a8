import { colourDifference, type Kit, type Machine, machineOf, type Yarn } from '../../kit';

/** Thickness as the weight class times the strands: 4 is a medium yarn, and two strands of 2 are one too. */
const MEDIUM = 4;

/** The yarns of a kit with the best for these machines first: nearest to medium, then most at hand; an unknown stock counts as plenty. */
export function bestYarns(kit: Kit): Yarn[] {
  const stock = (y: Yarn): number => y.stockGrams ?? Infinity;
  const apart = (y: Yarn): number => Math.abs(y.weightClass * y.strands - MEDIUM);
  return [...kit.yarns].sort((a, b) => apart(a) - apart(b) || (stock(a) === stock(b) ? 0 : stock(b) - stock(a)));
}

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

/** Colour difference from which on a waste yarn is plainly another than the work (own estimate, no source). */
const PLAINLY_OTHER = 25;

/**
 * The yarn a waste is best knitted in: about as thick as the work, so that its rows keep their size, and of these the
 * colour that stands furthest from its neighbours. Where none as thick is plain to see, colour alone decides.
 */
export function furthest(kit: Kit, neighbours: readonly Yarn[], except: readonly string[] = []): string {
  const thickness = (y: Yarn): number => y.weightClass * y.strands;
  const candidates = kit.yarns
    .filter((yarn) => !except.includes(yarn.id))
    .map((yarn) => ({
      id: yarn.id,
      apart: Math.min(...neighbours.map((n) => colourDifference(n.colour.hex, yarn.colour.hex))),
      alike: Math.min(...neighbours.map((n) => Math.abs(thickness(n) - thickness(yarn)))) <= 1
    }))
    .sort((a, b) => b.apart - a.apart);
  const best = candidates.find((c) => c.alike && c.apart >= PLAINLY_OTHER) ?? candidates[0];
  return best?.id ?? kit.yarns[0]!.id;
}

/** The machine of a kit with pins nearest to a number; of equals the chosen one. */
export function machineNear(kit: Kit, pins: number, chosen: string): Machine {
  const own = machineOf(kit, chosen);
  return kit.machines.reduce((best, m) => (Math.abs(m.pins - pins) < Math.abs(best.pins - pins) ? m : best), own);
}
