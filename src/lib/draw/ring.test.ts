import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Machine } from '$lib/core/kit';
import { ringScene } from './ring';
import type { PathShape, TextShape } from './scene';

const machine = (more: object = {}): Machine => Machine.parse({ id: 'm', name: 'Wheel', pins: 48, ...more });
const titles = (m: Machine): string[] =>
  ringScene(m, 340).shapes.flatMap((s) => (s.shape === 'path' && s.title ? [s.title] : []));

describe('the ring from above', () => {
  it('PANEL with the whole ring cast on loses two at either end (craft 1)', () => {
    const lost = titles(machine()).filter((t) => t.includes('lost'));
    expect(lost.map((t) => Number(/Pin (\d+)/.exec(t)![1]))).toEqual([1, 2, 47, 48]);
    expect(ringScene(machine(), 340).shapes.some((s) => s.shape === 'text' && s.text === '44 in a full panel')).toBe(
      true
    );
  });

  it('the marker is the first pin or the last, or a few of them', () => {
    const marked = (more: object): number[] =>
      titles(machine(more))
        .filter((t) => t.includes('marker'))
        .map((t) => Number(/Pin (\d+)/.exec(t)![1]));
    expect(marked({})).toEqual([1]);
    expect(marked({ marker: { kind: 'dark-among-light', counts: 'last' } })).toEqual([48]);
    expect(marked({ marker: { kind: 'several', counts: 'first' } })).toEqual([1, 2, 3]);
  });

  it('slots without numbers have none', () => {
    const numbers = (m: Machine): number =>
      ringScene(m, 340).shapes.filter((s): s is TextShape => s.shape === 'text' && s.size === 12).length;
    expect(numbers(machine())).toBe(13);
    expect(numbers(machine({ numbered: false }))).toBe(0);
  });

  it('any ring: every pin once, all on one circle, at equal distances, inside the picture', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 4, max: 200 }),
        fc.integer({ min: 0, max: 6 }),
        fc.integer({ min: 0, max: 6 }),
        (pins, start, end) => {
          const scene = ringScene(machine({ pins, reach: { start, end } }), 340);
          const dots = scene.shapes.filter((s): s is PathShape => s.shape === 'path' && s.title !== undefined);
          expect(dots).toHaveLength(pins);
          const centres = dots.map((s) => {
            const [, x, y, r] = /^M([-\d.]+),([-\d.]+)A([\d.]+)/.exec(s.d)!;
            return [Number(x) - Number(r) - 170, Number(y) - 170] as const;
          });
          for (const [x, y] of centres) expect(Math.hypot(x, y)).toBeCloseTo(170 * 0.74 * 0.98, 0);
          const step = (2 * Math.PI) / pins;
          for (let i = 1; i < pins; i++) {
            const [ax, ay] = centres[i - 1]!;
            const [bx, by] = centres[i]!;
            expect(Math.hypot(ax - bx, ay - by)).toBeCloseTo(2 * 170 * 0.74 * 0.98 * Math.sin(step / 2), 0);
          }
          expect(scene.label).toContain(`${Math.min(pins, start + end)} stitches lost`);
        }
      ),
      { numRuns: 60 }
    );
  });
});
