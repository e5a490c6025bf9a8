import { polygonArea } from 'd3-polygon';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { made } from '../../../../tests/support/sample';
import { bagLayers } from './bag-bands';
import { foldedBag, upright } from './paper';
import { layRows, type Point, type SketchShape } from './sketch';

const height = fc.double({ min: 50, max: 300, noNaN: true });
const near = ([x, y]: Point, [u, v]: Point): boolean => Math.hypot(x - u, y - v) < 1e-6;

/** Where a place of the strip comes to lie when all three folds are made. */
const lands = (a: number) => {
  const bag = foldedBag(a, 3);
  return (piece: Parameters<typeof bag.where>[0], p: Point): Point => upright(bag.where(piece, p), a);
};

describe('the bag folded from paper (craft 7.13)', () => {
  it('is a root 2 wide, half of that high, and its tips as high again', () => {
    fc.assert(
      fc.property(height, (a) => {
        const points = foldedBag(a, 3).layers.flatMap((layer) => layer.points.map((p) => upright(p, a)));
        const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
        expect(Math.min(...ys)).toBeCloseTo(0, 6);
        expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(a * Math.SQRT2, 6);
        // The notch half way up, the tips twice as high.
        expect(Math.max(...ys)).toBeCloseTo(2 * a * Math.SQRT1_2, 6);
        const at = lands(a);
        expect(at('rightUp', [3 * a, 0])[1]).toBeCloseTo(a * Math.SQRT2, 6);
        expect(at('leftDown', [0, a])[1]).toBeCloseTo(a * Math.SQRT2, 6);
      })
    );
  });

  it('brings the edges of both seams onto each other, point by point, and they begin in the bottom corners', () => {
    fc.assert(
      fc.property(height, fc.double({ min: 0, max: 1, noNaN: true }), (a, share) => {
        const at = lands(a);
        const s = share * a;
        expect(near(at('rightUp', [2 * a + s, a]), at('midUp', [2 * a - s, a]))).toBe(true);
        expect(near(at('leftDown', [a - s, 0]), at('midDown', [a + s, 0]))).toBe(true);
        expect(at('midUp', [2 * a, a])[1]).toBeCloseTo(0, 6);
        expect(at('midDown', [a, 0])[1]).toBeCloseTo(0, 6);
      })
    );
  });

  it('keeps every row of its colours: the layers of a striped bag cover the strip once, folded or not', () => {
    const bag = made('folded-bag', { style: 'two', stripeRows: 12 });
    for (const folds of [0, 1, 2, 3] as const) {
      const shapes = bagLayers(bag, 0, 100, folds).flatMap((layer) => layer.shapes);
      const flat = layRows(bag, 0, { origin: [0, 50], turn: 90, lengthMm: 300, half: () => 50 });
      expect(new Set(flat.map((s) => s.yarn)).size).toBe(2);
      const byYarn = (of: readonly SketchShape[], yarn: number): number =>
        of.filter((s) => s.yarn === yarn).reduce((sum, s) => sum + Math.abs(polygonArea(s.points.map((p): [number, number] => [...p]))), 0); // prettier-ignore
      for (const yarn of new Set(flat.map((s) => s.yarn!))) expect(byYarn(shapes, yarn)).toBeCloseTo(byYarn(flat, yarn), 4); // prettier-ignore
    }
  });

  it('is what Plan says of a bag: width, height, and an opening of four times its height', () => {
    const bag = made('folded-bag');
    const a = bag.sizes.pieces[0]!.flatWidthMm.value;
    const figure = (code: string): number => bag.sizes.finished.find((f) => f.code === code)!.figure.value;
    expect(figure('wide')).toBeCloseTo(a * Math.SQRT2, 6);
    expect(figure('high')).toBeCloseTo(a * Math.SQRT1_2, 6);
    expect(Math.abs(figure('mouth') - 4 * a)).toBeLessThan(11);
  });
});
