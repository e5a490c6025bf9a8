import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { about, type FigureUnit, weakest } from './figure';
import { showArea, showFigure, showRange } from './show';

const fig = (value: number, unit: FigureUnit, spread = 0.05) => about(value, spread, unit, 'default', []);

describe('areas', () => {
  it('are whole square centimetres, or square inches of 6.4516 of them (ISO 80000-3)', () => {
    expect([showArea(539.4, 'metric'), showArea(645.16, 'imperial')]).toEqual(['539 cm²', '100 sq in']);
  });
});

describe('showing a figure', () => {
  it.each([
    ['mm', 550, '55 cm', '52.5 to 58 cm'],
    ['rows', 110, '110 rows', '105 to 116 rows'],
    ['m', 138.4, '138 m', '131 to 145 m'],
    ['g', 69, '69 g', '66 to 72 g'],
    ['balls', 0.7, '1 ball', ''],
    ['percent', 57.4, '57 %', '55 to 60 %'],
    ['minutes', 120, '2.0 h', '1.9 to 2.1 h'],
    ['per-cm', 2, '2.00 per cm', '1.90 to 2.10 per cm'],
    ['stitches', 48, '48 stitches', '46 to 50 stitches'],
    ['tightness', 8.44, '8.4', '8.0 to 8.9']
  ] as const)('%s', (unit, value, text, range) => {
    expect(showFigure(fig(value, unit), 'metric')).toBe(text);
    expect(showRange(fig(value, unit), 'metric')).toBe(range);
  });

  it('prints no range where there is none', () => expect(showRange(fig(550, 'mm', 0), 'metric')).toBe(''));
  it('keeps fractions of an inch in a range', () =>
    expect(showRange(fig(550, 'mm'), 'imperial')).toBe('20½ to 22¾ in'));
  it('names both units where the ends of a range have different ones', () => {
    expect(showRange(fig(84, 'minutes', 0.25), 'metric')).toBe('63 min to 1.8 h');
    const units = ['metric', 'imperial'] as const;
    const all = ['mm', 'm', 'g', 'minutes', 'dm2', 'per-cm', 'percent'] as const;
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 5000, noNaN: true }),
        fc.constantFrom(...all),
        fc.constantFrom(...units),
        (value, unit, system) => {
          const range = showRange(fig(value, unit, 0.2), system);
          const [low, high] = range.split(' to ');
          if (range === '') return;
          const word = (text: string): string => text.replace(/^[\d.,¼½¾-]+/, '').trim();
          const alone = showFigure(about(fig(value, unit, 0.2).low, 0, unit, 'default', []), system);
          // The low end read with its own unit, or with that of the high end, is what it prints as by itself.
          expect(word(low!) === '' ? `${low} ${word(high!)}` : low).toBe(alone.replace(/^([\d.,¼½¾-]+) */, '$1 '));
        }
      )
    );
  });

  it('is only as good as its weakest part', () => {
    expect(weakest(['measured', 'learned'])).toBe('learned');
    expect(weakest(['measured', 'default', 'learned'])).toBe('default');
  });
});
