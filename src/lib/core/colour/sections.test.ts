import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type ColourSection, rowsIn } from '../plan';
import { blocks, byChance, fibonacci, gradient, stripes } from './rules';
import * as change from './sections';

const yarn = fc.constantFrom('a', 'b', 'c', 'd');
const tight = { hole: fc.integer({ min: 1, max: 3 }), fingers: fc.constantFrom('loose' as const, 'firm' as const) };
const anySections = fc.array(fc.record({ yarn, rows: fc.integer({ min: 1, max: 60 }), locked: fc.boolean(), ...tight }, { requiredKeys: ['yarn', 'rows', 'locked'] }), { minLength: 1, maxLength: 9 }); // prettier-ignore
const withPlace = anySections.chain((sections) => fc.tuple(fc.constant(sections), fc.nat(sections.length - 1), fc.integer({ min: -80, max: 80 }))); // prettier-ignore
const whole = (sections: readonly ColourSection[]): boolean => sections.every((s) => Number.isInteger(s.rows) && s.rows >= 1); // prettier-ignore
const of = (...rows: number[]): ColourSection[] => rows.map((n, i) => ({ yarn: 'abcdef'[i]!, rows: n, locked: false }));

describe('changes of a list of sections', () => {
  it('keep the sum, in whole rows, whatever is done', () => {
    fc.assert(
      fc.property(withPlace, yarn, fc.integer({ min: 1, max: 6 }), ([sections, i, by], other, times) => {
        const total = rowsIn(sections);
        const results: readonly (readonly ColourSection[])[] = [
          change.moveBorder(sections, i, by),
          change.setRows(sections, i, by),
          change.split(sections, i, Math.abs(by)),
          change.merge(sections, i),
          change.remove(sections, i),
          change.paint(sections, i, other),
          change.lock(sections, i, true),
          change.tighten(sections, i, { hole: 1 }),
          change.reorder(sections, i, 0),
          change.repeat(sections, 0, i, times),
          change.mirror(sections),
          change.flip(sections),
          change.gathered(sections)
        ];
        for (const [k, result] of results.entries()) {
          expect(rowsIn(result), String(k)).toBe(total);
          expect(whole(result), String(k)).toBe(true);
        }
      }),
      { numRuns: 300 }
    );
  });

  it('leave every row its yarn and its tension, where only sections are gathered, split or locked', () => {
    const rowByRow = (list: readonly ColourSection[]): string[] => list.flatMap((s) => Array.from({ length: s.rows }, () => `${s.yarn} ${s.hole} ${s.fingers}`)); // prettier-ignore
    fc.assert(
      fc.property(withPlace, ([sections, i, by]) => {
        for (const list of [
          change.gathered(sections),
          change.split(sections, i, Math.abs(by)),
          change.lock(sections, i, true)
        ])
          // prettier-ignore
          expect(rowByRow(list)).toEqual(rowByRow(sections));
        expect(rowByRow(change.flip(sections))).toEqual(rowByRow(sections).reverse());
        expect(change.tighten(change.tighten(sections, i, { hole: 2, fingers: 'firm' }), i, {})[i]).toEqual({ yarn: sections[i]!.yarn, rows: sections[i]!.rows, locked: sections[i]!.locked }); // prettier-ignore
      }),
      { numRuns: 300 }
    );
  });

  it('leave locked sections their rows when a border is moved or another is typed', () => {
    fc.assert(
      fc.property(withPlace, ([sections, i, by]) => {
        const [moved, typed] = [change.moveBorder(sections, i, by), change.setRows(sections, i, by)];
        sections.forEach((s, k) => {
          if (!s.locked) return;
          expect(moved[k]!.rows).toBe(s.rows);
          // The one whose rows are typed changes, locked or not.
          if (k !== i) expect(typed[k]!.rows).toBe(s.rows);
        });
      }),
      { numRuns: 200 }
    );
  });

  it('move a border to where it is dragged while its neighbours are free (by hand: 5 5 5)', () => {
    expect(change.moveBorder(of(5, 5, 5), 0, 3).map((s) => s.rows)).toEqual([8, 2, 5]);
    // Past the next border it pushes that on, a row left.
    expect(change.moveBorder(of(5, 5, 5), 0, 7).map((s) => s.rows)).toEqual([12, 1, 2]);
    expect(change.moveBorder(of(5, 5, 5), 1, -7).map((s) => s.rows)).toEqual([2, 1, 12]);
    expect(change.moveBorder(of(5, 5, 5), 2, 3).map((s) => s.rows)).toEqual([5, 5, 5]);
    const locked = change.lock(of(5, 5, 5), 1, true);
    expect(change.moveBorder(locked, 0, 2).map((s) => s.rows)).toEqual([7, 5, 3]);
  });

  it('repeat a group, push on what follows and cut the end (by hand)', () => {
    expect(change.repeat(of(2, 3, 20), 0, 1, 3).map((s) => [s.yarn, s.rows])).toEqual([['a', 2], ['b', 3], ['a', 2], ['b', 3], ['a', 2], ['b', 3], ['c', 10]]); // prettier-ignore
    expect(change.mirror(of(3, 4, 8)).map((s) => [s.yarn, s.rows])).toEqual([['a', 3], ['b', 9], ['a', 3]]); // prettier-ignore
  });

  it('mirrored, they read the same from either end', () => {
    fc.assert(
      fc.property(anySections, (sections) => {
        const rows = change.mirror(sections).flatMap((s) => Array.from({ length: s.rows }, () => s.yarn));
        expect(rows).toEqual([...rows].reverse());
      })
    );
  });

  it('fit another number of rows exactly, the locked ones as they were', () => {
    fc.assert(
      fc.property(anySections, fc.integer({ min: 1, max: 900 }), (sections, total) => {
        const fitted = change.fitTo(sections, total);
        expect(rowsIn(fitted)).toBe(total);
        const kept = sections.filter((s) => s.locked);
        const open = sections.length - kept.length;
        if (open > 0 && total - rowsIn(kept) >= open) {
          expect(whole(fitted)).toBe(true);
          sections.forEach((s, i) => s.locked && expect(fitted[i]!.rows).toBe(s.rows));
        }
      })
    );
  });

  it('share whole rows by largest remainders (Hamilton), none off by a row or more', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 50 }), { minLength: 1, maxLength: 8 }),
        fc.nat(500),
        (weights, total) => {
          // prettier-ignore
          const all = weights.reduce((sum, w) => sum + w, 0);
          const given = change.shares(weights, total);
          expect(given.reduce((sum, n) => sum + n, 0)).toBe(total);
          if (all > 0) given.forEach((n, i) => expect(Math.abs(n - (weights[i]! * total) / all)).toBeLessThan(1));
        }
      )
    );
  });
});

