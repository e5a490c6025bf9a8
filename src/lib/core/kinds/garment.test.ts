import { polygonArea } from 'd3-polygon';
import { describe, expect, it } from 'vitest';
import { codes, made, sampleKit } from '../../../../tests/support/sample';
import { SIZE_TABLES } from '../body';
import { presetFor } from '../kit';
import { areaOf, finishedSketch, layPanel, panelAreaMm2 } from '../read';
import type { Result } from '../tomble';
import { speak } from '$lib/words';

const TRUNKS = SIZE_TABLES.filter((table) => table.sizes[0]!.measures['chest'] !== undefined);
const bodies = TRUNKS.flatMap((table) =>
  table.sizes.map(({ size, measures }) => {
    const child = table.title.startsWith('Children');
    const mm = (code: string): number => measures[code]!;
    const options = {
      wearer: child ? 'child' : 'adult',
      chestMm: mm('chest'),
      easeMm: child ? 50 : 70,
      crossBackMm: mm('cross-back'),
      upperArmMm: mm('upper-arm'),
      armholeMm: mm('armhole') + 20,
      lengthMm: mm('back') + (child ? 80 : 150),
      neckMm: Math.round(mm('cross-back') * 0.4),
      neckDepthMm: Math.round(mm('armhole') * 1.1) + 20
    };
    return [`${child ? 'child' : 'woman'} ${size}`, options] as const;
  })
);

/** Cells of the work rows of a piece, row by row, as text: what a mirror would show backwards. */
function cellsOf(result: Result, p: number): string[] {
  const piece = result.fabric.pieces[p]!;
  const { first, count } = piece.work;
  return Array.from({ length: count }, (_, i) => {
    const at = (first + i) * piece.width;
    return [...piece.cells.slice(at, at + piece.width)].join('');
  });
}
const labelled = (result: Result, label: string): number => result.plan.pieces.findIndex((p) => p.label === label);

describe.each(bodies)('a waistcoat and a cardigan for a %s', (_size, options) => {
  const results = (['waistcoat', 'cardigan'] as const).flatMap((kind) =>
    (['straight', 'sloped'] as const).map((shoulders) => made(kind, { ...options, shoulders }))
  );

  it('is refused nothing', () => {
    for (const result of results) expect(result.refusals).toEqual([]);
  });

  it('has halves that are mirror images, stitch by stitch', () => {
    for (const result of results) {
      for (const part of ['back', 'front']) {
        const [left, right] = [labelled(result, `Left ${part}`), labelled(result, `Right ${part}`)];
        if (left < 0) continue;
        const flipped = cellsOf(result, right).map((row) => [...row].reverse().join(''));
        expect(cellsOf(result, left)).toEqual(flipped);
        // One waste row more moves the yarn to the other side.
        const waste = (p: number): number => result.fabric.pieces[p]!.purpose.filter((x) => x === 1).length;
        expect(Math.abs(waste(left) - waste(right))).toBe(1);
      }
    }
  });

  it('has seams whose partners agree', () => {
    for (const result of results) {
      expect(result.worked.seams.length).toBeGreaterThan(3);
      for (const { name, a, b } of result.worked.seams) {
        // The top of a sleeve meets the rows of an armhole with its stitches.
        if (name.startsWith('sleeve-set')) continue;
        expect(a.unit, name).toBe(b.unit);
        // A back in one piece is a row longer at one shoulder; nothing else differs.
        expect(Math.abs(a.count - b.count), name).toBeLessThanOrEqual(a.unit === 'rows' ? 1 : 0);
      }
      expect(codes(result)).not.toContain('seam-uneven');
      expect(codes(result)).not.toContain('armhole-small');
    }
  });

  it('goes round the chest with its ease', () => {
    for (const result of results) {
      const wales = result.gauges[0]![0]!.wales.value;
      const hems = result.plan.pieces
        .filter((p) => p.label !== 'Sleeve')
        .reduce((sum, p) => sum + p.to - p.from + 1, 0);
      // Every seam takes a stitch from both its edges, and the front edges a band.
      expect((10 * hems) / wales).toBeGreaterThan(options.chestMm + options.easeMm - 20);
    }
  });
});

