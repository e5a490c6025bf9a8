import { describe, expect, it } from 'vitest';
import { made, sampleKit } from '../../../../tests/support/sample';
import { loopMm, loopReachMm } from './lengths';

describe('chain loops over an end', () => {
  it('a chain and its reach are each other turned round', () => {
    for (const reach of [10, 30, 47.5, 80]) expect(loopReachMm(loopMm(81, reach), 81)).toBeCloseTo(reach, 9);
    expect(loopReachMm(60, 81)).toBe(0);
  });

  it('a mug wrap on 22 pins with a gap of 35 mm takes 20 chains at either end (common practice, no source)', () => {
    const loops = made('mug-wrap', { gapMm: 35 }, sampleKit({ machine: { pins: 22 } })).worked.done.flatMap((did) =>
      did.do === 'cord' ? [did.facts!] : []
    );
    expect(loops.map(({ chains }) => chains)).toEqual([20, 20]);
    // Half the gap, and 3 cm to hook over.
    for (const { reachMm } of loops) expect(reachMm).toBeGreaterThanOrEqual(17.5 + 30);
  });

  it('a count of chains that was typed is kept', () => {
    const [loop] = made('mug-wrap', { loopBy: 'count', loopChains: 26 }).worked.done.flatMap((did) =>
      did.do === 'cord' ? [did.facts!] : []
    );
    expect(loop!.chains).toBe(26);
  });
});
