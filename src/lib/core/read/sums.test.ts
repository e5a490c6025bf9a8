import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyKitAndBrief } from '../../../../tests/support/arbitrary';
import { lengthMmOf, lengthOfRows } from '../knit';
import { tryPlan } from '../tomble';
import { areaOf, layPanel, panelAreaMm2 } from './panel';
import { cuesAhead, trackOf } from './track';

/**
 * What is read by runs and sums, against the same thing read row by row. Oracles: loops written from the words of what is
 * measured, with nothing remembered.
 */
describe('read by runs, as row by row', () => {
  it('lengths, areas and outlines of any plan', () => {
    let panels = 0;
    fc.assert(
      fc.property(anyKitAndBrief, fc.nat(), fc.nat(), ({ kit, brief }, a, b) => {
        const planned = tryPlan(kit, brief);
        if (!planned.ok) return;
        const run = planned.value;
        run.fabric.pieces.forEach((piece, p) => {
          if (piece.rows === 0 || run.refusals.length > 0) return;
          const { first, count } = piece.work;
          const high = (row: number): number => 10 / run.gauges[p]![piece.yarn[first + row - 1]!]!.courses.value;
          const sum = (from: number, to: number, of: (row: number) => number): number => {
            let total = 0;
            for (let row = from; row <= to; row++) total += of(row);
            return total;
          };
          const [from, to] = [1 + (a % count), 1 + (b % count)];
          expect(lengthOfRows(run, p, from, to)).toBeCloseTo(sum(from, to, high), 6);
          const halved = piece.doubled.flatMap((d) => Array.from({ length: d.to - d.from + 1 }, (_, i) => d.from + i - first)); // prettier-ignore
          expect(lengthMmOf(run, p)).toBeCloseTo(sum(1, count, high) - halved.reduce((mm, row) => mm + high(row) / 2, 0), 6); // prettier-ignore
          if (run.plan.pieces[p]!.mode === 'tube') return;
          panels++;
          const { wales } = run.gauges[p]![piece.yarn[first]!]!;
          const wide = (row: number): number => {
            const [low, last] = [piece.low[first + row - 1]!, piece.high[first + row - 1]!];
            const laid = piece.floats.after.filter((pin) => pin >= low && pin <= last).length * piece.floats.columns;
            return ((last - low + 1 + laid) * 10) / wales.value;
          };
          const area = sum(1, count, (row) => wide(row) * high(row));
          expect(panelAreaMm2(run, p) / area).toBeCloseTo(1, 9);
          const lay = layPanel(run, p);
          expect(areaOf(lay.outline) / area).toBeCloseTo(1, 9);
          expect(lay.shapes.reduce((mm2, shape) => mm2 + areaOf(shape.points), 0) / area).toBeCloseTo(1, 9);
          expect(lay.heightMm).toBeCloseTo(sum(1, count, high), 6);
        });
      }),
      { numRuns: 150 }
    );
    expect(panels).toBeGreaterThan(10);
  });

  it('cues ahead of any row are those that are due there, and the next', () => {
    fc.assert(
      fc.property(anyKitAndBrief, fc.nat(), ({ kit, brief }, n) => {
        const planned = tryPlan(kit, brief);
        if (!planned.ok) return;
        const track = trackOf(planned.value);
        if (track.rows === 0) return;
        const rows = n % (track.rows + 1);
        const ahead = cuesAhead(track, rows);
        const inRows = ahead.map((cue) => cue.inRows);
        expect(inRows).toEqual([...inRows].sort((x, y) => x - y));
        expect(inRows.filter((left) => left > 0).length).toBeLessThanOrEqual(1);
        for (const cue of ahead) expect(cue.row - cue.inRows).toBe(rows);
        // Nothing that a row further on would announce as due lies between this row and the next that is told.
        const next = inRows.at(-1) ?? 0;
        for (let on = rows + 1; on < rows + next; on++) {
          expect(cuesAhead(track, on).some((cue) => cue.inRows === 0)).toBe(false);
        }
      }),
      { numRuns: 60 }
    );
  });
});

describe('what is remembered of a kit', () => {
  it('never outlives the kit: with another swatch it is another plan, and back again the first', () => {
    fc.assert(
      fc.property(anyKitAndBrief, ({ kit, brief }) => {
        const before = tryPlan(kit, brief);
        const bare = tryPlan({ ...kit, swatches: [], finished: [] }, brief);
        const fresh = tryPlan(structuredClone({ ...kit, swatches: [], finished: [] }), structuredClone(brief));
        const again = tryPlan(kit, brief);
        if (!before.ok || !bare.ok || !fresh.ok || !again.ok) return;
        expect(bare.value.sizes).toEqual(fresh.value.sizes);
        expect(bare.value.yarnUse).toEqual(fresh.value.yarnUse);
        expect(again.value.sizes).toEqual(before.value.sizes);
      }),
      { numRuns: 60 }
    );
  });
});
