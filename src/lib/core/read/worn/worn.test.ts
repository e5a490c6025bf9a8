import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyBrief, anyKit } from '../../../../../tests/support/arbitrary';
import { made, planned, sampleKit } from '../../../../../tests/support/sample';
import { kindOf } from '../../kinds';
import { presetFor } from '../../kit';
import { type Result } from '../../tomble';
import { PLACES } from '../places';
import { areaOf } from '../panel';
import type { SketchShape } from '../sketch';
import { finishedSketch } from './index';

/** Common practice (craft 5.3): 2.0 rows and 1.35 stitches to the centimetre. */
const ROW = 5;
const STITCH = 10 / 1.35;

const small = (() => {
  const { counter, tensionHoles } = presetFor(22, 'm', 'Ring');
  return sampleKit({ machine: { pins: 22, counter, tensionHoles } });
})();
const figure = (r: Result, code: string): number => r.sizes.finished.find((f) => f.code === code)!.figure.value;
const places = (r: Result, p = 0): string[] => [...r.reveal.pieces[p]!.place].map((code) => PLACES[code]!);
const box = (shapes: readonly SketchShape[]) => {
  const xs = shapes.flatMap((s) => s.points.map(([x]) => x));
  const ys = shapes.flatMap((s) => s.points.map(([, y]) => y));
  return { width: Math.max(...xs) - Math.min(...xs), height: Math.max(...ys) - Math.min(...ys) };
};
const count = (list: readonly string[], name: string): number => list.filter((n) => n === name).length;

describe('band hat', () => {
  it('half of the band shows on a brim as deep as it is', () => {
    const result = made('band-hat', {
      sizeBy: 'sections',
      outsideRows: 50,
      bandRows: 34,
      liningRows: 50,
      turnUpMm: 51
    });
    // At full stretch a course is 3 mm, never below 0.6 of 5: 51 mm are 17 rows, half of the band.
    expect(result.reveal.turnRows).toBe(17);
    expect(figure(result, 'band')).toBeCloseTo(17 * 3, 6);
  });
  it('without a turn-up the outer half shows at the edge', () => {
    const result = made('band-hat', { sizeBy: 'sections', outsideRows: 36, bandRows: 28, liningRows: 36, turnUpMm: 0 });
    expect(figure(result, 'band') / (14 * 3)).toBeCloseTo(1, 6);
  });
});

describe('ear hat', () => {
  it('gathers nothing at the crown, because it is closed straight across', () => {
    expect(places(made('ear-hat'))).not.toContain('crown');
    expect(places(made('lined-hat'))).toContain('crown');
  });
  it('its corners stand higher than the middle of its top', () => {
    const { shapes } = finishedSketch(made('ear-hat', { turnUpMm: 0 }))!;
    const points = shapes.flatMap((s) => s.points);
    const wide = Math.max(...points.map(([x]) => Math.abs(x)));
    const corner = Math.min(...points.filter(([x]) => Math.abs(x) > wide * 0.95).map(([, y]) => y));
    const middle = Math.min(...points.filter(([x]) => Math.abs(x) < wide * 0.1).map(([, y]) => y));
    expect(middle - corner).toBeGreaterThan(20);
  });
});

describe('single hat with a doubled brim', () => {
  const result = made('brim-hat', { sizeBy: 'rows', brimRows: 40, bodyRows: 30, waste: 'few' });
  it('of the 40 rows of the brim 20 lie inside and 20 outside', () => {
    const list = places(result);
    expect([count(list, 'doubled-inside'), count(list, 'doubled-outside'), count(list, 'removed')]).toEqual([
      20, 20, 5
    ]);
    expect(list.slice(5, 25).every((p) => p === 'doubled-inside')).toBe(true);
    expect(result.reveal.pieces[0]!.foldRow).toBe(20);
  });
  it('lying flat it is as long as its single rows and half of the doubled ones, less a tenth of its girth', () => {
    expect(figure(result, 'height')).toBeCloseTo(50 * ROW - 0.1 * 48 * STITCH, 6);
  });
  it('the brim is 20 rows high at full stretch', () => {
    expect(figure(result, 'brim') / (20 * 3)).toBeCloseTo(1, 6);
  });
});

describe('panels as they lie, the knit side up', () => {
  it('the low pins are the right edge: the armhole of the right back lies at the right, as worn', () => {
    const sketch = finishedSketch(made('waistcoat'))!;
    // What is held at once stands beside its armhole: left back, right back, right front, left front from left to right.
    const held = sketch.labels.filter((label) => /^\d+ st$/.test(label.text));
    const names = sketch.labels.filter((label) => /back|front/.test(label.text));
    expect(names.map((label) => label.text)).toEqual(['Left back', 'Right back', 'Right front', 'Left front']);
    // Left of the middle of its piece, or right of it.
    const sides = held.map((label, i) => (label.at[0] < names[i]!.at[0] ? 'left' : 'right'));
    expect(sides).toEqual(['left', 'right', 'left', 'right']);
    expect(held.map((label) => label.at[0])).toEqual(held.map((label) => label.at[0]).toSorted((a, b) => a - b));
  });
});

