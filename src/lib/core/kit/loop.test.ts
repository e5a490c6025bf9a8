import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { courseWhenStretched, diameterMm, loopLengthMm, mundenOf, NET_BELOW, STRUGGLE_ABOVE, tightness } from './loop';

describe("Munden's constants (Munden 1959, from memory)", () => {
  it('are consistent with one another: stitch density constant and loop shape', () => {
    // Published alongside: ks = kc kw near 19 rested and near 21.6 washed, kc / kw near 1.3.
    const rested = mundenOf('rested');
    const washed = mundenOf('washed');
    expect(rested.kc * rested.kw).toBeCloseTo(19, 0);
    expect(washed.kc * washed.kw).toBeCloseTo(21.6, 0);
    for (const { kc, kw } of [rested, washed]) expect(kc / kw).toBeGreaterThan(1.28);
    for (const { kc, kw } of [rested, washed]) expect(kc / kw).toBeLessThan(1.33);
  });

  it('give back the loop length they were made from', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 6, noNaN: true }),
        fc.constantFrom('rested' as const, 'washed' as const),
        (cm, state) => {
          const { kc, kw } = mundenOf(state);
          expect(loopLengthMm(kc / cm, kw / cm, state)).toBeCloseTo(10 * cm, 9);
        }
      )
    );
  });

  it('common practice of 2.0 rows and 1.35 stitches is a loop of 2.65 cm (craft 5)', () => {
    expect(loopLengthMm(2.0, 1.35, 'rested')).toBeCloseTo(26.5, 0);
    expect(() => loopLengthMm(0, 1, 'rested')).toThrow('gauge must be above 0');
  });
});

describe('tightness', () => {
  // Handbook sections 5 and 6, common practice, no source.
  it('judges two strands of 240 tex as one medium yarn, one as a net, 830 tex as a struggle', () => {
    expect(tightness(500, 26.5)).toBeCloseTo(8.4, 1);
    expect(tightness(480, 26.5)).toBeGreaterThan(NET_BELOW);
    expect(tightness(480, 26.5)).toBeLessThan(STRUGGLE_ABOVE);
    expect(tightness(240, 26.5)).toBeLessThan(NET_BELOW);
    expect(tightness(830, 26.5)).toBeGreaterThan(STRUGGLE_ABOVE);
  });

  it('a yarn of given diameter weighs what its tex says', () => {
    const d = diameterMm(500) / 10;
    expect(((Math.PI * d * d) / 4) * 0.5 * 1e5).toBeCloseTo(500, 9);
  });
});

describe('courseWhenStretched', () => {
  it("keeps Peirce's loop: what the width gains, two heights lose (Peirce 1947, from memory)", () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 5, noNaN: true }), (x) => {
        const c = courseWhenStretched(5, 7.4, 7.4 + x);
        if (c > 0.601 * 5) expect(2 * c + (7.4 + x)).toBeCloseTo(2 * 5 + 7.4, 9);
        else expect(c).toBeCloseTo(3, 1);
      })
    );
    expect(courseWhenStretched(5, 7.4, 3)).toBe(5);
  });
});
