import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { colourDifference } from '$lib/core/kit';
import { paletteOf } from './palette';

/** A picture of plain fields, each so many pixels. */
const fields = (list: readonly (readonly [hex: string, pixels: number])[]): Uint8ClampedArray =>
  new Uint8ClampedArray(list.flatMap(([hex, n]) => Array.from({ length: n }, () => [1, 3, 5].map((i) => parseInt(hex.slice(i, i + 2), 16)).concat(255)).flat())); // prettier-ignore

describe('the colours of a photograph', () => {
  it('are found in a picture of plain fields, the largest first', () => {
    const found = paletteOf(fields([['#205080', 400], ['#b03020', 900], ['#e0d0a0', 100]]), 5); // prettier-ignore
    expect(found).toEqual(['#b03020', '#205080', '#e0d0a0']);
  });

  it('are near those that are there where there are many shades', () => {
    const shade = (hex: string, by: number): string => `#${[1, 3, 5].map((i) => Math.min(255, Math.max(0, parseInt(hex.slice(i, i + 2), 16) + by)).toString(16).padStart(2, '0')).join('')}`; // prettier-ignore
    const list = ['#205080', '#b03020', '#d8c890'].flatMap((hex) => Array.from({ length: 12 }, (_, k) => [shade(hex, k - 6), 40] as const)); // prettier-ignore
    const found = paletteOf(fields(list), 3);
    for (const hex of ['#205080', '#b03020', '#d8c890'])
      expect(Math.min(...found.map((f) => colourDifference(f, hex)))).toBeLessThan(12);
  });

  it('are colours where the cut leaves an empty box at the edge of all colours', () => {
    const found = paletteOf(new Uint8ClampedArray([8, 0, 0, 128, 0, 72, 248, 128, 0, 72, 248, 128, 0, 32, 248, 128]), 2); // prettier-ignore
    expect(found).toEqual(['#003bf8', '#080000']);
  });

  it('are colours for any pixels at all, and none for a clear picture', () => {
    const pixel = fc.tuple(...[0, 1, 2, 3].map(() => fc.integer({ min: 0, max: 255 })));
    fc.assert(
      fc.property(fc.array(pixel, { maxLength: 60 }), fc.integer({ min: 2, max: 8 }), (pixels, count) => {
        const found = paletteOf(new Uint8ClampedArray(pixels.flat()), count);
        expect(found.length).toBeLessThanOrEqual(count);
        for (const hex of found) expect(hex).toMatch(/^#[0-9a-f]{6}$/);
        if (pixels.every((p) => p[3]! < 128)) expect(found).toEqual([]);
      })
    );
  });
});
