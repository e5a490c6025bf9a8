import { describe, expect, it } from 'vitest';
import { lineOf } from './line';

/** A picture of columns, each of one grey. */
const columns = (greys: readonly number[], height: number): Uint8ClampedArray =>
  new Uint8ClampedArray(Array.from({ length: height }, () => greys.flatMap((g) => [g, g, g, 255])).flat());

describe('colours along a line', () => {
  const greys = Array.from({ length: 40 }, (_, x) => 5 * x);
  it('are those the line crosses, in its direction', () => {
    const data = columns(greys, 20);
    const there = lineOf(data, 40, 20, { x: 0, y: 0.5 }, { x: 1, y: 0.5 }, 40).map(([r]) => r);
    const back = lineOf(data, 40, 20, { x: 1, y: 0.5 }, { x: 0, y: 0.5 }, 40).map(([r]) => r);
    expect([...there].sort((a, b) => a - b)).toEqual(there);
    expect([...back].sort((a, b) => b - a)).toEqual(back);
    expect(there[20]! - 5 * 20).toBeLessThanOrEqual(5);
  });

  it('what lies outside of the picture is left out of the mean', () => {
    const data = columns(greys.fill(80), 20);
    for (const [r] of lineOf(data, 40, 20, { x: 0, y: 0 }, { x: 1, y: 0 }, 10)) expect(r).toBe(80);
  });
});
