import fc from 'fast-check';
import { XMLParser } from 'fast-xml-parser';
import { describe, expect, it } from 'vitest';
import { sceneSvg } from '$lib/formats/svg';
import { lyingScene, uprightScene } from './bars';
import { gaugeScene } from './gauge-lines';
import { offPlanScene } from './off-plan';
import type { Scene } from '../scene';

const size = fc.record({ width: fc.integer({ min: 260, max: 1200 }), height: fc.integer({ min: 160, max: 400 }) });
const day = fc.date({ min: new Date('2020-01-01'), max: new Date('2030-01-01'), noInvalidDate: true });
const label = 'chart';
const words = { label, percent: (n: number) => `${n} %`, day: (at: Date) => at.toISOString().slice(0, 10), point: (p: { name: string }) => p.name }; // prettier-ignore

/** Every absolute place of a path, and every text. */
function places({ shapes }: Scene): [number, number][] {
  return shapes.flatMap((s): [number, number][] => {
    if (s.shape === 'text') return [[s.x, s.y]];
    const found = [...s.d.matchAll(/[ML](-?[\d.]+)[ ,](-?[\d.]+)/g)];
    return found.map((m): [number, number] => [Number(m[1]), Number(m[2])]);
  });
}

/** The picture lies within its frame, is made of numbers, and is sound XML. */
function sound(scene: Scene): void {
  for (const [x, y] of places(scene)) {
    expect(x).toBeGreaterThanOrEqual(-0.01);
    expect(x).toBeLessThanOrEqual(scene.width + 0.01);
    expect(y).toBeGreaterThanOrEqual(-0.01);
    expect(y).toBeLessThanOrEqual(scene.height + 0.01);
  }
  const svg = sceneSvg(scene);
  expect(svg).not.toMatch(/NaN|Infinity|undefined/);
  expect(() => new XMLParser({ ignoreAttributes: false }).parse(svg, true) as unknown).not.toThrow();
}

describe('charts of the log', () => {
  it('measured against planned: a dot for every figure that had a plan, higher where more came out', () => {
    const point = fc.record({ name: fc.string({ maxLength: 20 }), label: fc.constant('Length'), unit: fc.constant('mm' as const), got: fc.integer({ min: 1, max: 3000 }), planned: fc.integer({ min: 0, max: 3000 }), at: day }).map((p) => ({ ...p, low: p.planned * 0.95, high: p.planned * 1.05 })); // prettier-ignore
    fc.assert(
      fc.property(fc.array(point, { maxLength: 40 }), size, (points, room) => {
        const scene = offPlanScene(points, room, words);
        sound(scene);
        const known = points.filter((p) => p.planned > 0);
        const dots = scene.shapes.flatMap((s) => (s.shape === 'path' && s.title !== undefined ? [s] : []));
        expect(dots).toHaveLength(known.length);
        const heights = dots.map((s) => Number(/^M[-\d.]+,([-\d.]+)/.exec(s.d)![1]));
        known.forEach((p, i) =>
          known.forEach((q, j) => {
            if (p.got / p.planned > q.got / q.planned) expect(heights[i]).toBeLessThanOrEqual(heights[j]! + 0.01);
          })
        );
      })
    );
  });

  it('bars that stand: as high as they count', () => {
    const bars = fc.array(fc.nat(5000), { minLength: 1, maxLength: 30 }).map((list) => list.map((value, i) => ({ label: `w${i}`, value, title: `t${i}` }))); // prettier-ignore
    fc.assert(
      fc.property(bars, size, (list, room) => {
        const scene = uprightScene(list, room, label);
        sound(scene);
        const heights = scene.shapes.flatMap((s) => (s.shape === 'path' && s.title ? [[Number(s.title.slice(1)), Number(/v(-?[\d.]+)h/.exec(s.d)![1])] as const] : [])); // prettier-ignore
        const most = Math.max(...list.map((b) => b.value));
        for (const [i, height] of heights) {
          const tallest = heights.find(([k]) => list[k]!.value === most)![1];
          expect(height / tallest).toBeCloseTo(list[i]!.value / most, 1);
        }
      })
    );
  });

  it('bars that lie: parts follow one another and add up', () => {
    const parts = fc.array(fc.integer({ min: 0, max: 400 }), { minLength: 1, maxLength: 3 });
    fc.assert(
      fc.property(
        fc.array(parts, { minLength: 1, maxLength: 12 }),
        fc.integer({ min: 260, max: 1200 }),
        (list, width) => {
          const bars = list.map((values, i) => ({ label: `yarn of a long name number ${i}`, said: '1 g', parts: values.map((value) => ({ value, fill: { ink: 'text' } as const, title: 'part' })) })); // prettier-ignore
          const scene = lyingScene(bars, width, label);
          sound(scene);
          const drawn = scene.shapes.filter((s) => s.shape === 'path').length;
          expect(drawn).toBe(list.flat().filter((n) => n > 0).length);
        }
      )
    );
  });

  it('gauges over time: a dot for each, a line and a name for each article, names apart', () => {
    const point = fc.record({ article: fc.constantFrom('Reedwick', 'Millbarrow', 'Quickstep sock of a long name'), hex: fc.constant('#c2552d'), at: day, perCm: fc.double({ min: 1, max: 4, noNaN: true }), title: fc.constant('dot') }); // prettier-ignore
    fc.assert(
      fc.property(fc.array(point, { maxLength: 30 }), size, (points, room) => {
        const scene = gaugeScene(points, room, words);
        sound(scene);
        expect(scene.shapes.filter((s) => s.shape === 'path' && s.title === 'dot')).toHaveLength(points.length);
        const names = scene.shapes.flatMap((s) => (s.shape === 'text' && s.ink === 'text' ? [s.y] : [])).sort((a, b) => a - b); // prettier-ignore
        expect(names).toHaveLength(new Set(points.map((p) => p.article)).size);
        for (let i = 1; i < names.length; i++) expect(names[i]! - names[i - 1]!).toBeGreaterThanOrEqual(11.9);
      })
    );
  });
});
