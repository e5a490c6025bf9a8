import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { english } from '$lib/words';
import { talkOf } from '$lib/words/talk';
import { hat } from '../../../../tests/support/sample';
import { cardMm, floatMm, trySlope, wholeDecreases, widened } from './index';

const slopeOf = (stitches: number, rows: number) => {
  const tried = trySlope(stitches, rows);
  if (!tried.ok) throw new Error(`no slope of ${tried.stitches} in ${tried.rows}`);
  return tried.slope;
};

describe('slopes', () => {
  it('19 decreases every other row take 38 rows', () => {
    const slope = slopeOf(19, 38);
    expect(slope.gaps).toEqual([{ everyRows: 2, times: 19 }]);
    expect(slope.leftRows).toBe(0);
    expect(trySlope(19, 36)).toMatchObject({ ok: false, nearest: [{ stitches: 18, rows: 36 }, { stitches: 19, rows: 38 }] }); // prettier-ignore
  });

  it('says it as a knitter would', () => {
    const said = (stitches: number, rows: number) => english.slope(slopeOf(stitches, rows), talkOf(hat(), english));
    expect(said(12, 34)).toBe('12 times, evenly spread: every 2nd or 4th row');
    expect(said(12, 48)).toBe('every 4th row 12 times');
    expect(said(1, 23)).toBe('every 22nd row once, then 1 straight');
    expect(said(0, 10)).toBe('straight');
  });

  it('any slope that fits: every stitch at an even row, evenly, in order, none beyond the end', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 60 }), fc.integer({ min: 0, max: 300 }), (stitches, more) => {
        const rows = 2 * stitches + more;
        const slope = slopeOf(stitches, rows);
        expect(slope.at).toHaveLength(stitches);
        expect(slope.gaps.reduce((sum, g) => sum + g.times, 0)).toBe(stitches);
        let before = 0;
        const gaps = slope.at.map((row) => {
          expect(row % 2).toBe(0);
          const gap = row - before;
          before = row;
          return gap;
        });
        // Evenly: gaps differ by one pair of rows at most, and so do the sums of any two stretches of as many gaps: no bend.
        expect(Math.max(...gaps) - Math.min(...gaps)).toBeLessThanOrEqual(2);
        for (let n = 2; n <= stitches; n++) {
          const sums = gaps.slice(n - 1).map((_, i) => gaps.slice(i, i + n).reduce((sum, gap) => sum + gap, 0));
          expect(Math.max(...sums) - Math.min(...sums)).toBeLessThanOrEqual(2);
        }
        expect(before + slope.leftRows).toBe(rows);
        expect(slope.leftRows).toBeLessThan(2);
      })
    );
  });

  it('(38 - 18) / 3 is refused with the two nearest that work', () => {
    expect(wholeDecreases(38, 18, 3)).toMatchObject({
      ok: false,
      nearest: [
        { to: 20, times: 6 },
        { to: 17, times: 7 }
      ]
    });
    expect(wholeDecreases(38, 20, 3)).toEqual({ ok: true, times: 6 });
    expect(() => wholeDecreases(38, 18, 0)).toThrow('received 38, 18, 0');
  });
});

describe('widening', () => {
  it('groups of 6 between every 6 pins, six plain ones at least at either edge, for any ring', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 200 }), (pins) => {
        const wide = widened(pins);
        for (const after of wide.after) {
          expect(after).toBeGreaterThanOrEqual(6);
          expect(pins - after).toBeGreaterThanOrEqual(6);
        }
        // Groups cut off the panel six by six from one edge; the last six stay whole.
        let groups = 0;
        for (let left = pins; left >= 12; left -= 6) groups++;
        expect(wide.after).toHaveLength(groups);
        wide.after.slice(1).forEach((after, i) => expect(after - wide.after[i]!).toBe(6));
        expect(wide.stitches).toBe(pins + 6 * groups);
      })
    );
    // Common practice, no source: 44 pins carry six groups, 48 seven.
    expect([widened(44).stitches, widened(48).stitches]).toEqual([80, 90]);
    // What is over lies half and half at the edges: of 44 pins two, of 46 four.
    expect(widened(44).after).toEqual([7, 13, 19, 25, 31, 37]);
    expect(widened(46).after).toEqual([8, 14, 20, 26, 32, 38]);
    expect(widened(48, { groups: 2 }).after).toEqual([21, 27]);
    // A panel that was begun under the first rule keeps its seven.
    expect(widened(44, { first: true }).after).toEqual([6, 12, 18, 24, 30, 36, 42]);
  });

  it('a float carries the yarn of its stitches; the card is half of it, less the thickness', () => {
    // By hand: six loops of 26.5 mm are 159 mm; (159 - 5) / 2 = 77; with a card of 2 mm 78.5, which no ruler shows.
    expect(floatMm(6, 26.5)).toBe(159);
    expect(cardMm(6, 26.5, 5)).toBe(77);
    expect(cardMm(6, 26.5, 2)).toBe(79);
  });
});