describe('panels', () => {
  it('outlines enclose the area that a geometry library finds (d3-polygon), and that the stitches cover', () => {
    for (const [, options] of bodies.slice(0, 6)) {
      const result = made('waistcoat', options);
      result.plan.pieces.forEach((_, p) => {
        const lay = layPanel(result, p);
        const library = Math.abs(polygonArea(lay.outline.map(([x, y]) => [x, y] as [number, number])));
        expect(areaOf(lay.outline)).toBeCloseTo(library, 4);
        expect(panelAreaMm2(result, p)).toBeCloseTo(library, 4);
        const piece = result.fabric.pieces[p]!;
        const { courses, wales } = result.gauges[p]![piece.yarn[piece.purpose.indexOf(0)]!]!;
        let stitches = 0;
        for (let row = 0; row < piece.rows; row++) if (piece.purpose[row] === 0) stitches += piece.stitches[row]!;
        expect(library).toBeCloseTo((stitches * 100) / (courses.value * wales.value), 2);
      });
    }
  });

  it('a pennant narrows to two stitches, the far edge one row after the near one', () => {
    const result = made('pennant');
    const [piece] = result.fabric.pieces;
    const last = piece!.trace.at(-2)!;
    expect(last.high - last.low + 1).toBe(2);
    const lost = (edge: 'low' | 'high'): number[] => {
      const pins = [...piece![edge]];
      return pins.flatMap((pin, row) => (row > 0 && pin !== pins[row - 1] ? [row] : []));
    };
    // The yarn begins at the high edge: after even rows it is there, after odd ones at the low edge.
    expect(lost('high').every((row) => row % 2 === 0)).toBe(true);
    expect(lost('low')).toEqual(lost('high').map((row) => row + 1));
  });

  it('a panel widened by floats has the columns of the rule on every ring', () => {
    for (const pins of [20, 22, 40, 44, 46, 48]) {
      const { tensionHoles } = presetFor(pins, 'm', 'Ring');
      const result = made('wide-panel', {}, sampleKit({ machine: { pins, tensionHoles } }));
      const width = pins - 4;
      const groups = Math.floor(width / 6) - 1;
      expect(result.fabric.pieces[0]!.floats.after).toHaveLength(groups);
      const { wales } = result.gauges[0]![0]!;
      expect(result.sizes.pieces[0]!.flatWidthMm.value).toBeCloseTo((10 * (width + 6 * groups)) / wales.value, 6);
    }
  });

  it('a blanket is as wide as asked, seams taken off', () => {
    const result = made('blanket', { widthMm: 1000 });
    const wales = result.gauges[0]![0]!.wales.value;
    const strips = result.plan.pieces.length;
    const stitches = result.fabric.pieces.reduce((sum, p) => sum + p.stitches[0]!, 0) - 2 * (strips - 1) - 2;
    expect(Math.abs((10 * stitches) / wales - 1000)).toBeLessThan(strips * 8);
    expect(result.worked.seams).toHaveLength(strips - 1);
  });

  it('a grid of blocks has every seam between neighbours once, blocks first', () => {
    const result = made('blanket', { widthMm: 900, lengthMm: 900, blocks: 3 });
    const strips = result.plan.pieces.length / 3;
    expect(result.worked.seams).toHaveLength(strips * 2 + (strips - 1) * 3);
    const kinds = result.worked.seams.map((seam) => seam.name.split('-')[0]!);
    expect(kinds).toEqual([...kinds].sort());
    expect(codes(result)).not.toContain('seam-uneven');
  });

  it('(38 - 18) / 3 held at a time is refused with the two nearest that come out', () => {
    const result = made('panel', { taper: 'low', method: 'held', step: 3, widthMm: 281, topMm: 133 });
    const finding = result.findings.find((f) => f.code === 'slope-fraction')!;
    expect(speak(result).finding(finding)).toContain('(38 - 18) / 3 is 6.67');
    expect(speak(result).finding(finding)).toContain('6 times to 20 stitches or 7 times to 17 stitches');
  });
});

describe('the schematic', () => {
  it('says every edge in length and in stitches or rows, and what is held at once', () => {
    const result = made('waistcoat', {});
    const labels = finishedSketch(result)!.labels.map((label) => label.text);
    const hold = result.plan.pieces[0]!.operations.find((op) => op.op === 'hold');
    expect(labels).toContain(`${hold!.op === 'hold' ? hold!.stitches : 0} st`);
    expect(labels).toContain('26.5 cm, 36 st');
    expect(labels.filter((text) => /^\d+ r$/.test(text))).toHaveLength(8);
    for (const name of ['Left back', 'Right back', 'Left front', 'Right front']) expect(labels).toContain(name);
  });
});

describe('the waste yarn of a garment', () => {
  it('is the colour furthest from the work, or the one that is chosen, in every piece', () => {
    for (const kind of ['waistcoat', 'cardigan']) {
      const kit = sampleKit();
      const third = { ...kit.yarns[0]!, id: 'third', colour: { name: 'third', hex: '#888888' } };
      const more = { ...kit, yarns: [...kit.yarns, third] };
      const wasteOf = (wasteYarn: string | null): string[] => {
        const result = made(kind, { yarn: 'red', wasteYarn }, more);
        const yarns = result.plan.pieces.flatMap((piece) => piece.operations.flatMap((op) => (op.op === 'knit' && op.purpose === 'waste' ? [op.yarn] : []))); // prettier-ignore
        return [...new Set(yarns)];
      };
      expect(wasteOf(null), kind).toEqual(['blue']);
      expect(wasteOf('third'), kind).toEqual(['third']);
    }
  });
});
