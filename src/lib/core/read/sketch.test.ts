import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { made } from '../../../../tests/support/sample';
import type { Join } from '../plan';
import type { Result } from '../tomble';
import { edgeSize } from './edge';
import { lengthMmOf, lengthOfRows } from '../knit';
import { areaOf, layPanel, panelAreaMm2 } from './panel';
import { bent, box, circle, layRows, pointOn, slab, tubeHalf } from './sketch';

const tube = made('free-tube', { start: 'straight', end: 'straight', sections: [{ yarn: 'red', rows: 30 }, { yarn: 'blue', rows: 10 }, { yarn: 'red', rows: 20 }] }); // prettier-ignore

describe('laying rows out', () => {
  it('a turn of 0 goes down, of 90 to the right, and sides stay at right angles', () => {
    expect(pointOn({ origin: [5, 7], turn: 0 }, 10, 3)).toEqual([8, 17]);
    const [x, y] = pointOn({ origin: [0, 0], turn: 90 }, 10, 3);
    expect([x, y].map((n) => Math.round(n * 1e9) / 1e9)).toEqual([10, -3]);
    fc.assert(
      fc.property(fc.integer({ min: -180, max: 180 }), fc.integer({ min: 1, max: 99 }), (turn, side) => {
        const lay = { origin: [0, 0] as const, turn };
        const [ax, ay] = pointOn(lay, 50, 0);
        const [bx, by] = pointOn(lay, 50, side);
        expect(Math.hypot(ax, ay)).toBeCloseTo(50, 9);
        expect(Math.hypot(bx - ax, by - ay)).toBeCloseTo(side, 9);
        expect(ax * (bx - ax) + ay * (by - ay)).toBeCloseTo(0, 6);
      })
    );
  });

  it('a straight slab has the area of its rectangle, wherever it points', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -180, max: 180 }),
        fc.integer({ min: 10, max: 400 }),
        fc.integer({ min: 5, max: 99 }),
        (turn, lengthMm, half) => {
          // prettier-ignore
          const points = slab({ origin: [3, 4], turn, lengthMm, half: () => half }, 0, 1);
          expect(areaOf(points)).toBeCloseTo(lengthMm * 2 * half, 4);
        }
      )
    );
  });

  it('bands follow one another, each with the share of its rows', () => {
    const shapes = layRows(tube, 0, { origin: [0, 0], lengthMm: 600, half: () => 50 });
    expect(shapes.map((s) => Math.round(areaOf(s.points)))).toEqual([30_000, 10_000, 20_000]);
    const tops = shapes.map((s) => Math.min(...s.points.map(([, y]) => y)));
    expect(tops.map(Math.round)).toEqual([0, 300, 400]);
    const reversed = layRows(tube, 0, { origin: [0, 0], lengthMm: 600, half: () => 50, lastFirst: true });
    expect(reversed.map((s) => Math.round(Math.min(...s.points.map(([, y]) => y))))).toEqual([300, 200, 0]);
  });

  it('a part of the rows is laid alone', () => {
    const shapes = layRows(tube, 0, { origin: [0, 0], lengthMm: 100, half: () => 50, rows: { from: 25, to: 45 } });
    expect(shapes.map((s) => [s.title, s.rows])).toEqual([
      ['Tube: red', { from: 26, to: 30 }],
      ['Tube: blue', { from: 31, to: 40 }],
      ['Tube: red', { from: 41, to: 45 }]
    ]);
  });

  it('drawn ends round off, waists pinch, open ends do neither', () => {
    const open = tubeHalf(40, 300, ['open', 'open']);
    expect([0, 0.5, 1].map(open)).toEqual([40, 40, 40]);
    const drawn = tubeHalf(40, 300, ['drawn', 'open']);
    expect(drawn(0)).toBeLessThan(10);
    expect(drawn(0.5)).toBe(40);
    const waist = tubeHalf(40, 300, ['open', 'open'], [150]);
    expect(waist(0.5)).toBeCloseTo(0.45 * 40, 6);
    expect(waist(0.9)).toBe(40);
  });

  it('bending keeps a shape that is not moved, and moves every point else', () => {
    const square = { points: box(0, 0, 60, 30), yarn: null, title: 'Square' };
    expect(areaOf(bent(square, (p) => p).points)).toBeCloseTo(1800, 6);
    expect(areaOf(bent(square, ([x, y]) => [x + y / 3, y]).points)).toBeCloseTo(1800, 6);
    expect(bent(square, (p) => p).points.length).toBeGreaterThan(10);
  });

  it('a circle of many points has nearly its area', () => {
    expect(areaOf(circle(0, 0, 10, 200)) / (Math.PI * 100)).toBeCloseTo(1, 3);
  });
});

