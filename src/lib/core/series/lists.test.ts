import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { hat, made, sampleKit } from '../../../../tests/support/sample';
import { ballEnds } from './ball-ends';
import { shoppingList } from './shopping';

describe('a shopping list', () => {
  it('over several plans: whole balls for what is not there, reserve included, added up by hand', () => {
    const kit = sampleKit();
    const yarns = kit.yarns.map((y) => ({ ...y, stockGrams: y.id === 'red' ? 90 : null }));
    const plans = [hat({ style: 'plain', yarn: 'red' }), made('cowl', { yarn: 'red' })];
    const red = shoppingList(plans.map((p) => p.yarnUse), yarns).find((l) => l.yarnId === 'red')!; // prettier-ignore
    const uses = plans.map((p) => p.yarnUse.find((u) => u.yarnId === 'red')!);
    expect(red.grams).toBeCloseTo(uses[0]!.grams.value + uses[1]!.grams.value, 9);
    expect(red.grams + red.reserveGrams).toBeCloseTo(uses[0]!.grams.high + uses[1]!.grams.high, 9);
    expect(red.missingGrams).toBeCloseTo(red.grams + red.reserveGrams - 90, 9);
    // Balls of 100 g.
    expect(red.balls).toBe(Math.ceil(red.missingGrams / 100));
    expect(red.plans).toBe(2);
  });

  it('enough at hand is nothing to buy', () => {
    const yarns = sampleKit().yarns.map((y) => ({ ...y, stockGrams: 5000 }));
    for (const line of shoppingList([hat().yarnUse], yarns)) expect([line.balls, line.missingGrams]).toEqual([0, 0]);
  });
});

it('balls end where the metres run out, counted metre by metre', () => {
  const needs = fc.array(fc.integer({ min: 1, max: 120 }), { minLength: 1, maxLength: 12 });
  fc.assert(
    fc.property(needs, fc.integer({ min: 20, max: 150 }), (list, ball) => {
      const all = list.map((metres, i) => ({ id: `t${i}`, metres }));
      // Whole metres: the thing each metre goes into, one after the other; a ball ends where another must be taken for the next.
      const metres = all.flatMap(({ id, metres: n }) => Array.from({ length: n }, () => id));
      const slowly = metres.flatMap((id, i) => (i > 0 && i % ball === 0 && metres[i - 1] === id ? [`${i / ball} ${id}`] : [])); // prettier-ignore
      expect(ballEnds(all, ball).map((e) => `${e.ball} ${e.id}`)).toEqual(slowly);
      for (const end of ballEnds(all, ball)) {
        expect(end.share).toBeGreaterThan(0);
        expect(end.share).toBeLessThan(1);
      }
    })
  );
});
