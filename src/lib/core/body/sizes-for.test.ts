import * as z from 'zod/mini';
import { describe, expect, it } from 'vitest';
import { KINDS } from '../kinds';
import { optionFields } from '../plan';
import { fitted, MEASURES, sizesFor } from './index';

describe('sizes to pick from', () => {
  it('every measure that a kind asks for has a name, limits and sizes', () => {
    for (const kind of KINDS) {
      for (const { key, meta } of optionFields(kind.options)) {
        if (meta.measure === undefined) continue;
        const measure = MEASURES.find((m) => m.code === meta.measure);
        expect(measure, `${kind.code}.${key}`).toBeDefined();
        const sizes = sizesFor([meta.measure]).map((s) => s.measures[meta.measure!]!);
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
    const chests = sizesFor(['chest']);
    expect(chests.filter((s) => s.label.startsWith('Women'))).toHaveLength(9);
    expect(chests.filter((s) => s.label.startsWith('Children'))).toHaveLength(9);
    expect(chests.filter((s) => s.label.startsWith('Men'))).toHaveLength(6);
    expect(new Set(chests.map((s) => s.key)).size).toBe(chests.length);
    expect(sizesFor(['nothing'])).toEqual([]);
  });

  // From memory of the Craft Yarn Council's sizing standards, in inches, written out a second time on purpose.
  it.each([
    ['Women M', 'cross-back', 15.75],
    ['Women 5X', 'armhole', 10.25],
    ['Men M', 'cross-back', 16.75],
    ['Men L', 'upper-arm', 15],
    ['Children 2 years', 'armhole', 4.25],
    ['Children 12 years', 'cross-back', 12]
  ])('%s: %s %f in', (label, code, inches) => {
    expect(Math.abs(sizesFor([code]).find((s) => s.label === label)!.measures[code]! - inches * 25.4)).toBeLessThan(
      0.5
    );
  });

  it('a size fills in every measure a kind asks for, and whom it is for', () => {
    const [two] = sizesFor(['chest']).filter((s) => s.label === 'Children 2 years');
    const waistcoat = KINDS.find((k) => k.code === 'waistcoat')!.options;
    expect(fitted(waistcoat, two!)).toEqual({
      wearer: 'child',
      chestMm: 533,
      crossBackMm: 222,
      upperArmMm: 178,
      armholeMm: 108
    });
    // A cowl has no word for a baby: a child is nearest. A scarf asks nothing that a head would answer.
    const cowl = KINDS.find((k) => k.code === 'cowl')!.options;
    const scarf = KINDS.find((k) => k.code === 'scarf')!.options;
    expect(fitted(cowl, { age: 'baby', measures: { head: 355 } })).toEqual({ headMm: 355, wearer: 'child' });
    expect(fitted(scarf, { age: 'baby', measures: { head: 355 } })).toEqual({});
  });

  it('whatever is filled in, the kind takes it', () => {
    for (const kind of KINDS) {
      const codes = optionFields(kind.options).flatMap(({ meta }) => meta.measure ?? []);
      for (const body of sizesFor(codes)) {
        const change = fitted(kind.options, body);
        expect(z.partial(kind.options).safeParse(change).success, `${kind.code}, ${body.label}`).toBe(true);
        if (body.age && 'wearer' in kind.options.shape) expect(change).toHaveProperty('wearer');
      }
    }
  });
});
