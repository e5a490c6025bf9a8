import fc from 'fast-check';
import { fraction, number } from 'mathjs';
import { describe, expect, it } from 'vitest';
import { echo, wordFault } from './fault';
import { readAmount, readCount, readNumber } from './number';

describe('readNumber', () => {
  // Oracle: mathjs fractions.
  it('reads whole numbers with fractions as mathjs adds them', () => {
    fc.assert(
      fc.property(fc.nat(500), fc.nat(15), fc.integer({ min: 1, max: 16 }), (whole, over, under) => {
        const oracle = number(fraction(whole).add(fraction(over, under)));
        expect(readNumber(`${whole} ${over}/${under}`)).toBeCloseTo(oracle, 12);
      })
    );
  });

  it.each([
    ['9½', 9.5],
    ['¾', 0.75],
    ['7,25', 7.25],
    ['.5', 0.5],
    ['-3', -3]
  ])('reads %s', (text, value) => expect(readNumber(text)).toBe(value));

  it.each(['', ' ', '-', 'abc', '1e6', '1.2.3', '12 13', 'Infinity', '=1+1'])('does not read %j', (text) =>
    expect(readNumber(text)).toBeUndefined()
  );
});

describe('readCount and readAmount', () => {
  const rows = { field: 'Rows', min: 10, max: 20_000 };
  it.each(['0', '1000000', '12.5', 'many', ''])('refuses %j rows', (text) => {
    const read = readCount(text, rows);
    expect(!read.ok && wordFault(read.fault)).toBe(
      `Rows must be a whole number from 10 to 20000; received ${text ? `"${text}"` : 'nothing'}.`
    );
  });

  it('reads an amount with its unit behind it', () => {
    expect(readAmount('52,5 g', { field: 'Grams', min: 0, max: 999, unit: 'g' })).toEqual({ ok: true, value: 52.5 });
    expect(readAmount('1000', { field: 'Grams', min: 0, max: 999, unit: 'g' }).ok).toBe(false);
  });

  it('cuts a long echo short', () => expect(echo('x'.repeat(500)).length).toBeLessThan(45));
});
