import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { slopeOf } from './slope';

// Heights of courses and how much of them is lost, so that some height is left at the widest that is asked for.
const slope = fc
  .record({
    a: fc.double({ min: 0.5, max: 40, noNaN: true }),
    /** b as a share of a: above 1 a course would vanish before the widest. */
    share: fc.oneof(fc.double({ min: 0.01, max: 3, noNaN: true }), fc.constant(1), fc.double({ min: 0.999_999, max: 1.000_001, noNaN: true })), // prettier-ignore
    begin: fc.double({ min: 0, max: 0.95, noNaN: true }),
    reach: fc.double({ min: 0.01, max: 1, noNaN: true })
  })
  .map(({ a, share, begin, reach }) => {
    // As far as a fiftieth of the height is left, and not beyond the widest.
    const widest = Math.asin(Math.min(1, 0.98 / share));
    const from = begin * widest;
    return { a, b: a * share, from, angle: reach * (widest - from) };
  });

describe('courses on a slope', () => {
  // Oracle: the integral itself, by 4,000 steps of Simpson's rule.
  it('are as many as the sum of thin slices', () => {
    fc.assert(
      fc.property(slope, ({ a, b, from, angle }) => {
        const steps = 4000;
        const height = (i: number): number => 1 / (a - b * Math.sin(from + (angle * i) / steps));
        let sum = height(0) + height(steps);
        for (let i = 1; i < steps; i++) sum += (i % 2 ? 4 : 2) * height(i);
        const rows = (angle / steps / 3) * sum;
        expect(slopeOf(a, b, from).rowsOver(angle) / rows).toBeCloseTo(1, 9);
      }),
      { numRuns: 500 }
    );
  });

  it('go there and back', () => {
    fc.assert(
      fc.property(slope, ({ a, b, from, angle }) => {
        const { after, rowsOver } = slopeOf(a, b, from);
        expect(Math.abs(after(rowsOver(angle)) - angle)).toBeLessThan(1e-9);
      }),
      { numRuns: 500 }
    );
  });

  // The definite integral of 1 / (a - b sin x) from 0 to pi/2, from memory of tables of integrals.
  it('have the value of the tables', () => {
    expect(slopeOf(1, 0.5, 0).rowsOver(Math.PI / 2)).toBeCloseTo((4 * Math.PI) / (3 * Math.sqrt(3)), 12);
    // With b = a it is tan(x / 2 + pi / 4) - 1, over a.
    expect(slopeOf(2, 2, 0).rowsOver(Math.PI / 4)).toBeCloseTo((Math.tan(Math.PI / 8 + Math.PI / 4) - 1) / 2, 12);
  });
});
