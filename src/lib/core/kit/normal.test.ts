import { erf } from 'mathjs';
import { describe, expect, it } from 'vitest';
import { combined, NINE_TENTHS, nineTenths } from './normal';

describe('the normal distribution', () => {
  it('nine tenths lie within 1.6449 standard deviations (tables; the error function of mathjs)', () => {
    expect(erf(NINE_TENTHS / Math.SQRT2)).toBeCloseTo(0.9, 6);
    expect(NINE_TENTHS.toFixed(4)).toBe('1.6449');
  });
  it('both ends stand as far from the mean', () => {
    const { low, high } = nineTenths({ mean: 2, sd: 0.1 });
    expect(2 - low).toBeCloseTo(high - 2, 12);
    expect(high - 2).toBeCloseTo(0.16449, 5);
  });
  it('independent errors add by their squares', () => {
    expect(combined(3, 4)).toBe(5);
    expect(combined(0.02)).toBe(0.02);
    expect(combined()).toBe(0);
  });
});
