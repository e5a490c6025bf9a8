import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { codes, made, sampleKit } from '../../../../tests/support/sample';
import { spread } from './buttons';
import { riseOf } from '../kinds/shared/garment/counts';

const bound = (r: ReturnType<typeof made>) => r.worked.done.flatMap((d) => (d.do === 'bind' && d.act.name === 'band' ? [d.facts!] : [])); // prettier-ignore
const fixed = (r: ReturnType<typeof made>) => r.worked.done.flatMap((d) => (d.do === 'fix' ? [d.facts!] : []));

describe('buttons along a band', () => {
  it('lie in whole stitches, inside the stretch, their gaps alike to a stitch', () => {
    const line = fc.record({
      count: fc.integer({ min: 1, max: 12 }),
      buttonMm: fc.integer({ min: 8, max: 30 }),
      rows: fc.integer({ min: 40, max: 200 }),
      perFour: fc.integer({ min: 2, max: 4 })
    });
    fc.assert(
      fc.property(line, ({ count, buttonMm, rows, perFour }) => {
        const { stitches, chains, rows: at } = spread({ count, buttonMm }, rows, perFour, 6.5);
        expect(stitches).toHaveLength(count);
        const all = (rows * perFour) / 4;
        expect(Math.min(...stitches)).toBeGreaterThanOrEqual(2);
        expect(Math.max(...stitches) + chains).toBeLessThanOrEqual(all);
        const gaps = stitches.slice(1).map((s, i) => s - stitches[i]!);
        if (gaps.length) expect(Math.max(...gaps) - Math.min(...gaps)).toBeLessThanOrEqual(1);
        for (const row of at) expect(row >= 1 && row <= rows).toBe(true);
      }),
      { numRuns: 200 }
    );
  });

  it('have their holes on the other front, opposite them', () => {
    const r = made('waistcoat', { buttons: 5, bandMm: 25 });
    const [band] = bound(r);
    const [button] = fixed(r);
    expect(band!.holes!.rows).toEqual(button!.rows);
    const sides = r.plan.acts.flatMap((act) => (act.do === 'bind' && act.holes ? [act.holes.over] : act.do === 'fix' ? [act.along!.over] : [])); // prettier-ignore
    expect(new Set(sides.map((s) => s.piece)).size).toBe(2);
    // Nothing above the beginning of the V, where the fronts part.
    const front = r.plan.pieces[sides[0]!.piece]!;
    const rows = front.operations.reduce((n, op) => n + (op.op === 'knit' && op.purpose === 'work' ? op.rows : 0), 0);
    expect(Math.max(...button!.rows!)).toBeLessThan(rows);
    expect(riseOf({ body: rows, arm: 0 })).toBe(rows);
  });

  it('lie opposite them in any garment, whatever the neck and the band are', () => {
    const wish = fc.record({
      buttons: fc.integer({ min: 1, max: 12 }),
      buttonMm: fc.integer({ min: 8, max: 50 }),
      bandPerFour: fc.integer({ min: 2, max: 4 }),
      bandMm: fc.integer({ min: 5, max: 80 }),
      neckMm: fc.integer({ min: 60, max: 350 }),
      chestMm: fc.integer({ min: 600, max: 1400 }),
      holesOn: fc.constantFrom('left', 'right')
    });
    fc.assert(
      fc.property(wish, (o) => {
        const r = made('waistcoat', o);
        const { holes } = bound(r)[0]!;
        expect(fixed(r)[0]).toMatchObject({ rows: holes!.rows, gapMm: holes!.gapMm });
      }),
      { numRuns: 60 }
    );
  });

  it('make the band as wide as it was asked, in whole rounds', () => {
    for (const bandMm of [5, 20, 40]) {
      const [band] = bound(made('waistcoat', { bandMm }));
      const stitch = band!.mm / band!.stitches;
      expect(Math.abs(band!.widthMm! - bandMm)).toBeLessThanOrEqual(stitch);
      expect(band!.widthMm).toBeCloseTo(band!.rounds * stitch, 6);
    }
    // Four for four rows take a third more stitches along the rows than three.
    const [three, four] = [3, 4].map((bandPerFour) => bound(made('waistcoat', { bandPerFour }))[0]!);
    expect(four!.stitches - four!.loops).toBe(Math.round(four!.rows));
    expect(three!.stitches - three!.loops).toBe(Math.round(three!.rows * 0.75));
  });

  it('are found too wide for their band and too close, each with what mends it', () => {
    expect(codes(made('waistcoat', { buttons: 3, bandMm: 10, buttonMm: 25 }))).toContain('band-narrow');
    expect(codes(made('waistcoat', { buttons: 12, bandMm: 60, buttonMm: 45 }))).toContain('buttons-close');
    const fine = codes(made('waistcoat', { buttons: 4, bandMm: 25, buttonMm: 18 }));
    expect(fine).not.toContain('band-narrow');
    expect(fine).not.toContain('buttons-close');
  });

  it("are warned of on a baby's things: they come off", () => {
    const r = made('waistcoat', { wearer: 'baby', buttons: 3, bandMm: 25 });
    expect(r.findings.find((f) => f.code === 'baby-trim')).toMatchObject({ weight: 'warn' });
  });

  it('keep their rows when the garment is knitted from the other edge', () => {
    const rows = (['high', 'low'] as const).map((yarnAt) => fixed(made('cardigan', { buttons: 4, yarnAt }, sampleKit()))[0]!.rows); // prettier-ignore
    expect(rows[0]).toEqual(rows[1]);
  });
});
