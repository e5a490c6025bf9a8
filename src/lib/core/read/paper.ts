import type { Point } from './sketch';

/**
 * The folded bag from paper coordinates (craft 7.13): a strip 3a long and a high, 0 to 3a along, 0 to a upwards. Every fold is a
 * reflection over a diagonal, so that where points come to lie follows and is drawn nowhere by hand.
 */

/** A point reflected over the line through two points. */
function reflected([x, y]: Point, [px, py]: Point, [qx, qy]: Point): Point {
  const [dx, dy] = [qx - px, qy - py];
  const t = ((x - px) * dx + (y - py) * dy) / (dx * dx + dy * dy);
  const [fx, fy] = [px + t * dx, py + t * dy];
  return [2 * fx - x, 2 * fy - y];
}

/** Layers of the bag after so many of its three folds, those in front last; and what becomes of a point of the strip. */
export function foldedBag(a: number, folds: 0 | 1 | 2 | 3) {
  // Seven pieces of paper between the creases: each keeps its place in the strip.
  const triangles: Record<'leftUp' | 'leftDown' | 'midUp' | 'midDown' | 'rightDown' | 'rightUp', Point[]> = {
    leftUp: [[0, a], [a, a], [a, 0]], // prettier-ignore
    leftDown: [[0, 0], [0, a], [a, 0]], // prettier-ignore
    midUp: [[a, 0], [a, a], [2 * a, a]], // prettier-ignore
    midDown: [[a, 0], [2 * a, 0], [2 * a, a]], // prettier-ignore
    rightDown: [[2 * a, a], [2 * a, 0], [3 * a, 0]], // prettier-ignore
    rightUp: [[2 * a, a], [3 * a, a], [3 * a, 0]] // prettier-ignore
  };
  const right = (p: Point): Point => reflected(p, [2 * a, a], [3 * a, 0]);
  const left = (p: Point): Point => reflected(p, [0, a], [a, 0]);
  const over = (p: Point): Point => reflected(p, [a, 0], [2 * a, a]);
  const where = (piece: keyof typeof triangles, p: Point): Point => {
    let q = p;
    if (folds >= 1 && piece === 'rightUp') q = right(q);
    if (folds >= 2 && piece === 'leftDown') q = left(q);
    if (folds >= 3 && (piece === 'rightUp' || piece === 'rightDown' || piece === 'midDown')) q = over(q);
    return q;
  };
  const order: readonly (keyof typeof triangles)[] = ['midUp', 'leftUp', 'leftDown', 'midDown', 'rightDown', 'rightUp'];
  return { layers: order.map((name) => ({ name, points: triangles[name].map((p) => where(name, p)) })), where };
}

/** Turns the finished bag so that its bottom edge, the middle's diagonal, lies level. */
export function upright([x, y]: Point, a: number): Point {
  const [dx, dy] = [x - a, y];
  return [(dx + dy) / Math.SQRT2, (dy - dx) / Math.SQRT2];
}