describe('lengths of rows', () => {
  it('add up: any cut of a piece is as long as the whole', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 59 }), (cut) => {
        const whole = lengthOfRows(tube, 0, 1, 60);
        expect(lengthOfRows(tube, 0, 1, cut) + lengthOfRows(tube, 0, cut + 1, 60)).toBeCloseTo(whole, 9);
      })
    );
    expect(lengthOfRows(tube, 0, 1, 60)).toBeCloseTo(300, 9);
  });
  it('doubled rows count half', () => {
    const hat = made('brim-hat', { sizeBy: 'rows', brimRows: 20, bodyRows: 30 });
    expect(lengthMmOf(hat, 0)).toBeCloseTo((10 + 30) * 5, 9);
  });
});

describe('edges', () => {
  const waistcoat = made('waistcoat');
  const of = (result: Result, name: string) =>
    result.plan.acts.find((act) => act.do === 'join' && act.name === name) as Join;
  it('a side is its rows, a shoulder its stitches', () => {
    const side = edgeSize(waistcoat, of(waistcoat, 'side-left').a[0]!);
    expect(side).toMatchObject({ unit: 'rows' });
    expect(side.mm).toBeCloseTo(side.count * 5, 9);
    const shoulder = edgeSize(waistcoat, of(waistcoat, 'shoulder-left').a[0]!);
    expect(shoulder).toMatchObject({ unit: 'stitches' });
    expect(shoulder.mm).toBeCloseTo((shoulder.count * 10) / 1.35, 9);
  });
  it('sloped shoulders are counted from the thread', () => {
    const sloped = made('waistcoat', { shoulders: 'sloped' });
    const { a, b } = of(sloped, 'shoulder-right');
    expect(a[0]!.run).toBe('held');
    expect(edgeSize(sloped, a[0]!).count).toBe(edgeSize(sloped, b[0]!).count);
  });
  it('a ladder counts its rungs, an end its stitches less what was dropped', () => {
    const wrap = made('wrap', { sizeBy: 'rows', rows: 100, sleeveRows: 30, neckRows: 40 });
    const chain = wrap.plan.acts.find((act) => act.do === 'chainRungs')!;
    expect(edgeSize(wrap, chain.segments[0]!.a).count).toBe(30);
    // The loops that run down are left out of the seam that closes the end.
    const close = wrap.worked.seams.find((seam) => seam.name === 'end-last')!;
    expect(close.a.count + close.b.count).toBe(46);
  });
});

describe('panels laid flat', () => {
  it('are as high as their rows and as wide as their widest', () => {
    const lay = layPanel(made('panel', { widthMm: 250, lengthMm: 400 }), 0);
    expect(lay.heightMm).toBeCloseTo(400, 6);
    expect(lay.widthMm).toBeCloseTo((34 * 10) / 1.35, 6);
  });
  it('floats widen them between the pins', () => {
    const wide = made('wide-panel', { pins: 44 });
    const lay = layPanel(wide, 0);
    expect(panelAreaMm2(wide, 0)).toBeCloseTo(areaOf(lay.outline), 3);
    // 44 pins, 6 groups: two pins more than they need, one at either edge.
    const firstPin = wide.fabric.pieces[0]!.firstPin + 1;
    const stitch = 10 / 1.35;
    expect(lay.xAt(firstPin + 5) - lay.xAt(firstPin)).toBeCloseTo(5 * stitch, 6);
    expect(lay.xAt(firstPin + 6) - lay.xAt(firstPin + 5)).toBeCloseTo(7 * stitch, 6);
  });
});
