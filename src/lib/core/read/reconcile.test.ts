import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyKitAndBrief } from '../../../../tests/support/arbitrary';
import { hat, made, planned, sampleKit } from '../../../../tests/support/sample';
import { hangingOf } from './hanging';
import { rowByCounter, rowByTape, rowByWeight, stretchOfYarn } from './reconcile';
import { trackOf } from './track';
import { workOf } from '../knit';

describe('the machine says one number, the count here another', () => {
  it('by the counter: the row at which it shows so much, by each school', () => {
    const at = (school: string, shows: number, now: number): number | null =>
      rowByCounter(trackOf(hat({}, sampleKit({ habits: { counter: school } }))).legs[0]!, shows, now);
    expect(at('running', 87, 85)).toBe(87);
    expect(at('running', 9999, 85)).toBeNull();
    const sections = hat({}, sampleKit({ habits: { counter: 'reset' } }));
    const [leg] = trackOf(sections).legs;
    // The lining's row 10, not the outer's, because that is nearer to what was counted.
    const begun = sections.steps.find((s) => s.what.say === 'knit' && s.rows!.from > 1)!.rows!.from;
    expect(begun).toBeGreaterThan(40);
    expect(rowByCounter(leg!, 10, begun + 12)).toBe(begun + 9);
    expect(rowByCounter(leg!, 10, 3)).toBe(10);
  });

  it('by the counter of any plan: a number that was shown leads back to its row', () => {
    fc.assert(
      fc.property(anyKitAndBrief, fc.nat(), ({ kit, brief }, pick) => {
        const result = planned(kit, brief);
        const [leg] = result ? trackOf(result).legs : [];
        if (!leg || leg.rows === 0) return;
        const row = (pick % leg.rows) + 1;
        const shows = leg.counter(row);
        if (shows === null) expect(rowByCounter(leg, 1, row)).toBe(null);
        else expect(rowByCounter(leg, shows, row)).toBe(row);
      }),
      { numRuns: 40 }
    );
  });

  it('by tape, of any plan: what hangs so long by the reading of hanging lengths is that row', () => {
    fc.assert(
      fc.property(anyKitAndBrief, fc.nat(), ({ kit, brief }, pick) => {
        const result = planned(kit, brief);
        if (!result || result.refusals.length > 0) return;
        const [knitted] = result.fabric.pieces;
        if (!knitted) return;
        const { before, rows } = workOf(knitted);
        if (rows === 0) return;
        const hangs = hangingOf(result, 0);
        const row = (pick % rows) + 1;
        let mm = 0;
        for (let r = before + 1; r <= before + row; r++) mm += hangs(knitted.yarn[r - 1]!, 1);
        const { row: found, low, high } = rowByTape(result, 0, mm);
        expect(Math.abs(found - before - row)).toBeLessThanOrEqual(1);
        expect(low).toBeLessThanOrEqual(found);
        expect(high).toBeGreaterThanOrEqual(found);
      }),
      { numRuns: 40 }
    );
  });

  it('by weight: what the yarn of all its rows weighs leads to its last row, half of it to the middle', () => {
    const result = made('scarf', { style: 'plain', yarn: 'red', ends: 'drawn' });
    const use = result.yarnUse.find((u) => u.yarnId === 'red')!;
    const rows = use.parts.find((part) => part.what === 'rows')!;
    // The figure of the whole yarn is another sum: metres of its rows, times grams to the metre by its label.
    const grams = rows.metres * (100 / 200);
    const { from, to } = stretchOfYarn(result, 0, 5);
    expect(rowByWeight(result, 0, 5, grams).row).toBe(to);
    const half = rowByWeight(result, 0, 5, grams / 2);
    expect(Math.abs(half.row - (from + to) / 2)).toBeLessThanOrEqual(1);
    expect(half.low).toBeLessThan(half.row);
    expect(half.high).toBeGreaterThan(half.row);
  });
});
