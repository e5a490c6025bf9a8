import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { medium, sampleKit } from '../../../../tests/support/sample';
import { gaugeFor, usualHole } from './gauge';
import { machineOf, yarnOf } from './kit';
import { asCounts, asLengths, perCm, Swatch } from './swatch';

describe('statements of a gauge', () => {
  it('20 stitches and 28 rows to 10 cm are 20.00 cm to 40 and 7.142857 cm to 20 (handbook section 5)', () => {
    const lengths = asLengths(perCm({ as: 'counts', stitches: 20, rows: 28 }));
    expect(Math.abs(lengths.cmTo40Stitches - 20)).toBeLessThan(1e-9);
    expect(Math.abs(lengths.cmTo20Rows - 50 / 7)).toBeLessThan(1e-9);
  });

  it('go there and back without loss', () => {
    const some = fc.double({ min: 5, max: 60, noNaN: true });
    fc.assert(
      fc.property(some, some, (stitches, rows) => {
        const back = asCounts(perCm({ as: 'lengths', ...asLengths(perCm({ as: 'counts', stitches, rows })) }));
        expect(back.stitches / stitches).toBeCloseTo(1, 12);
        expect(back.rows / rows).toBeCloseTo(1, 12);
      })
    );
  });

  it('a tube laid flat shows half of its stitches', () => {
    expect(perCm({ as: 'tube', pins: 48, rows: 60, lengthCm: 30, flatWidthCm: 16 })).toEqual({
      courses: 2,
      wales: 1.5
    });
  });
});

describe('gaugeFor', () => {
  const swatch = (id: string, hole: number, on: string, more: object = {}): Swatch =>
    Swatch.parse({
      id,
      machineId: 'm',
      yarnId: 'red',
      hole,
      on,
      state: 'rested',
      statement: { as: 'counts', stitches: 14, rows: 21 },
      ...more
    });
  const kit = sampleKit();
  const machine = machineOf(kit, 'm');
  const red = yarnOf(kit, 'red');

  it('is common practice with a range when nothing was measured', () => {
    const gauge = gaugeFor([], machine, red, 2);
    expect([gauge.courses.value, gauge.wales.value]).toEqual([2, 1.35]);
    expect(gauge.courses.basis).toBe('default');
    expect(gauge.courses.low).toBeLessThan(2);
    expect(gauge.courses.because).toContain('common practice');
  });

  it('is less sure the further the yarn is from medium', () => {
    const thin = gaugeFor([], machine, medium('thin', '#000000', { label: { metres: 417, grams: 100 } }), 2);
    expect(thin.courses.high - thin.courses.low).toBeGreaterThan(gaugeFor([], machine, red, 2).courses.high - 1.9);
    const doubled = gaugeFor(
      [],
      machine,
      medium('thin', '#000000', { label: { metres: 417, grams: 100 }, strands: 2 }),
      2
    );
    expect(doubled.courses.low).toBeGreaterThan(thin.courses.low);
  });

  it('takes the newest swatch of the same hole, then of another, never of other strands', () => {
    const all = [swatch('old', 2, '2026-01-01'), swatch('new', 2, '2026-02-01'), swatch('other', 3, '2026-03-01')];
    expect(gaugeFor(all, machine, red, 2).swatchId).toBe('new');
    expect(gaugeFor([...all].reverse(), machine, red, 2).swatchId).toBe('new');
    expect(gaugeFor(all.slice(2), machine, red, 2).courses.because).toContain('another tension hole');
    expect(gaugeFor([swatch('two', 2, '2026-01-01', { strands: 2 })], machine, red, 2).swatchId).toBeNull();
    expect(gaugeFor(all, machine, red, 2).courses.because).toBe('your swatch of 1 Feb 2026, rested');
  });

  it('names the hole that practice uses for a weight class', () => {
    expect([0, 1, 3, 4, 5].map((c) => usualHole({ tensionHoles: 3 }, c))).toEqual([1, 1, 2, 2, 3]);
  });

  it('throws on an id the kit does not have', () => {
    expect(() => machineOf(kit, 'x')).toThrow('machine must be one of the kit; received "x"');
    expect(() => yarnOf(kit, 'x')).toThrow('yarn must be one of the kit; received "x"');
  });
});