describe('over limbs and bottles', () => {
  it('a hand of 20 cm stretches 22 pins by 23 %', () => {
    const result = made('warmers', { limb: 'wrist', handMm: 200 }, small);
    expect(figure(result, 'stretch')).toBeCloseTo((200 / (22 * STITCH) - 1) * 100, 6);
  });
  it('a worn length comes out as asked, whatever the girth', () => {
    fc.assert(
      fc.property(fc.integer({ min: 150, max: 300 }), fc.integer({ min: 80, max: 500 }), (handMm, lengthMm) => {
        const result = made('warmers', { limb: 'wrist', handMm, lengthMm }, small);
        // To half a row either way.
        expect(Math.abs(figure(result, 'length-on') - lengthMm)).toBeLessThan(ROW);
      }),
      { numRuns: 40 }
    );
  });
  it('a sock lies as long as its foot in the picture', () => {
    const [long, short] = [300, 200].map((footMm) => box(finishedSketch(made('socks', { footMm, cuffMm: 100, pair: false }, small))!.shapes)); // prettier-ignore
    expect(long!.width).toBeGreaterThan(short!.width);
    expect(long!.height).toBeGreaterThan(short!.height);
  });
  it('a pair is drawn twice, one alone once', () => {
    const shapes = (pair: boolean): number => finishedSketch(made('warmers', { pair }, small))!.shapes.length;
    expect(shapes(true)).toBe(2 * shapes(false));
  });
});

describe('lengthwise round a head, neck or mug', () => {
  it('a headband of 86 rows is 43 cm and stretches by 30 % round 56', () => {
    const result = made('headband', { sizeBy: 'rows', rows: 86 });
    expect(figure(result, 'lengthwise')).toBeCloseTo((560 / 430 - 1) * 100, 6);
  });
  it('a cowl twice round is twice the way', () => {
    const [once, twice] = ['once', 'twice'].map((turns) => made('cowl', { turns }).sizes.pieces[0]!.rows);
    expect(twice! / once!).toBeCloseTo((2 * 1.3) / 1.05, 1);
  });
  it('the loops of a mug wrap bridge the gap', () => {
    const result = made('mug-wrap', { mugMm: 270, gapMm: 35, sizeBy: 'rows', rows: 44 }, small);
    expect(figure(result, 'lengthwise')).toBeCloseTo(((270 - 35) / 220 - 1) * 100, 6);
    expect(figure(result, 'gap')).toBe(35);
  });
});

describe('sack', () => {
  const result = made('sack', { sizeBy: 'rows', rows: 20, channelRows: 10 }, small);
  it('10 rows hang doubled: a channel of 2.5 cm, a sack of 12.5', () => {
    expect(figure(result, 'channel')).toBeCloseTo(5 * ROW, 6);
    expect(figure(result, 'height')).toBeCloseTo(25 * ROW, 6);
    expect(figure(result, 'width')).toBeCloseTo(11 * STITCH, 6);
  });
  it('by height it comes out as asked', () => {
    for (const heightMm of [100, 130, 200]) {
      const tall = made('sack', { sizeBy: 'height', heightMm }, small);
      expect(Math.abs(figure(tall, 'height') - heightMm)).toBeLessThanOrEqual(ROW / 2 + 1e-9);
    }
  });
});

describe('folded bag', () => {
  it('the square is as tall as the flat tube, and 3 : 1 holds on every ring', () => {
    for (const pins of [40, 44, 46, 48]) {
      const { counter, tensionHoles } = presetFor(pins, 'm', 'Ring');
      const result = made('folded-bag', {}, sampleKit({ machine: { pins, counter, tensionHoles } }));
      // A flat bag a times the root of two wide, half of that high, and tips as high again; the opening 4a round.
      const a = (pins / 2) * STITCH;
      expect(figure(result, 'wide')).toBeCloseTo(a * Math.SQRT2, 6);
      expect(figure(result, 'high')).toBeCloseTo(a / Math.SQRT2, 6);
      expect(figure(result, 'tips')).toBeCloseTo(a / Math.SQRT2, 6);
      expect(Math.abs(figure(result, 'mouth') / a - 4)).toBeLessThan(0.06);
      expect(Math.abs(figure(result, 'ratio') - 300)).toBeLessThan(2);
    }
  });
});

describe('wrap', () => {
  it('lengths are its rows, and they add up', () => {
    const result = made('wrap', { sizeBy: 'rows', rows: 230, sleeveRows: 85, neckRows: 60, bodyRows: 110 });
    expect(figure(result, 'sleeve')).toBeCloseTo(85 * ROW, 6);
    expect(figure(result, 'neck')).toBeCloseTo(60 * ROW, 6);
    expect(figure(result, 'body')).toBeCloseTo(110 * ROW, 6);
    expect(2 * figure(result, 'sleeve') + figure(result, 'neck')).toBeCloseTo(
      result.sizes.pieces[0]!.lengthMm.value,
      6
    );
  });
});

