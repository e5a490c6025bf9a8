import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { hookYarnMm, seamYarnMm } from '../hand';
import { CAST_ON_TAIL_MM, chainOff, cordPins, cordRows, PompomWish } from './index';

describe('yarn for hands (craft 6)', () => {
  it('four times a hooked edge, three times a sewn one, and 15 cm to hold', () => {
    expect(hookYarnMm(180)).toBe(870);
    expect(seamYarnMm(180)).toBe(690);
    expect(chainOff('y', 180)).toMatchObject({ style: 'chain', thread: 'y', threadMm: 870 });
  });
  it('longer edges never take less', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 3000 }), fc.integer({ min: 0, max: 500 }), (edge, more) => {
        expect(hookYarnMm(edge + more)).toBeGreaterThanOrEqual(hookYarnMm(edge));
        expect(seamYarnMm(edge + more)).toBeGreaterThanOrEqual(seamYarnMm(edge));
        expect(hookYarnMm(edge)).toBeGreaterThan(seamYarnMm(edge) - 1);
      })
    );
  });
});

describe('cords', () => {
  it('stand half way round, as wide as asked, on any ring', () => {
    fc.assert(
      fc.property(fc.integer({ min: 4, max: 200 }), fc.integer({ min: 2, max: 6 }), (pins, wish) => {
        const width = Math.min(wish, pins);
        const { from, to } = cordPins(pins, width);
        expect(to - from + 1).toBe(width);
        expect(from).toBeGreaterThanOrEqual(1);
        expect(to).toBeLessThanOrEqual(pins);
        expect(Math.abs((from + to) / 2 - (pins + 1) / 2)).toBeLessThanOrEqual(1);
      })
    );
  });
  it('are wrapped, knitted, and gathered onto their tail', () => {
    const ops = cordRows('Line', 'y', 40);
    expect(ops.map((op) => op.op)).toEqual(['castOn', 'knit', 'hangOff']);
    expect(ops[0]).toMatchObject({ style: 'e-wrap' });
    expect(ops[2]).toMatchObject({ style: 'drawstring', threadMm: CAST_ON_TAIL_MM });
  });
});

describe('a wish for pompoms', () => {
  const wish = { count: 2, wraps: 70, cardMm: 75, yarn: 'y' };
  it.each([
    ['count', 0],
    ['count', 1.5],
    ['wraps', 9],
    ['cardMm', 201],
    ['yarn', '']
  ])('refuses %s of %j', (key, value) => {
    expect(PompomWish.safeParse({ ...wish, [key]: value }).success).toBe(false);
  });
  it('takes a sound one, wound and tied unless it says otherwise', () =>
    expect(PompomWish.parse(wish)).toEqual({ ...wish, from: 'wound', trimMm: 3, buttonMm: 18, by: 'bow' }));
});
