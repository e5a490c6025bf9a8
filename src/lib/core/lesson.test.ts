import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { hat, sampleKit } from '../../../tests/support/sample';
import { lessonsOf } from './lesson';
import { observationsOf } from './read';

const plain = (kit = sampleKit()) => hat({ style: 'plain', yarn: 'red' }, kit);

/** The sample's kit once a hat was measured so long and so wide. */
function measured(lengthMm: number, flatWidthMm: number | null, setAside = false) {
  const result = plain();
  const taught = observationsOf(result, 'p', { lengthMm, flatWidthMm }, '2026-11-20').map((o) => ({ ...o, setAside }));
  return { result, kit: { ...sampleKit(), finished: taught } };
}

describe('what a finished piece taught', () => {
  it('a piece shorter than planned knits more rows to a cm: the next one asks for more rows', () => {
    const { result } = measured(500, null);
    const planned = result.sizes.pieces[0]!.lengthMm.value;
    fc.assert(
      fc.property(fc.double({ min: 0.85, max: 1.15, noNaN: true }), (share) => {
        const { kit } = measured(planned * share, null);
        const { yarns, next } = lessonsOf(kit, 'p', result);
        const [red] = yarns;
        // The belief moves towards what was measured, and never beyond it.
        const truth = red!.courses.before.value / share;
        const [low, high] = [red!.courses.before.value, truth].sort((a, b) => a - b);
        expect(red!.courses.after.value).toBeGreaterThanOrEqual(low! - 1e-9);
        expect(red!.courses.after.value).toBeLessThanOrEqual(high! + 1e-9);
        // What the next one asks for is what a plan with the new belief has, and nothing else.
        expect(next!.before).toBe(result.sizes.pieces[0]!.rows);
        expect(next!.after).toBe(plain(kit).sizes.pieces[0]!.rows);
        if (share < 0.97) expect(next!.after).toBeGreaterThan(next!.before);
        if (share > 1.03) expect(next!.after).toBeLessThan(next!.before);
      }),
      { numRuns: 40 }
    );
  });

  it('what was set aside is forgotten: the next one asks for what it asked before', () => {
    const { kit, result } = measured(480, 160, true);
    const { yarns, next } = lessonsOf(kit, 'p', result);
    expect(yarns.map((l) => l.forgotten)).toEqual([true]);
    expect(yarns[0]!.courses.after).toEqual(yarns[0]!.courses.before);
    expect(next!.after).toBe(next!.before);
  });

  it('a piece that was not measured, and one whose yarn is gone, teach nothing', () => {
    expect(lessonsOf(sampleKit(), 'p', plain())).toEqual({ yarns: [], next: null });
    const { kit, result } = measured(480, 160);
    const gone = { ...kit, yarns: kit.yarns.filter((y) => y.id !== 'red') };
    expect(lessonsOf(gone, 'p', result).yarns).toEqual([]);
  });
});
