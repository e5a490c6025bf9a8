import { describe, expect, it } from 'vitest';
import { HEAD_SIZES, PRETERM_HEADS } from './head-sizes';
import { measureOf, MEASURES, SIZE_TABLES } from './measures';

const INCH = 25.4;
const table = (title: string) => SIZE_TABLES.find((t) => t.title.startsWith(title))!;

describe('size tables', () => {
  // From memory of the Craft Yarn Council's sizing standards, chest in inches, written out a second time on purpose.
  it.each([
    ['XS', 29],
    ['S', 33],
    ['M', 37],
    ['L', 41],
    ['1X', 45],
    ['2X', 49],
    ['3X', 53],
    ['4X', 55],
    ['5X', 61]
  ])('women %s: chest %i in', (size, inches) => {
    const found = table('Women').sizes.find((s) => s.size === size)!;
    expect(Math.abs(found.measures['chest']! - inches * INCH)).toBeLessThan(0.5);
  });

  it.each([
    ['2 years', 21],
    ['6 years', 25],
    ['12 years', 30]
  ])('children of %s: chest %i in', (size, inches) => {
    const found = table('Children').sizes.find((s) => s.size === size)!;
    expect(Math.abs(found.measures['chest']! - inches * INCH)).toBeLessThan(0.5);
  });

  it.each(SIZE_TABLES.map((t) => [t.title, t] as const))(
    '%s: known measures within their limits, growing, with a source',
    (_title, t) => {
      expect(t.source).toMatch(/from memory of|common practice, no source/);
      const codes = Object.keys(t.sizes[0]!.measures);
      for (const { measures } of t.sizes) {
        expect(Object.keys(measures)).toEqual(codes);
        for (const [code, mm] of Object.entries(measures)) {
          const limits = measureOf(code)!;
          expect(mm).toBeGreaterThanOrEqual(limits.minMm);
          expect(mm).toBeLessThanOrEqual(limits.maxMm);
        }
      }
    }
  );

  it('bodies grow from size to size', () => {
    for (const t of SIZE_TABLES.filter((s) => !/^(Mugs|Bottles)/.test(s.title))) {
      for (const code of Object.keys(t.sizes[0]!.measures)) {
        const values = t.sizes.map((s) => s.measures[code]!);
        expect(values, `${t.title}, ${code}`).toEqual(values.toSorted((a, b) => a - b));
      }
    }
    for (const heads of [HEAD_SIZES, PRETERM_HEADS].map((sizes) => sizes.map((h) => h.girthMm)))
      expect(heads).toEqual(heads.toSorted((a, b) => a - b));
  });

  // From memory of published growth tables, in cm, written out a second time on purpose.
  it.each([
    ['Newborn', 35],
    ['3 months', 40],
    ['6 months', 43],
    ['1 year', 46],
    ['2 years', 48.5],
    ['4 years', 50.5],
    ['6 years', 51.5],
    ['8 years', 52.5],
    ['10 years', 53.5],
    ['12 years', 54],
    ['Women', 56],
    ['Men', 58],
    ['1 kg', 25],
    ['1.5 kg', 28],
    ['2 kg', 31],
    ['2.5 kg', 32.5]
  ])('a head of %s: %f cm', (label, cm) => {
    const found = [...HEAD_SIZES, ...PRETERM_HEADS].find((h) => h.label === label)!;
    expect(found.girthMm).toBe(10 * cm);
  });

  it('every measure says where the tape goes, and can be looked up', () => {
    for (const m of MEASURES) {
      expect(m.how).toMatch(/\.$/);
      expect(measureOf(m.code)).toBe(m);
      expect(m.minMm).toBeLessThan(m.maxMm);
    }
    expect(measureOf('tail')).toBeUndefined();
  });
});
