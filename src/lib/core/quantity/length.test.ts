import fc from 'fast-check';
import Qty from 'js-quantities';
import { describe, expect, it } from 'vitest';
import { handLength, readLength, showCut, showLength, showRun, showSmall } from './length';
import { wordFault } from './fault';

const rule = { field: 'Head girth', minMm: 200, maxMm: 800 };
const wide = { field: 'Length', minMm: 0, maxMm: 1e9 };

describe('small and hard things', () => {
  it('are shown and read to a millimetre or a tenth of an inch', () => {
    const rule = { field: 'Button', minMm: 8, maxMm: 50, small: true };
    expect([showSmall(18, 'metric'), showSmall(18, 'imperial')]).toEqual(['18 mm', '0.7 in']);
    expect(readLength('18', 'metric', rule)).toEqual({ ok: true, value: 18 });
    expect(readLength('1.8 cm', 'metric', rule)).toEqual({ ok: true, value: 18 });
    expect(readLength('0.7', 'imperial', rule)).toMatchObject({ ok: true });
    expect(readLength('90', 'metric', rule)).toMatchObject({
      ok: false,
      fault: { rule: 'must be from 8 mm to 50 mm' }
    });
  });
});

describe('readLength', () => {
  it.each([
    ['56 cm', 560],
    ['56', 560],
    ['560mm', 560],
    ['0.56 m', 560],
    ['22 in', 558.8],
    ['22 1/2"', 571.5],
    ['9½ in', 241.3],
    ['22,5 in', 571.5],
    ['1½ ft', 457.2]
  ])('reads %s', (text, mm) => {
    const read = readLength(text, 'metric', rule);
    expect(read.ok && read.value).toBeCloseTo(mm, 9);
  });

  it('takes a bare number in the system of the knitter', () => {
    const read = readLength('22 1/2', 'imperial', rule);
    expect(read.ok && read.value).toBeCloseTo(571.5, 9);
  });

  // Oracle: js-quantities, an independent unit library.
  it('agrees with a unit library on every unit', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 400_000 }),
        fc.constantFrom('mm', 'cm', 'm', 'in', 'ft', 'yd'),
        (n, unit) => {
          const amount = n / 100;
          const read = readLength(`${amount} ${unit}`, 'metric', wide);
          const oracle = Qty(amount, unit).to('mm').scalar;
          expect(read.ok && read.value / oracle).toBeCloseTo(1, 12);
        }
      )
    );
  });

  it.each([
    ['', 'Head girth must be from 20 cm to 80 cm; received nothing.'],
    ['wide', 'Head girth must be from 20 cm to 80 cm; received "wide".'],
    ['5 m', 'Head girth must be from 20 cm to 80 cm; received "5 m".'],
    ['-56', 'Head girth must be from 20 cm to 80 cm; received "-56".'],
    ['56 furlongs', 'Head girth must be from 20 cm to 80 cm in mm, cm, m, in, ft or yd; received "56 furlongs".'],
    ['1/0', 'Head girth must be from 20 cm to 80 cm; received "1/0".']
  ])('refuses %j by name, rule and what came in', (text, sentence) => {
    const read = readLength(text, 'metric', rule);
    expect(!read.ok && wordFault(read.fault)).toBe(sentence);
  });
});

describe('showCut', () => {
  it('measures by the tape what the tape calls less than two metres, and in metres from there on', () => {
    expect([1997, 1998, 2000, 18_865].map((mm) => showCut(mm, 'metric'))).toEqual(['199.5 cm', '2.0 m', '2.0 m', '18.9 m']); // prettier-ignore
    expect([1990, 2000].map((mm) => showCut(mm, 'imperial'))).toEqual(['78¼ in', '2.2 yd']);
  });
});

describe('showLength', () => {
  it('prints to a half centimetre and to a quarter inch', () => {
    expect(showLength(557.4, 'metric')).toBe('55.5 cm');
    expect(showLength(571.5, 'imperial')).toBe('22½ in');
    expect(showLength(6.35, 'imperial')).toBe('¼ in');
  });

  it('is read back to what was printed', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 9000 }),
        fc.constantFrom('metric' as const, 'imperial' as const),
        (mm, units) => {
          const read = readLength(showLength(mm, units), units, wide);
          expect(read.ok && read.value).toBeCloseTo(handLength(mm, units), 6);
        }
      )
    );
  });

  it('prints yarn in yards for those who think in yards', () => {
    expect(showRun(91.44, 'imperial')).toBe('100 yd');
    expect(showRun(4.25, 'metric')).toBe('4.3 m');
  });
});
