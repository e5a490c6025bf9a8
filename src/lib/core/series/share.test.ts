import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { oneByOne, shareOut, type Store, type Wanted, type Way } from './share';

const way = (grams: Record<string, number>): Way => ({ yarns: Object.keys(grams), grams: new Map(Object.entries(grams)) }); // prettier-ignore
const store = (id: string, grams: number, metresPerGram = 2): Store => ({ id, grams, metresPerGram });

/** Every way to take ways for all things, one after the other: an oracle that only knows how to try. */
function everyChoice(wanted: readonly Wanted[]): Way[][] {
  const things = wanted.flatMap(({ count, ways }) => Array.from({ length: count }, () => ways));
  return things.reduce<Way[][]>((all, ways) => all.flatMap((sofar) => ways.map((w) => [...sofar, w])), [[]]);
}
const used = (ways: readonly Way[], id: string): number => ways.reduce((sum, w) => sum + (w.grams.get(id) ?? 0), 0);
const metresShort = (ways: readonly Way[], stores: readonly Store[]): number =>
  stores.reduce((sum, s) => sum + Math.max(0, used(ways, s.id) - s.grams) * s.metresPerGram, 0);

describe('yarns shared out', () => {
  it('twelve hats from four yarns: none runs out, and no two combinations are taken twice while there are others', () => {
    const ids = ['ember', 'tide', 'oat', 'moss'];
    const ways = ids.flatMap((a) => ids.flatMap((b) => (a === b ? [] : [way({ [a]: 33, [b]: 30 })])));
    const shared = shareOut(
      [{ size: 'small', count: 12, ways }],
      ids.map((id) => store(id, 200))
    );
    if (!shared.ok) throw new Error('not shared');
    expect(shared.picks).toHaveLength(12);
    for (const id of ids) expect(used(shared.picks.map((p) => p.way), id)).toBeLessThanOrEqual(200); // prettier-ignore
    expect(new Set(shared.picks.map((p) => p.way.yarns.join())).size).toBe(12);
  });

  it('where it does not go, the least that is missing is said in metres', () => {
    const ways = [way({ oat: 60 }), way({ tide: 50 })];
    const shared = shareOut([{ size: 's', count: 3, ways }], [store('oat', 60, 2), store('tide', 70, 4)]);
    // One of oat, one of tide; the third lacks 60 g of oat (120 m) or 30 g of tide (120 m).
    expect(shared.ok).toBe(false);
    if (!shared.ok) expect(shared.missing.reduce((sum, m) => sum + m.metres, 0)).toBeCloseTo(120, 6);
  });

  it('more than a hundred things of many ways, far more than there is: an answer all the same, near what must be missing', () => {
    const ids = ['a', 'b', 'c', 'd'];
    const ways = ids.flatMap((x, i) => ids.flatMap((y, j) => (x === y ? [] : [way({ [x]: 31.37 + i * 0.713, [y]: 28.91 + j * 0.377 })]))); // prettier-ignore
    const stores = ids.map((id, i) => store(id, [75, 400, 260, 180][i]!));
    for (const count of [15, 44, 130]) {
      const shared = shareOut([{ size: 's', count, ways }], stores);
      // Whatever is taken, each thing takes 60 to 63 g of yarns that weigh 915 g together.
      const bound = 2 * Math.max(0, count * 60.2 - 915);
      const missing = shared.ok ? 0 : shared.missing.reduce((sum, m) => sum + m.metres, 0);
      expect(missing).toBeGreaterThanOrEqual(bound - 1);
      expect(missing).toBeLessThanOrEqual(bound + 2 * count * 3.5 + 150);
    }
  });

  it('a size nobody can knit is none that yarn would mend', () => {
    expect(shareOut([{ size: 's', count: 1, ways: [] }], [store('oat', 60)])).toEqual({ ok: false, missing: [] });
  });

  it('any small series: shared where trying everything finds a way, and what is missing is the least there is', () => {
    const ids = ['a', 'b', 'c'];
    const grams = fc.integer({ min: 5, max: 60 });
    const anyWay = fc.uniqueArray(fc.constantFrom(...ids), { minLength: 1, maxLength: 2 }).chain((yarns) => fc.tuple(...yarns.map(() => grams)).map((list) => way(Object.fromEntries(yarns.map((y, i) => [y, list[i]!]))))); // prettier-ignore
    const anyWanted = fc.record({ size: fc.constantFrom('s', 'm'), count: fc.integer({ min: 0, max: 3 }), ways: fc.array(anyWay, { minLength: 1, maxLength: 3 }) }); // prettier-ignore
    const stores = fc.tuple(...ids.map((id) => fc.record({ grams: fc.integer({ min: 0, max: 150 }), metresPerGram: fc.constantFrom(1, 2, 3.5) }).map((s) => store(id, s.grams, s.metresPerGram)))); // prettier-ignore
    fc.assert(
      fc.property(fc.array(anyWanted, { minLength: 1, maxLength: 2 }), stores, (wanted, at) => {
        const shared = shareOut(wanted, at);
        const choices = everyChoice(wanted);
        const least = Math.min(...choices.map((c) => metresShort(c, at)));
        expect(shared.ok).toBe(least < 1e-6);
        if (shared.ok) {
          for (const s of at) expect(used(shared.picks.map((p) => p.way), s.id)).toBeLessThanOrEqual(s.grams + 1e-6); // prettier-ignore
          for (const [w, { size, count }] of wanted.entries())
            if (wanted.findIndex((o) => o.size === size) === w && wanted.filter((o) => o.size === size).length === 1)
              expect(shared.picks.filter((p) => p.size === size)).toHaveLength(count);
        } else expect(shared.missing.reduce((sum, m) => sum + m.metres, 0)).toBeLessThanOrEqual(least * 1.03 + 0.01);
      }),
      { numRuns: 150 }
    );
  });
});

it('thing by thing, what one has taken is not there for the next', () => {
  const [oat, tide] = [way({ oat: 50 }), way({ tide: 50 })];
  // Two go of oat, which there is most of; the third finds 20 g of it and 60 g of tide.
  const picks = oneByOne([{ size: 's', count: 3, ways: [oat, tide] }], [store('oat', 120), store('tide', 60)]);
  expect(picks.map(({ way: { yarns } }) => yarns[0])).toEqual(['oat', 'oat', 'tide']);
});
