import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyKitAndBrief } from '../../../../tests/support/arbitrary';
import { made, planned, sampleKit } from '../../../../tests/support/sample';
import { strandTex } from '../kit';
import { KINDS } from '../kinds';
import { measurablesOf } from './measurable';

const codes = (kind: string, options: object = {}) => measurablesOf(made(kind, options)).map((m) => m.code);

describe('what can be measured on a finished piece', () => {
  it('of a hat: lying flat with its brim down and up, its tube, its weight', () => {
    expect(codes('lined-hat', { turnUpMm: 60 })).toEqual(['p0.length', 'p0.width', 'height', 'height-down', 'grams']); // prettier-ignore
  });

  it('of a garment: its panels, armhole, neck and shoulder; of a strap its length', () => {
    expect(codes('waistcoat')).toEqual(expect.arrayContaining(['p0.length', 'p0.width', 'armhole', 'neck', 'shoulder', 'grams'])); // prettier-ignore
    expect(codes('strap')).toEqual(expect.arrayContaining(['p0.length', 'p0.width']));
  });

  it('of every kind: something, each by its own code, with a size and a range around it', () => {
    for (const kind of KINDS) {
      const list = measurablesOf(made(kind.code));
      expect(list.length, kind.code).toBeGreaterThan(0);
      expect(new Set(list.map((m) => m.code)).size, kind.code).toBe(list.length);
      for (const { code, planned: figure } of list) {
        expect(figure.value, `${kind.code} ${code}`).toBeGreaterThan(0);
        expect(figure.low).toBeLessThanOrEqual(figure.value);
        expect(figure.high).toBeGreaterThanOrEqual(figure.value);
      }
    }
  });

  it('weighs what its yarn weighs, waste left out: summed again from metres and tex, for any plan', () => {
    fc.assert(
      fc.property(anyKitAndBrief, ({ kit, brief }) => {
        const result = planned(kit, brief);
        if (!result) return;
        let grams = 0;
        result.yarnUse.forEach((use, i) => {
          for (const part of use.parts) if (part.what !== 'waste rows') grams += (part.metres * strandTex(result.yarns[i]!)) / 1000; // prettier-ignore
        });
        const told = measurablesOf(result).find((m) => m.of === 'weight')?.planned.value ?? 0;
        if (grams >= 0.5) expect(told).toBeCloseTo(grams, 6);
        else expect(told).toBe(0);
      }),
      { numRuns: 60 }
    );
  });

  it('waste weighs nothing in the end: only ends cut beside it stay counted', () => {
    const [bare, wasted] = ['none', 'ten'].map((waste) => made('lined-hat', { waste }, sampleKit()));
    const weight = (of: typeof bare) => measurablesOf(of!).find((m) => m.of === 'weight')!.planned.value;
    const all = (of: typeof bare) => of!.yarnUse.reduce((sum, use) => sum + use.grams.value, 0);
    expect(Math.abs(weight(wasted) - weight(bare))).toBeLessThan(1.5);
    expect(all(wasted) - all(bare)).toBeGreaterThan(4);
  });
});
