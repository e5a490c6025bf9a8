import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { made } from '../../../../tests/support/sample';
import { edgeAfter, yarnEdge } from './yarn-edge';

describe('where the yarn of a panel stands', () => {
  it('81 rows started at the right leave it at the left (craft 14)', () => {
    // Hung with the purl side to the middle, the low pins are the right edge of the knit side.
    const { fabric } = made('panel', { sizeBy: 'rows', rows: 81, yarnAt: 'low' });
    expect(edgeAfter(fabric.pieces[0]!, 0)).toBe('low');
    expect(edgeAfter(fabric.pieces[0]!, 81)).toBe('high');
  });

  it('a right answer says that nothing is off, a wrong one by how many rows, for any panel', () => {
    const panels = fc.record({
      rows: fc.integer({ min: 2, max: 90 }),
      yarnAt: fc.constantFrom('low', 'high'),
      taper: fc.constantFrom('none', 'both')
    });
    fc.assert(
      fc.property(panels, fc.nat(), (options, at) => {
        const [piece] = made('panel', { sizeBy: 'rows', ...options }).fabric.pieces;
        const rows = at % (piece!.rows + 1);
        // By hand: cast on, the yarn stands where it was begun, and every row takes it across.
        const begun = options.yarnAt === 'low';
        const stands = (rows % 2 === 0) === begun ? 'low' : 'high';
        expect(edgeAfter(piece!, rows)).toBe(stands);
        expect(yarnEdge(piece!, rows, stands)).toMatchObject({ off: 0, instead: [] });
        const wrong = yarnEdge(piece!, rows, stands === 'low' ? 'high' : 'low');
        expect(wrong.off).toBe(1);
        expect(wrong.instead).toEqual([rows - 1, rows + 1].filter((n) => n >= 0 && n <= piece!.rows));
        expect(wrong.expected).not.toBe(wrong.said);
      }),
      { numRuns: 60 }
    );
  });

  it('where the yarn was cut the parity turns, and the answer follows', () => {
    const cut = made('waistcoat', { chestMm: 500, crossBackMm: 200, neckDepthMm: 120, farSide: 'cut' });
    const at = cut.plan.pieces[0]!.operations.findIndex((op) => op.op === 'newEnd');
    expect(at).toBeGreaterThan(0);
    const { rowsBefore } = cut.fabric.pieces[0]!.trace[at]!;
    // Two rows on end at opposite edges, but for the two beside the cut.
    const [before, after] = [rowsBefore, rowsBefore + 1].map((rows) => edgeAfter(cut.fabric.pieces[0]!, rows));
    expect(before).toBe(after);
    const other = before === 'low' ? 'high' : 'low';
    expect(yarnEdge(cut.fabric.pieces[0]!, rowsBefore, other).instead).toEqual([rowsBefore - 1]);
  });
});