describe('toys', () => {
  it('are as tall as their body and what stands above and below it', () => {
    const body = made('toy-figure', { bodyMm: 150, hat: false }, small);
    expect(figure(body, 'tall')).toBeGreaterThan(150);
    expect(figure(body, 'tall')).toBeLessThan(150 + 75 + 20);
  });
  it('filling is the sum over the stuffed parts', () => {
    const result = made('toy-round');
    const fills = result.worked.done.flatMap((d) => (d.do === 'fill' && d.facts ? [d.facts.grams] : []));
    const grams = fills.reduce((sum, g) => sum + g, 0);
    expect(figure(result, 'filling')).toBeCloseTo(grams, 9);
    expect(fills).toHaveLength(2);
  });
  it('more rows are a taller toy', () => {
    const tall = (longer: number): number => figure(made('toy-round', { longer }), 'tall');
    // The feet sit a little above the lowest point, so a part of it is theirs.
    const more = tall(20) - tall(0);
    expect(more).toBeGreaterThan(0.9 * 20 * ROW);
    expect(more).toBeLessThanOrEqual(20 * ROW + 1e-9);
  });
  it('wings reach out to either side alike', () => {
    const { shapes } = finishedSketch(made('toy-long', { wings: true }, small))!;
    const xs = shapes.filter((s) => s.title.startsWith('Wing')).flatMap((s) => s.points.map(([x]) => x));
    expect(Math.max(...xs)).toBeCloseTo(-Math.min(...xs), 6);
  });
});

describe('garland', () => {
  it('motifs hang at even spacing, the first half a spacing in', () => {
    const result = made('garland', { lineMm: 2400, count: 12 });
    expect(figure(result, 'spacing')).toBe(200);
    expect(figure(result, 'line')).toBe(2400);
  });
  it('the line is knitted with its tails', () => {
    const result = made('garland', { lineMm: 1000, tailMm: 250 });
    expect(result.sizes.pieces[0]!.lengthMm.value).toBeCloseTo(1500, 6);
  });
  it('pennants hang with their point down', () => {
    const { shapes } = finishedSketch(made('garland', { motif: 'pennant', count: 1, lineMm: 400 }, small))!;
    const points = shapes.filter((s) => s.title.startsWith('Pennant')).flatMap((s) => s.points);
    const ys = points.map(([, y]) => y);
    const widthAt = (y: number): number => {
      const xs = points.filter((p) => Math.abs(p[1] - y) < 3).map(([x]) => x);
      return Math.max(...xs) - Math.min(...xs);
    };
    expect(widthAt(Math.min(...ys))).toBeGreaterThan(widthAt(Math.max(...ys)));
  });
});

describe('flat things', () => {
  it('are drawn to their true shape: the area is rows times stitches', () => {
    const result = made('free-tube', { start: 'straight', end: 'straight', sections: [{ yarn: 'red', rows: 40 }, { yarn: 'blue', rows: 20 }] }); // prettier-ignore
    const area = finishedSketch(result)!.shapes.reduce((sum, s) => sum + areaOf(s.points), 0);
    expect(area).toBeCloseTo(60 * ROW * 24 * STITCH, 0);
  });
  it('sections stand in their shares', () => {
    const result = made('free-tube', { start: 'straight', end: 'straight', sections: [{ yarn: 'red', rows: 40 }, { yarn: 'blue', rows: 20 }] }); // prettier-ignore
    const [red, blue] = finishedSketch(result)!.shapes.map((s) => areaOf(s.points));
    expect(red! / blue!).toBeCloseTo(2, 6);
  });
  it('a long scarf hangs folded over, both halves drawn', () => {
    const { shapes, label } = finishedSketch(made('scarf'))!;
    expect(label).toContain('over a peg');
    const { width, height } = box(shapes);
    expect(height).toBeGreaterThan(width);
  });
});

describe('any project of any kind', () => {
  it.each(['ear-hat', 'brim-hat', 'warmers', 'headband', 'sack', 'folded-bag', 'toy-long', 'waistcoat', 'blanket'])(
    '%s: the picture has a size, and every shape of it a name',
    (code) => {
      const kind = kindOf(code)!;
      fc.assert(
        fc.property(
          anyKit.chain((kit) => anyBrief(kit, kind).map((brief) => ({ kit, brief }))),
          ({ kit, brief }) => {
            const result = planned(kit, brief);
            const sketch = result && finishedSketch(result);
            if (!sketch) return;
            const { width, height } = box(sketch.shapes);
            expect(width).toBeGreaterThan(0);
            expect(height).toBeGreaterThan(0);
            expect(sketch.stitchMm).toBeGreaterThan(0);
            for (const shape of sketch.shapes) expect(shape.title).not.toBe('');
          }
        ),
        { numRuns: 15 }
      );
    }
  );
});
