import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { codes, made, sampleKit } from '../../../../tests/support/sample';
import { KINDS } from './index';
import { type Operation, optionFields } from '../plan';
import type { Result } from '../tomble';

/** Work rows of a piece. */
const rows = (result: Result, label: string): number => {
  const p = result.plan.pieces.findIndex((piece) => piece.label === label);
  return result.fabric.pieces[p]!.work.count;
};
/** Operations of one sort in a piece, in their order. */
const ops = <O extends Operation['op']>(result: Result, label: string, op: O) =>
  result.plan.pieces
    .find((piece) => piece.label === label)!
    .operations.filter((o): o is Extract<Operation, { op: O }> => o.op === op);
/** Stitches that a piece's work begins with. */
const begins = (result: Result, label: string): number => {
  const p = result.plan.pieces.findIndex((piece) => piece.label === label);
  const { stitches, purpose } = result.fabric.pieces[p]!;
  return stitches[purpose.indexOf(0)]!;
};
const stops = (result: Result): string[] => result.findings.filter((f) => f.weight === 'stop').map((f) => f.code);

const lining = (result: Result): number => {
  const [outside, inside] = ops(result, 'Tube', 'knit').filter((o) => o.purpose === 'work');
  return inside!.rows - outside!.rows;
};

describe('what is typed is kept', () => {
  it('an odd number of rows to the underarm, and from it to the shoulder', () => {
    for (const [body, arm] of [
      [81, 38],
      [82, 37],
      [81, 37]
    ] as const) {
      // prettier-ignore
      for (const shoulders of ['straight', 'sloped']) {
        const result = made('waistcoat', { sizeBy: 'rows', backRows: body, frontRows: body, armRows: arm, frontArmRows: arm, shoulders }); // prettier-ignore
        expect(rows(result, 'Left front')).toBe(body + arm);
        expect(rows(result, 'Right back')).toBe(body + arm);
        const [held] = result.worked.seams.filter((seam) => seam.name === 'side-left');
        expect([held!.a.count, held!.b.count]).toEqual([body, body]);
        expect(stops(result)).toEqual([]);
      }
    }
  });

  it('a margin of 5, whatever decides the rows', () => {
    for (const marginRows of [5, 6, 7, -3]) {
      expect(lining(made('lined-hat', { style: 'contrast', liningYarn: 'blue', marginRows }))).toBe(marginRows);
      expect(lining(made('lined-hat', { style: 'contrast', liningYarn: 'blue', marginRows, sizeBy: 'height' }))).toBe(marginRows); // prettier-ignore
    }
    // Two typed numbers of which one cannot be kept: the rows stand, and it is said.
    const both = made('lined-hat', { style: 'contrast', liningYarn: 'blue', marginRows: 5, sizeBy: 'rows', rows: 136 });
    expect(lining(both)).toBe(6);
    expect(both.sizes.pieces[0]!.rows).toBe(136);
    expect(codes(both)).toContain('clamped');
    expect(codes(made('lined-hat', { style: 'contrast', liningYarn: 'blue', marginRows: 6, sizeBy: 'rows', rows: 136 }))).not.toContain('clamped'); // prettier-ignore
  });

  it('a last stripe of 50 that goes on for 106 is said', () => {
    const sections = [
      { yarn: 'red', rows: 30 },
      { yarn: 'blue', rows: 50 }
    ];
    const hat = (more: object) => made('lined-hat', { style: 'striped', sections, sizeBy: 'rows', rows: 136, ...more });
    expect(codes(hat({ repeat: false }))).toContain('stripes-short');
    expect(codes(hat({ repeat: true }))).not.toContain('stripes-short');
    expect(codes(hat({ repeat: false, rows: 80 }))).not.toContain('stripes-short');
  });

  it('odd rows of a channel and of a doubled edge', () => {
    expect(ops(made('sack', { channelRows: 11 }), 'Sack', 'knit')[1]!.rows).toBe(11);
    const warmer = made('warmers', { edges: 'doubled', cuffRows: 9, limb: 'leg' });
    expect(ops(warmer, warmer.plan.pieces[0]!.label, 'knit').find((o) => o.section === 'Doubled edge')!.rows).toBe(9);
  });

  it('an odd body opening of a wrap', () => {
    for (const bodyRows of [109, 110]) {
      const result = made('wrap', { sizeBy: 'rows', rows: 230, sleeveRows: 85, neckRows: 60, bodyRows });
      const chained = result.worked.done.flatMap((d) => (d.do === 'chainRungs' ? (d.facts?.stretches ?? []) : []));
      expect(chained.find(({ name }) => name === 'body-front')?.rungs).toBe(bodyRows);
      expect(stops(result)).toEqual([]);
    }
  });

  it('stitches and rows of a panel, and the stitches at its top', () => {
    const panel = made('panel', { sizeBy: 'rows', stitches: 31, rows: 77 });
    expect([begins(panel, 'Panel'), rows(panel, 'Panel')]).toEqual([31, 77]);
    const narrowed = made('panel', { sizeBy: 'rows', stitches: 31, rows: 77, taper: 'both', topStitches: 11 });
    expect(ops(narrowed, 'Panel', 'decrease')).toHaveLength(20);
    expect(stops(narrowed)).toEqual([]);
    // Both edges take the same number: an odd difference is a fraction, and is said.
    expect(codes(made('panel', { sizeBy: 'rows', stitches: 31, rows: 77, taper: 'both', topStitches: 12 }))).toContain('slope-fraction'); // prettier-ignore
    expect(codes(made('panel', { sizeBy: 'rows', stitches: 60, rows: 77 }))).toContain('panel-narrow');
  });

  it('rows of a strap, stitches and rows of a pennant, a tube of panels, a blanket, a wide panel', () => {
    expect(rows(made('strap', { sizeBy: 'rows', rows: 133 }), 'Strap')).toBe(133);
    const pennant = made('pennant', { sizeBy: 'rows', stitches: 18, rows: 41 });
    expect([begins(pennant, 'Pennant'), rows(pennant, 'Pennant')]).toEqual([18, 41]);
    expect(codes(made('pennant', { sizeBy: 'rows', stitches: 30, rows: 20 }))).toContain('clamped');
    const tube = made('panel-tube', { sizeBy: 'rows', stitches: 27, parts: 2, rows: 61 });
    expect([tube.plan.pieces.length, begins(tube, 'Panel 1'), rows(tube, 'Panel 2')]).toEqual([2, 27, 61]);
    const blanket = made('blanket', { sizeBy: 'rows', strips: 3, stitches: 33, rows: 101 });
    expect([blanket.plan.pieces.length, begins(blanket, 'Strip 1'), rows(blanket, 'Strip 3')]).toEqual([3, 33, 101]);
    expect(rows(made('wide-panel', { sizeBy: 'rows', rows: 83 }), 'Wide panel')).toBe(83);
  });

  it('every shaping number of a garment', () => {
    const counts = {
      sizeBy: 'counts',
      chestMm: 860,
      halfStitches: 33,
      heldStitches: 5,
      singles: 4,
      shoulderStitches: 14,
      shoulderGroups: 4,
      shoulders: 'sloped',
      backRows: 71,
      frontRows: 71,
      armRows: 42,
      frontArmRows: 42,
      sleeveRows: 75,
      sleeveStitches: 29
    };
    const result = made('cardigan', counts);
    expect(begins(result, 'Left front')).toBe(33);
    const [held] = ops(result, 'Left front', 'hold');
    expect(held!.stitches).toBe(5);
    expect(ops(result, 'Left front', 'decrease').filter((d) => d.side === held!.side)).toHaveLength(4);
    // Three groups of four stitches and one of two: 14 in four groups.
    const groups = ops(result, 'Right back', 'hold').slice(1).map((o) => o.stitches); // prettier-ignore
    expect(groups).toHaveLength(4);
    expect(groups.reduce((sum, n) => sum + n, 0)).toBe(14);
    expect(rows(result, 'Sleeve')).toBe(75);
    expect(result.plan.pieces.find((piece) => piece.label === 'Sleeve')!.to - result.plan.pieces.find((piece) => piece.label === 'Sleeve')!.from + 1).toBe(29); // prettier-ignore
    expect(stops(result)).toEqual([]);
    // What the counts do to the body is judged, not mended behind the knitter's back.
    expect(codes(made('cardigan', { ...counts, halfStitches: 24 }))).toContain('garment-narrow');
    expect(codes(made('cardigan', { ...counts, armRows: 8, frontArmRows: 8, singles: 9 }))).toContain('clamped');
  });

  it('garments of any typed counts are refused nothing', () => {
    const int = (min: number, max: number) => fc.integer({ min, max });
    fc.assert(
      fc.property(
        fc.record({
          kind: fc.constantFrom('waistcoat', 'cardigan'),
          yarnAt: fc.constantFrom('low', 'high'),
          shoulders: fc.constantFrom('straight', 'sloped'),
          shoulderBy: fc.constantFrom('sewn', 'together', 'slip'),
          armholes: fc.constantFrom('cut-in', 'straight'),
          farSide: fc.constantFrom('next-row', 'cut'),
          halfStitches: int(6, 60),
          sideStitches: int(0, 30),
          sidePanels: int(1, 3),
          heldStitches: int(0, 20),
          singles: int(0, 20),
          shoulderStitches: int(1, 40),
          shoulderGroups: int(1, 8),
          backRows: int(4, 60),
          frontRows: int(4, 60),
          armRows: int(8, 50),
          frontArmRows: int(8, 50),
          sleeveRows: int(4, 60),
          sleeveStitches: int(4, 60),
          neckDepthMm: int(40, 400)
        }),
        ({ kind, ...options }) => {
          const result = made(kind, { sizeBy: 'counts', ...options });
          expect(stops(result).filter((code) => code !== 'armhole-small' && code !== 'garment-narrow')).toEqual([]);
        }
      ),
      { numRuns: 150 }
    );
  });

  it('going over to counts changes nothing', () => {
    const small = sampleKit({ machine: { pins: 22 } });
    for (const kit of [sampleKit(), small]) {
      for (const kind of KINDS) {
        const by = optionFields(kind.options).find(({ key }) => key === 'sizeBy')?.meta.choices ?? [];
        for (const value of by.filter((c) => c === 'rows' || c === 'counts')) {
          const before = made(kind.code, {}, kit);
          const after = made(kind.code, { ...before.notes.unasked, sizeBy: value }, kit);
          expect(after.fabric.pieces.map((p) => p.rows), `${kind.code} ${value}`).toEqual(before.fabric.pieces.map((p) => p.rows)); // prettier-ignore
          expect(after.fabric.pieces.map((p) => p.width)).toEqual(before.fabric.pieces.map((p) => p.width));
        }
      }
    }
  });
});
