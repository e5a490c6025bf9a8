import * as z from 'zod/mini';
import { describe, expect, it } from 'vitest';
import { KINDS, kindOf } from '../kinds';
import { sampleKit } from '../../../../tests/support/sample';
import { proposed } from './proposed';

const waistcoat = kindOf('waistcoat')!.options;
const hat = kindOf('lined-hat')!.options;

describe('what a choice proposes for other measures', () => {
  it('a child gets the head of six years, a baby that of six months, from the start value or another size', () => {
    expect(proposed(hat, { headMm: 560 }, 'wearer', 'child')).toEqual({ changes: { headMm: 515 }, size: '6 years' });
    expect(proposed(hat, { headMm: 515, wearer: 'child' }, 'wearer', 'baby').changes).toEqual({ headMm: 430 });
  });

  it('a measure that was typed is kept, field by field', () => {
    expect(proposed(hat, { headMm: 547 }, 'wearer', 'child')).toEqual({ changes: {}, size: null });
    const typed = { chestMm: 940, crossBackMm: 391, upperArmMm: 280, armholeMm: 190 };
    const { changes, size } = proposed(waistcoat, typed, 'chestMm', 1140);
    expect(size).toBe('Women 1X');
    expect(changes).toEqual({ upperArmMm: 343, armholeMm: 210 });
  });

  it('the chest of a man stays among the sizes of men', () => {
    const man = { chestMm: 991, crossBackMm: 425, upperArmMm: 330, armholeMm: 235 };
    expect(proposed(waistcoat, man, 'chestMm', 1090)).toMatchObject({
      size: 'Men L',
      changes: { crossBackMm: 451, upperArmMm: 381 }
    });
  });

  it('says nothing where nothing changes, and never leaves the limits of a field', () => {
    expect(proposed(waistcoat, {}, 'easeMm', 80)).toEqual({ changes: {}, size: null });
    for (const kind of KINDS) {
      const start = kind.start(sampleKit(), 'm');
      for (const age of ['adult', 'child', 'baby'])
        for (const [key, mm] of Object.entries(proposed(kind.options, start, 'wearer', age).changes))
          expect(z.partial(kind.options).safeParse({ [key]: mm }).success, `${kind.code} ${key} ${mm}`).toBe(true);
    }
  });
});
