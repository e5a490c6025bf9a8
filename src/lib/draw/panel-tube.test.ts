import { describe, expect, it } from 'vitest';
import { made, withLadder } from '../../../tests/support/sample';
import type { Result } from '$lib/core/tomble';
import type { PathShape, Scene } from './scene';
import { tubeScene } from './tube';

const view = { width: 260, height: 800, rowsDone: null as number | null, slim: false };
const draw = (kind: string, options: object = {}, piece = 0, rowsDone: number | null = null): Scene =>
  sceneOf(made(kind, options), piece, rowsDone);
const sceneOf = (result: Result, piece = 0, rowsDone: number | null = null): Scene => {
  const tube = result.outline.tubes[piece]!;
  return tubeScene(tube, result.yarns, tube.pins, { ...view, rowsDone });
};
const bands = (scene: Scene): PathShape[] =>
  scene.shapes.filter((s): s is PathShape => s.shape === 'path' && 'knit' in s.fill);
const corners = (d: string): [number, number][] =>
  [...d.matchAll(/(-?[\d.]+)[ ,](-?[\d.]+)/g)].map((m) => [Number(m[1]), Number(m[2])]);

describe('a panel as it hangs', () => {
  it('narrows where it is decreased: a pennant is a triangle with its point under the ring', () => {
    const [pennant] = bands(draw('pennant'));
    const points = corners(pennant!.d);
    const ys = points.map(([, y]) => y);
    const widthNear = (y: number): number => {
      const xs = points.filter((p) => Math.abs(p[1] - y) < 12).map(([x]) => x);
      return Math.max(...xs) - Math.min(...xs);
    };
    expect(widthNear(Math.max(...ys))).toBeGreaterThan(4 * widthNear(Math.min(...ys)));
  });

  it('shaping is one band: its section is not cut into stripes', () => {
    expect(bands(draw('pennant'))).toHaveLength(1);
    // Waste and work of a waistcoat's back.
    expect(bands(draw('waistcoat'))).toHaveLength(2);
  });

  it('at the crank only what is knitted has its shape', () => {
    const whole = corners(bands(draw('waistcoat'))[1]!.d).map(([x]) => x);
    const half = corners(bands(draw('waistcoat', {}, 0, 40))[1]!.d).map(([x]) => x);
    const width = (xs: number[]): number => Math.max(...xs) - Math.min(...xs);
    expect(new Set(half.map((x) => Math.round(x))).size).toBe(2);
    expect(new Set(whole.map((x) => Math.round(x))).size).toBeGreaterThan(3);
    expect(width(half)).toBeCloseTo(width(whole), 1);
  });

  it('a mirror image leans to the other side', () => {
    const xs = (piece: number): number[] => corners(bands(draw('waistcoat', {}, piece))[1]!.d).map(([x]) => x);
    const middle = 46 + (260 - 46 - 52) / 2;
    const flipped = xs(1).map((x) => 2 * middle - x);
    expect(Math.min(...xs(0))).toBeCloseTo(Math.min(...flipped), 1);
    const sum = (list: number[]): number => list.reduce((a, b) => a + b, 0);
    expect(sum(xs(0)) / xs(0).length).toBeCloseTo(sum(flipped) / flipped.length, 1);
  });
});

describe('a cord as it hangs', () => {
  it('is a narrow strip without a round edge, under a whole ring', () => {
    const result = made('garland');
    const tube = result.outline.tubes[0]!;
    expect(tube).toMatchObject({ flat: true, stitchesAcross: 3 });
    const xs = corners(bands(draw('garland'))[0]!.d).map(([x]) => x);
    expect(Math.max(...xs) - Math.min(...xs)).toBeLessThan(60);
  });
});

describe('a tube with ladders', () => {
  it('shows the ladders that can be seen from in front', () => {
    const laddered = withLadder();
    const ladders = sceneOf(laddered).shapes.filter((s) => s.shape === 'path' && s.title?.startsWith('Ladder'));
    expect(ladders.length).toBeGreaterThan(0);
    expect(ladders.length).toBeLessThanOrEqual(2);
  });
  it('other tubes have none', () => {
    expect(draw('scarf').shapes.some((s) => s.shape === 'path' && s.title?.startsWith('Ladder'))).toBe(false);
  });
});

describe('a doubled edge as it hangs', () => {
  it('is marked at its fold: half of the lifted rows', () => {
    const result = made('sack', { channelRows: 10, waste: 'few' });
    expect(result.outline.tubes[0]!.fold).toMatchObject({ row: 10 });
  });
});
