import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { perCm } from '../kit';
import { convertCount, convertGauge } from './gauge';

describe('convertGauge', () => {
  it('20 stitches and 28 rows to 10 cm against 26.0 and 9.5 cm: 0.7692 and 0.7519 (craft 5)', () => {
    const factors = convertGauge(
      perCm({ as: 'counts', stitches: 20, rows: 28 }),
      perCm({ as: 'lengths', cmTo40Stitches: 26, cmTo20Rows: 9.5 })
    );
    expect(factors.stitchFactor).toBeCloseTo(20 / 26, 12);
    expect(factors.stitchFactor.toFixed(4)).toBe('0.7692');
    expect(Math.abs(factors.rowFactor - 50 / 7 / 9.5)).toBeLessThan(1e-9);
    expect(factors.rowFactor.toFixed(4)).toBe('0.7519');
  });

  it('a pattern converted has the same width and length, for any two gauges', () => {
    const some = fc.double({ min: 0.3, max: 5, noNaN: true });
    fc.assert(
      fc.property(some, some, some, some, fc.integer({ min: 1, max: 900 }), (a, b, c, d, count) => {
        const { stitchFactor, rowFactor } = convertGauge({ courses: a, wales: b }, { courses: c, wales: d });
        expect((count * stitchFactor) / d).toBeCloseTo(count / b, 9);
        expect((count * rowFactor) / c).toBeCloseTo(count / a, 9);
      })
    );
  });

  it('refuses a gauge of nothing, by name', () => {
    expect(() => convertGauge({ courses: 0, wales: 1 }, { courses: 1, wales: 1 })).toThrow(
      'courses must be above 0; received 0'
    );
  });

  it('rounds a count and says what that makes of the size', () => {
    expect(convertCount(20, 20 / 26)).toMatchObject({ whole: 15 });
    expect(convertCount(20, 20 / 26).offPercent).toBeCloseTo(-2.5, 9);
    expect(convertCount(1, 0.2).whole).toBe(1);
  });
});
