import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { made } from '../../../../tests/support/sample';
import { acrossPath, cornersOf, loopPath, pairPath } from './path';

/** Where a closing begins and in which order it goes; craft 7.8, common practice, no source. */
describe('the order of loops in a closing', () => {
  it('loop through loop begins pins/2 away from the tail and ends at it', () => {
    const first = loopPath('cast-on', 1, 48);
    expect(first.slice(0, 4)).toEqual([25, 24, 26, 23]);
    expect(first.slice(-2)).toEqual([48, 1]);
    const last = loopPath('hung-off', 1, 48);
    expect(last.slice(0, 4)).toEqual([24, 25, 23, 26]);
    expect(last.slice(-2)).toEqual([1, 48]);
  });

  it('takes every loop once, and neighbours of the path lie across from each other', () => {
    fc.assert(
      fc.property(
        fc.constantFrom<'cast-on' | 'hung-off'>('cast-on', 'hung-off'),
        fc.integer({ min: 1, max: 9 }),
        fc.integer({ min: 4, max: 80 }),
        (edge, lo, n) => {
          const hi = lo + n - 1;
          const all = Array.from({ length: n }, (_, i) => lo + i);
          for (const path of [loopPath(edge, lo, hi), pairPath(lo, hi)]) {
            expect([...path].sort((a, b) => a - b)).toEqual(all);
          }
          expect(loopPath(edge, lo, hi).at(-1)).toBe(edge === 'cast-on' ? lo : hi);
          const pairs = n % 2 === 1 ? loopPath(edge, lo, hi).slice(1) : loopPath(edge, lo, hi);
          // Lying flat, two pins across from each other are as far from the first as from the last.
          for (let i = 0; i < pairs.length; i += 2) expect(pairs[i]! + pairs[i + 1]!).toBe(lo + hi);
        }
      )
    );
  });

  it('the corners of an ear hat lie a quarter of the pins away from the line where rows begin', () => {
    expect(cornersOf(1, 48)).toEqual([12, 36]);
    expect(cornersOf(1, 46)).toEqual([11, 34]);
    expect(acrossPath(1, 48)).toHaveLength(24);
    expect(acrossPath(1, 48)[0]).toBe(13);
  });

  it('leaves the two loops of a ladder out', () => {
    // 44 of 46 are held, one layer and the other in turn, across the ladders that are the folds now (craft 7.14).
    const path = loopPath('hung-off', 1, 46, [1, 24]);
    expect(path).toHaveLength(44);
    expect(path.slice(0, 4)).toEqual([23, 25, 22, 26]);
    expect(path.slice(-2)).toEqual([2, 46]);
    expect(loopPath('cast-on', 1, 46, [1, 24]).slice(-2)).toEqual([46, 2]);
  });

  it('is what the steps of a headband and an ear hat tell', () => {
    const closings = made('headband').worked.done.flatMap((did) =>
      did.do === 'join' && did.facts?.halves ? [did.facts.path] : []
    );
    expect(closings).toEqual([loopPath('cast-on', 1, 48), loopPath('hung-off', 1, 48)]);
    const across = made('ear-hat').worked.done.flatMap((did) => (did.do === 'join' ? [did.facts!.path] : []));
    expect(across).toEqual([acrossPath(1, 48)]);
  });
});
