import { describe, expect, it } from 'vitest';
import { KINDS } from '../kinds';
import { optionFields } from '../plan';
import { HEAD_SIZES, MEASURES, sizesFor } from './index';

describe('sizes to pick from', () => {
  it('every measure that a kind asks for has a name, limits and sizes', () => {
    for (const kind of KINDS) {
      for (const { key, meta } of optionFields(kind.options)) {
        if (meta.measure === undefined) continue;
        const measure = MEASURES.find((m) => m.code === meta.measure);
        expect(measure, `${kind.code}.${key}`).toBeDefined();
        const sizes =
          meta.measure === 'head' ? HEAD_SIZES.map((s) => s.girthMm) : sizesFor(meta.measure).map((s) => s.mm);
        expect(sizes.length, meta.measure).toBeGreaterThan(1);
        // A size that can be picked is one the field takes.
        for (const mm of sizes) {
          expect(mm, `${kind.code}.${key}`).toBeGreaterThanOrEqual(meta.min!);
          expect(mm, `${kind.code}.${key}`).toBeLessThanOrEqual(meta.max!);
        }
      }
    }
  });

  it('women and children are told apart, keys are their own', () => {
    const chests = sizesFor('chest');
    expect(chests.filter((s) => s.label.startsWith('Women'))).toHaveLength(9);
    expect(chests.filter((s) => s.label.startsWith('Children'))).toHaveLength(9);
    expect(new Set(chests.map((s) => s.key)).size).toBe(chests.length);
    expect(sizesFor('nothing')).toEqual([]);
  });

  // From memory of the Craft Yarn Council's sizing standards, in inches, written out a second time on purpose.
  it.each([
    ['Women M', 'cross-back', 15.75],
    ['Women 5X', 'armhole', 10.25],
    ['Children 2 years', 'armhole', 4.25],
    ['Children 12 years', 'cross-back', 12]
  ])('%s: %s %f in', (label, code, inches) => {
    expect(Math.abs(sizesFor(code).find((s) => s.label === label)!.mm - inches * 25.4)).toBeLessThan(0.5);
  });
});
