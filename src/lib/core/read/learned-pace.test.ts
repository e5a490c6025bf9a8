import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { learnedPace } from './learned-pace';

const steady = (perMinute: number, rows: number): number[] => Array.from({ length: rows }, (_, i) => (i * 60_000) / perMinute); // prettier-ignore

describe('the pace of a hand, learned', () => {
  it('tubes and panels apart, the usual piece of each, whatever one bad evening was like', () => {
    fc.assert(
      fc.property(fc.integer({ min: 5, max: 60 }), fc.integer({ min: 5, max: 60 }), fc.integer({ min: 31, max: 200 }), (tube, panel, rows) => {
        const cranked = [
          { tube: true, at: steady(tube, rows) },
          { tube: true, at: steady(tube, rows) },
          // One evening at a fifth of the pace.
          { tube: true, at: steady(tube / 2, rows) },
          { tube: false, at: steady(panel, rows) }
        ];
        expect(learnedPace(cranked, true)!.perMinute).toBeCloseTo(tube, 6);
        expect(learnedPace(cranked, true)).toMatchObject({ pieces: 3, rows: 3 * rows });
        expect(learnedPace(cranked, false)!.perMinute).toBeCloseTo(panel, 6);
      })
    ); // prettier-ignore
  });

  it('is not told by a few rows, nor by none', () => {
    expect(learnedPace([], true)).toBeNull();
    expect(learnedPace([{ tube: true, at: steady(20, 29) }], true)).toBeNull();
    expect(learnedPace([{ tube: false, at: steady(20, 90) }], true)).toBeNull();
  });
});
