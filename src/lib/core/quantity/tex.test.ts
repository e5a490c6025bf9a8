import fc from 'fast-check';
import Qty from 'js-quantities';
import { describe, expect, it } from 'vitest';
import { denierOfTex, neOfTex, nmOfTex, texOfLabel } from './tex';
import { showMass } from './mass';

describe('yarn counts', () => {
  // ISO 2947, conversion factors from memory of the standard: tex = 1000 / Nm = 590.5 / Ne = denier / 9.
  it.each([
    [25, 40, 23.62, 225],
    [50, 20, 11.81, 450],
    [100, 10, 5.905, 900],
    [500, 2, 1.181, 4500]
  ])('%d tex is Nm %d, Ne %d, %d denier', (tex, nm, ne, denier) => {
    expect(nmOfTex(tex)).toBeCloseTo(nm, 9);
    expect(neOfTex(tex)).toBeCloseTo(ne, 9);
    expect(denierOfTex(tex)).toBeCloseTo(denier, 9);
  });

  it('the English count follows from 840 yards to the pound', () => {
    // Definition of the count, with yard and pound from js-quantities; ISO 2947 rounds to 590.5.
    const texOfNe1 = Qty(1, 'lb').to('g').scalar / (840 * Qty(1, 'yd').to('km').scalar);
    expect(texOfNe1).toBeCloseTo(590.5, 1);
  });

  it('reads tex off any label', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 5000 }), fc.integer({ min: 1, max: 2000 }), (metres, grams) => {
        const oracle = Qty(grams, 'g').div(Qty(metres, 'm')).to('g/m').scalar * 1000;
        expect(texOfLabel(metres, grams) / oracle).toBeCloseTo(1, 12);
      })
    );
    expect(() => texOfLabel(0, 50)).toThrow('metres and grams must be above 0; received 0 m and 50 g');
  });

  it('prints ounces as the unit library converts them', () => {
    expect(showMass(100, 'imperial')).toBe(`${Qty(100, 'g').to('oz').scalar.toFixed(1)} oz`);
  });
});
