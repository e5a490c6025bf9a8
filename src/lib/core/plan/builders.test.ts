import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  attach,
  CAST_ON_TAIL_MM,
  chain,
  chainOff,
  cordPins,
  cordRows,
  crochetEdge,
  flatClose,
  halves,
  hookYarnMm,
  PompomWish,
  seam,
  seamYarnMm,
  waist
} from './index';

describe('yarn for hands (handbook section 6)', () => {
  it('four times a hooked edge, three times a sewn one, and 15 cm to hold', () => {
    expect(hookYarnMm(180)).toBe(870);
    expect(seamYarnMm(180)).toBe(690);
    expect(chainOff('y', 180)).toMatchObject({ style: 'chain', thread: 'y', threadMm: 870 });
  });
  it('a seam takes by how it is made', () => {
    const mm = (by: 'hook' | 'needle' | 'ladder' | 'mattress'): number => {
      const made = seam(0, 0, 'y', 200, by);
      return 'lengthMm' in made ? made.lengthMm : 0;
    };
    expect([mm('hook'), mm('ladder'), mm('needle'), mm('mattress')]).toEqual([950, 950, 750, 750]);
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
  it('a waist goes twice round, with ends to knot', () => {
    expect(waist(0, 18, 'y', 200)).toMatchObject({ row: 18, lengthMm: 700 });
  });
  it('a part is sewn round its own end', () => {
    expect(attach(2, 0, 4, 'at the sides', 'y', 40)).toMatchObject({ piece: 2, to: 0, count: 4, lengthMm: 270 });
  });
});

describe('chains', () => {
  it('count by the hook gauge: 40 cm at 15 to 10 cm are 60', () => {
    expect(chain(0, 'strap', 'y', 2, 400, 15)).toMatchObject({ stitches: 60, count: 2, lengthMm: 1750 });
  });
  it('never come out without a stitch', () => {
    expect(chain(0, 'loop', 'y', 1, 1, 5).stitches).toBe(1);
  });
});

describe('closing and edging', () => {
  it('a flat close knows its layers and its school', () => {
    expect(flatClose(1, 'hung-off', 'needle', 'y', 180)).toMatchObject({ by: 'needle', layers: 2, lengthMm: 690 });
    expect(flatClose(1, 'cast-on', 'hook', 'y', 180, 4)).toMatchObject({ by: 'hook', layers: 4, lengthMm: 870 });
  });
  it('its two halves are the partners of a join', () => {
    const join = halves('End', 3, 'cast-on', 'hook');
    expect(join.a).toEqual({ piece: 3, edge: 'cast-on', half: 'front' });
    expect(join.b).toEqual({ piece: 3, edge: 'cast-on', half: 'back' });
  });
  it('an edge has its stitches a pin', () => {
    expect(crochetEdge(0, 'hung-off', 'y', 160, 2)).toMatchObject({ perPin: 2, lengthMm: 790 });
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
  it('takes a sound one', () => expect(PompomWish.parse(wish)).toEqual(wish));
});
