import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { box, disc, through } from './paths';

const length = fc.integer({ min: -500, max: 500 });
/** Every number of a path, in order: an oracle that knows nothing of pens. */
const numbers = (d: string): number[] => (d.match(/-?\d+(?:\.\d+)?/g) ?? []).map(Number);

describe('paths', () => {
  it('go through every point in its turn', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(length, length), { minLength: 1, maxLength: 9 }), (points) => {
        expect(numbers(through(points))).toEqual(points.flat());
        expect(through(points, true)).toBe(`${through(points)}Z`);
        expect(through(points).match(/L/g)?.length ?? 0).toBe(points.length - 1);
      })
    );
  });

  it('a circle stays its radius away from its middle', () => {
    const [x0, y0] = numbers(disc(10, 20, 5));
    expect(Math.hypot(x0! - 10, y0! - 20)).toBeCloseTo(5, 6);
    expect(disc(10, 20, 5)).toMatch(/A5,5,.*Z$/);
  });

  it('a box has its four corners', () => expect(box(1, 2, 3, 4)).toBe('M1,2h3v4h-3Z'));

  it('no number has more than two decimals', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -900, max: 900, noNaN: true }),
        fc.double({ min: 0.5, max: 90, noNaN: true }),
        (x, r) => {
          for (const d of [through([[x, r]]), disc(x, r, r), box(x, r, r, r)]) expect(d).not.toMatch(/\.\d{3}/);
        }
      )
    );
  });
});
