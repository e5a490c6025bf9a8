import type { Executed } from '../knit';
import { foldedBag } from './paper';
import { layRows, type Point, type SketchShape } from './sketch';

/** What of a convex shape lies on one side of an upright line: x at least, or at most, so much. */
function cut(points: readonly Point[], at: number, sign: 1 | -1): Point[] {
  const inside = ([x]: Point): boolean => sign * (x - at) >= 0;
  return points.flatMap((p, i): Point[] => {
    const q = points[(i + 1) % points.length]!;
    const kept = inside(p) ? [p] : [];
    if (inside(p) === inside(q)) return kept;
    const share = (at - p[0]) / (q[0] - p[0]);
    return [...kept, [at, p[1] + share * (q[1] - p[1])]];
  });
}

/** A layer of a folded bag in the colours of its rows. */
export interface BagLayer {
  readonly name: ReturnType<typeof foldedBag>['layers'][number]['name'];
  readonly shapes: readonly SketchShape[];
}

/**
 * The layers of a folded bag, each cut along its rows: a stripe runs over a fold as it does on the table.
 *
 * @param a height of the strip as it is drawn; its length is three of them
 * @param folds how many of its three folds are made
 */
export function bagLayers(run: Executed, p: number, a: number, folds: 0 | 1 | 2 | 3): BagLayer[] {
  const bag = foldedBag(a, folds);
  const bands = layRows(run, p, { origin: [0, a / 2], turn: 90, lengthMm: 3 * a, half: () => a / 2 });
  const flat = new Map(foldedBag(a, 0).layers.map(({ name, points }) => [name, points]));
  return bag.layers.map(({ name }) => ({
    name,
    shapes: bands.flatMap((band): SketchShape[] => {
      const xs = band.points.map(([x]) => x);
      const part = cut(cut(flat.get(name)!, Math.min(...xs), 1), Math.max(...xs), -1);
      return part.length < 3 ? [] : [{ ...band, points: part.map((point) => bag.where(name, point)) }];
    })
  }));
}
