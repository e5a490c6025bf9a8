import { describe, expect, it } from 'vitest';
import { about, showFigure, showRange, weakest } from './index';

describe('what is chosen needs no measuring', () => {
  it('a figure made of choices alone is chosen; the first measured one makes it measured', () => {
    expect(weakest(['chosen', 'chosen'])).toBe('chosen');
    expect(weakest(['chosen', 'measured'])).toBe('measured');
    expect(weakest(['chosen', 'learned', 'measured'])).toBe('learned');
    expect(weakest(['chosen', 'default'])).toBe('default');
    expect(weakest([])).toBe('measured');
  });
  it('it has no range to print', () => {
    expect(showRange(about(240, 0, 'mm', 'chosen', [{ say: 'chosen' }]), 'metric')).toBe('');
  });
});

describe('areas', () => {
  // 1 dm2 is 100 cm2; an inch is 2.54 cm, so 1 dm2 is 100 / 6.4516 = 15.5 square inches.
  it('are square decimetres, or square inches', () => {
    const area = about(61.94, 0.1, 'dm2', 'default', []);
    expect(showFigure(area, 'metric')).toBe('61.9 dm²');
    expect(showFigure(area, 'imperial')).toBe(`${Math.round((61.94 * 100) / 6.4516)} sq in`);
    expect(showRange(area, 'metric')).toBe('55.7 to 68.1 dm²');
  });
});
