import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { courseWhenStretched } from '../kit';
import { limbFit, ringRows } from './limbfit';
import { pompomMm, pompomYarnMm } from './pompom';
import { fillingGrams } from './stuffing';

const knitted = { pins: 22, courses: 2, wales: 1.35 };

describe('a tube over a limb', () => {
  it('22 pins at 1.35 are 16.3 cm round; a foot of 23 cm stretches them by 41 %', () => {
    expect(limbFit(230, knitted).stretch).toBeCloseTo(230 / (220 / 1.35) - 1, 9);
  });

  // Peirce 1947, from memory: a stitch x wider is x / 2 shorter.
  it('widening shortens: the course is c0 - (w - w0) / 2', () => {
    const fit = limbFit(230, knitted);
    expect(fit.courseMm).toBeCloseTo(5 - (230 / 22 - 10 / 1.35) / 2, 9);
    expect(fit.rowsFor(100)).toBeCloseTo(100 / fit.courseMm, 9);
  });

  it('a wider limb never needs fewer rows, and agrees with the stretched stitch', () => {
    fc.assert(
      fc.property(fc.integer({ min: 80, max: 900 }), fc.integer({ min: 1, max: 200 }), (girth, more) => {
        const [narrow, wide] = [limbFit(girth, knitted), limbFit(girth + more, knitted)];
        expect(wide.rowsFor(100)).toBeGreaterThanOrEqual(narrow.rowsFor(100) - 1e-9);
        expect(narrow.courseMm).toBe(courseWhenStretched(5, 10 / 1.35, girth / 22));
      })
    );
  });

  it.each([0, -5, NaN])('refuses a girth of %s', (girth) => {
    expect(() => limbFit(girth, knitted)).toThrow('must be above 0');
  });

  // Common practice (craft 7): headband near 85 rows on a large ring.
  it('round a head of 56 cm with 30 % of stretch: 86 rows at 2.0', () => {
    expect(ringRows(560, 2, 0.3)).toBeCloseTo(112 / 1.3, 9);
  });
});

describe('pompom and filling', () => {
  it('yarn is wraps x 2 x card width (craft 7)', () => {
    expect(pompomYarnMm(70, 75)).toBe(10_500);
    expect(pompomMm(75)).toBeLessThan(75);
  });

  /** Volume by slices: a cylinder whose ends are half balls, or one flattened ball where it is short. */
  const byslices = (girthMm: number, lengthMm: number): number => {
    const r = girthMm / (2 * Math.PI);
    const cap = Math.min(r, lengthMm / 2);
    const n = 20_000;
    let mm3 = 0;
    for (let i = 0; i < n; i++) {
      const z = ((i + 0.5) * lengthMm) / n;
      const into = Math.max(0, cap - Math.min(z, lengthMm - z)) / cap;
      mm3 += Math.PI * r * r * (1 - into * into) * (lengthMm / n);
    }
    return mm3;
  };

  it('filling follows the volume of the stuffed tube, slice by slice', () => {
    fc.assert(
      fc.property(fc.integer({ min: 60, max: 600 }), fc.integer({ min: 20, max: 500 }), (girth, length) => {
        const density = fillingGrams(1000, 1e6) / byslices(1000, 1e6);
        expect(fillingGrams(girth, length) / (byslices(girth, length) * density)).toBeCloseTo(1, 3);
      }),
      { numRuns: 25 }
    );
  });
});
