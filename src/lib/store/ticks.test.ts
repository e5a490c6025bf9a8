import { describe, expect, it } from 'vitest';
import { hat } from '../../../tests/support/sample';
import { tickedIds } from './ticks';

describe('ticks of steps that are told the other way round now', () => {
  const { steps } = hat();

  it('the tail that was brought out of the cast-on end stays ticked as that of the last-knitted end', () => {
    expect(tickedIds(['hand.bringOut.1.cast-on'], steps)).toEqual(['hand.bringOut.1.hung-off']);
  });

  it('what was ticked under an id of today stays as it is', () => {
    const ids = ['hand.rest.1', 'hand.draw.1.cast-on', 'hand.fold.1.inside'];
    expect(tickedIds(ids, steps)).toEqual(ids);
    for (const id of ids)
      expect(
        steps.some((step) => step.id === id),
        id
      ).toBe(true);
  });

  it('a step that is nowhere in the plan keeps its tick', () => {
    expect(tickedIds(['hand.bringOut.9.cast-on'], steps)).toEqual(['hand.bringOut.9.cast-on']);
  });
});