describe('rules that lay colours', () => {
  const yarns = fc.uniqueArray(yarn, { minLength: 1, maxLength: 4 });
  const total = fc.integer({ min: 1, max: 450 });

  it('always give whole rows with exactly the sum that is asked for', () => {
    fc.assert(
      fc.property(yarns, total, fc.integer({ min: 1, max: 20 }), fc.nat(), (all, rows, n, seed) => {
        for (const laid of [
          stripes(all, n, rows),
          blocks(all, rows),
          fibonacci(all, rows),
          gradient(all, n, rows),
          byChance(all, seed, n, n + 6, rows)
        ]) {
          // prettier-ignore
          expect(rowsIn(laid)).toBe(rows);
          expect(whole(laid)).toBe(true);
        }
      }),
      { numRuns: 200 }
    );
  });

  it('are what they are called (by hand)', () => {
    const rows = (laid: readonly ColourSection[]): number[] => laid.map((s) => s.rows);
    expect(rows(stripes(['a', 'b'], 5, 22))).toEqual([5, 5, 5, 5, 2]);
    expect(rows(blocks(['a', 'b', 'c'], 10))).toEqual([4, 3, 3]);
    expect(rows(fibonacci(['a', 'b'], 61))).toEqual([1, 2, 3, 5, 8, 13, 8, 5, 3, 2, 1, 2, 3, 5]);
    // Each pair has as many rows as the next; the new colour has more in each.
    expect(rows(gradient(['a', 'b'], 4, 32))).toEqual([7, 1, 5, 3, 3, 5, 1, 7]);
  });

  it('by chance keep their limits where they can, differ from neighbour to neighbour, and follow their seed', () => {
    const limits = fc.tuple(fc.integer({ min: 1, max: 8 }), fc.integer({ min: 0, max: 10 }));
    fc.assert(
      fc.property(fc.nat(), limits, fc.integer({ min: 40, max: 450 }), (seed, [least, more], rows) => {
        const most = least + more;
        const laid = byChance(['a', 'b', 'c'], seed, least, most, rows);
        expect(byChance(['a', 'b', 'c'], seed, least, most, rows)).toEqual(laid);
        for (let i = 1; i < laid.length; i++) expect(laid[i]!.yarn).not.toBe(laid[i - 1]!.yarn);
        const possible = Math.ceil(rows / most) <= Math.floor(rows / least);
        if (possible) for (const s of laid) expect(s.rows >= least && s.rows <= most).toBe(true);
      }),
      { numRuns: 200 }
    );
  });
});
