import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { codes, made, medium, sampleKit } from '../../../../tests/support/sample';
import { presetFor } from '../kit';
import type { Operation } from '../plan';
import { garmentSizes } from '../read';
import type { Result } from '../tomble';
import { speak } from '$lib/words';

/**
 * Plans against sums done by hand at the gauge of common practice (craft 5): 2.0 rows and 1.35 stitches to
 * the centimetre, a ring of 13 mm a pin.
 */
const onRing = (pins: number, more: object = {}) => {
  const { counter, tensionHoles } = presetFor(pins, 'm', 'Ring');
  return sampleKit({ machine: { pins, counter, tensionHoles }, ...more });
};
const small = onRing(22);
const rowsOf = (r: Result, p = 0): number => r.sizes.pieces[p]!.rows;
const ops = (r: Result, p = 0): readonly Operation[] => r.plan.pieces[p]!.operations;
const knits = (r: Result, p = 0): [string, string, number][] =>
  ops(r, p).flatMap((op): [string, string, number][] => (op.op === 'knit' && op.purpose === 'work' ? [[op.section, op.yarn, op.rows]] : [])); // prettier-ignore
const three = { yarns: [medium('red', '#b03020'), medium('blue', '#205080'), medium('lemon', '#f4e04d')] };

describe('scarf', () => {
  it.each([
    [1600, 356],
    [1700, 376],
    [1900, 416]
  ])('a body of %i mm and a hand more at 2.0 rows are %i rows', (heightMm, rows) => {
    expect(rowsOf(made('scarf', { sizeBy: 'height', heightMm }))).toBe(rows);
  });
  it('by length: 1.9 m are 380 rows', () => {
    expect(rowsOf(made('scarf', { sizeBy: 'length', lengthMm: 1900 }))).toBe(380);
  });
  it('two colours of ten rows change on one line, at the marker', () => {
    const list = knits(made('scarf', { style: 'two', sizeBy: 'rows', rows: 40, stripeRows: 10 }));
    expect(list.map(([, yarn, rows]) => [yarn, rows])).toEqual([
      ['red', 10],
      ['blue', 10],
      ['red', 10],
      ['blue', 10]
    ]);
  });
  it('clogs the ring from row 250 on, every 50 rows', () => {
    const clogs = made('scarf', { sizeBy: 'rows', rows: 400 }).steps.flatMap((s) => s.cues).filter((c) => c.kind === 'clog'); // prettier-ignore
    expect(clogs.map((c) => c.row)).toEqual([250, 300, 350, 400]);
  });
});

describe('headband and cowl', () => {
  it('a head of 56 cm worn 30 % longer: 56 x 2 / 1.3 = 86 rows, even', () => {
    expect(rowsOf(made('headband', { headMm: 560 }))).toBe(86);
    expect(rowsOf(made('headband', { headMm: 500 }))).toBe(76);
  });
  it('rows are even for any head, and more for a larger one', () => {
    fc.assert(
      fc.property(fc.integer({ min: 200, max: 790 }), (headMm) => {
        const rows = rowsOf(made('headband', { headMm }));
        expect(rows % 2).toBe(0);
        expect(rowsOf(made('headband', { headMm: headMm + 10 }))).toBeGreaterThanOrEqual(rows);
      }),
      { numRuns: 40 }
    );
  });
});

describe('socks', () => {
  it('foot and cuff are sections of their own, the toe is cast on', () => {
    const result = made('socks', { cuffMm: 120 }, small);
    expect(knits(result).map(([section]) => section)).toEqual(['Foot', 'Cuff']);
    expect(ops(result)[0]).toMatchObject({ op: 'castOn', style: 'weave' });
    expect(ops(result).at(-1)).toMatchObject({ op: 'hangOff', style: 'waste' });
  });
  it('no cuff, no section', () => {
    expect(knits(made('socks', { cuffMm: 0 }, small)).map(([s]) => s)).toEqual(['Foot']);
  });
  it('a second yarn makes two pieces that must come out alike; the same yarn two copies', () => {
    const two = made('socks', { secondYarn: 'blue' }, small);
    expect(two.plan.pieces.map((p) => [p.label, p.copies])).toEqual([
      ['First sock', 1],
      ['Second sock', 1]
    ]);
    expect(codes(two)).not.toContain('pair-unlike');
    expect(made('socks', {}, small).plan.pieces.map((p) => p.copies)).toEqual([2]);
    expect(made('socks', { pair: false }, small).plan.pieces.map((p) => p.copies)).toEqual([1]);
  });
  it('two copies take twice the yarn of one', () => {
    const [pair, one] = [true, false].map((p) => made('socks', { pair: p }, small).yarnUse[0]!.metres.value);
    expect(pair! / one!).toBeCloseTo(2, 9);
  });
});

describe('warmers', () => {
  it('a doubled edge is lifted, its rows counted half in the length', () => {
    const result = made('warmers', { edges: 'doubled', cuffRows: 10, pair: false }, small);
    const [cuff, body] = knits(result).map(([, , rows]) => rows);
    expect(cuff).toBe(10);
    expect(result.fabric.pieces[0]!.doubled).toEqual([{ from: 6, to: 15 }]);
    expect(result.sizes.pieces[0]!.lengthMm.value).toBeCloseTo((10 / 2 + body!) * 5, 6);
  });
  it('edges made at the machine need no waste', () => {
    const result = made('warmers', { edges: 'chained' }, small);
    expect(result.fabric.pieces[0]!.purpose.every((p) => p === 0)).toBe(true);
  });
});

describe('folded bag', () => {
  it('a handle of 8 rows hangs between the two points', () => {
    const result = made('folded-bag', { handleRows: 8 });
    expect(rowsOf(result, 1)).toBe(8);
    expect(result.sizes.pieces[1]!.lengthMm.value).toBeCloseTo(40, 6);
  });
  it('a strap is a cord: 90 cm on 4 pins', () => {
    const result = made('folded-bag', { handle: false, strap: true, strapMm: 900, strapPins: 4 });
    expect(result.plan.pieces[1]).toMatchObject({ label: 'Strap', mode: 'tube-as-panel' });
    expect(rowsOf(result, 1)).toBe(180);
    expect(result.fabric.pieces[1]!.width).toBe(4);
  });
  it('both at once, or neither', () => {
    expect(made('folded-bag', { handle: true, strap: true }).plan.pieces.map((p) => p.label)).toEqual(['Bag', 'Handle', 'Strap']); // prettier-ignore
    expect(made('folded-bag', { handle: false }).plan.pieces).toHaveLength(1);
  });
});

describe('toys', () => {
  it('a ball from pole to pole is half its stuffed girth: 35.6 x 1.2 / 2 cm at 2.0 rows', () => {
    const rows = rowsOf(made('toy-round', { longer: 0 }));
    expect(rows).toBe(Math.round((((480 / 1.35) * 1.2) / 20) * 2));
  });
  it('every limb is a copy: four legs, two ears, one tail', () => {
    const parts = made('toy-long', { tail: true }, small).plan.pieces.map((p) => `${p.copies} ${p.label}`);
    expect(parts).toEqual(['1 Body', '4 Leg', '2 Ear', '1 Tail']);
  });
  it('small parts go onto the machine chosen for them', () => {
    const kit = sampleKit();
    const two = { ...kit, machines: [...kit.machines, { ...kit.machines[0]!, id: 's', name: 'Crown', pins: 22 }] };
    const result = made('toy-round', { smallMachine: 's' }, two);
    expect(result.plan.pieces.map((p) => p.machineId)).toEqual(['m', 's', 's', 's']);
  });
  it('limbs are cords of 2 to 6 pins, as practice has them', () => {
    for (const kind of ['toy-long', 'toy-round', 'toy-figure']) {
      for (const piece of made(kind).plan.pieces) {
        if (piece.mode === 'tube') continue;
        expect(piece.to - piece.from + 1).toBeGreaterThanOrEqual(2);
        expect(piece.to - piece.from + 1).toBeLessThanOrEqual(6);
      }
    }
  });
});

describe('free tube', () => {
  it('is its sections, whatever its ends', () => {
    const sections = [
      { yarn: 'red', rows: 7 },
      { yarn: 'blue', rows: 11 },
      { yarn: 'red', rows: 3 }
    ];
    for (const start of ['drawn', 'straight', 'crochet', 'wrapped']) {
      for (const end of ['drawn', 'straight', 'crochet', 'chain']) {
        const result = made('free-tube', { sections, start, end }, onRing(48, three));
        expect(knits(result).map(([, yarn, rows]) => ({ yarn, rows }))).toEqual(sections);
        expect(result.refusals).toEqual([]);
      }
    }
  });
  it('waste is knitted only where stitches must stay live', () => {
    const wasted = (start: string, end: string): number[] => {
      const { purpose } = made('free-tube', { start, end, waste: 'few' }).fabric.pieces[0]!;
      const first = purpose.indexOf(0);
      return [first, purpose.length - 1 - purpose.lastIndexOf(0)];
    };
    expect(wasted('drawn', 'drawn')).toEqual([0, 0]);
    expect(wasted('straight', 'drawn')).toEqual([5, 0]);
    expect(wasted('wrapped', 'crochet')).toEqual([0, 5]);
    expect(wasted('crochet', 'straight')).toEqual([5, 5]);
  });
});

describe('panels', () => {
  it('25 cm at 1.35 are 34 stitches, 40 cm are 80 rows', () => {
    const result = made('panel', { widthMm: 250, lengthMm: 400 });
    expect(result.fabric.pieces[0]!.stitches[0]).toBe(34);
    expect(rowsOf(result)).toBe(80);
  });
  it('PANEL mode keeps clear of both ends, turned by hand none is lost', () => {
    for (const [mode, lost] of [
      ['panel', 4],
      ['tube-as-panel', 0]
    ] as const) {
      // prettier-ignore
      const wide = made('panel', { widthMm: 1200, mode });
      expect(wide.fabric.pieces[0]!.width).toBe(48 - lost);
      expect(codes(wide)).toContain('panel-narrow');
    }
  });
  it('a taper at both edges loses alike: 34 to 16 stitches are 9 at either side', () => {
    const result = made('panel', { widthMm: 250, topMm: 118, taper: 'both', lengthMm: 400 });
    const decreases = ops(result).filter((op) => op.op === 'decrease');
    expect(decreases.filter((op) => op.op === 'decrease' && op.side === 'low')).toHaveLength(9);
    expect(decreases.filter((op) => op.op === 'decrease' && op.side === 'high')).toHaveLength(9);
    // 80 rows, the last one for the far edge: 39 pairs of rows. The i-th of nine after 2 floor(i * 39 / 9), by hand.
    expect(result.notes.shaping![0]!.at).toEqual([8, 16, 26, 34, 42, 52, 60, 68, 78]);
    expect(speak(result).shaping(result.notes.shaping![0]!).how).toBe(
      '9 times, evenly spread: every 8th or 10th row, then 1 straight'
    );
  });
  it('held steps go only where the yarn is, also after an odd number of waste rows', () => {
    for (const castOn of ['e-wrap', 'waste']) {
      for (const taper of ['low', 'high', 'both']) {
        const result = made('panel', { castOn, taper, method: 'held', step: 2, topMm: 100, waste: 'few' });
        expect(result.refusals).toEqual([]);
        expect(ops(result).some((op) => op.op === 'hold')).toBe(true);
      }
    }
  });
  it('a tube of 24 cm is one panel of 32 and two seam stitches; one of 60 cm two panels', () => {
    const one = made('panel-tube', { girthMm: 240 });
    expect(one.fabric.pieces.map((p) => p.width)).toEqual([34]);
    const two = made('panel-tube', { girthMm: 600 });
    expect(two.fabric.pieces.map((p) => p.width)).toEqual([43, 43]);
    expect(two.worked.seams).toHaveLength(2);
  });
  it('a strap of 60 cm is 120 rows, knitted without waste', () => {
    const result = made('strap', { lengthMm: 600 });
    expect(rowsOf(result)).toBe(120);
    expect(ops(result).map((op) => op.op)).toEqual(['castOn', 'knit', 'hangOff']);
  });
  it('floats are yarn: 6 groups of 6 loops in every row and in the cast-on', () => {
    const result = made('wide-panel', { lengthMm: 400, pins: 44 });
    const floats = result.yarnUse.flatMap((use) => use.parts).filter((p) => p.what === 'floats');
    const rows = result.fabric.pieces[0]!.rows;
    expect(floats.reduce((sum, p) => sum + p.metres, 0)).toBeCloseTo(
      ((rows + 1) * 6 * 6 * result.gauges[0]![0]!.loopMm) / 1000,
      6
    );
  });
});

describe('garments', () => {
  const result = made('waistcoat', { chestMm: 940, easeMm: 60, crossBackMm: 400, lengthMm: 560, armholeMm: 190 });
  it('a quarter of 100 cm is 34 stitches, and a seam stitch at either side', () => {
    expect(result.fabric.pieces[0]!.width).toBe(34 + 2);
  });
  it('37 cm to the underarm are 74 rows, 19 cm more are 38', () => {
    expect(rowsOf(result)).toBe(74 + 38);
  });
  it('what goes at the armhole is what the cross back does not need: 36 - 28 = 8', () => {
    const away = ops(result).reduce((sum, op) => sum + (op.op === 'hold' || op.op === 'decrease' ? op.stitches : 0), 0);
    expect(away).toBe(36 - (27 + 1));
  });
  it('a straight armhole takes nothing away', () => {
    const straight = made('waistcoat', { armholes: 'straight' });
    expect(ops(straight).some((op) => op.op === 'hold' || op.op === 'decrease')).toBe(false);
  });
  it('a wide body gets a panel under each arm, a child one back', () => {
    const wide = made('waistcoat', { chestMm: 1550 }).plan.pieces.map((p) => p.label);
    expect(wide).toContain('Left side');
    const child = made('waistcoat', { chestMm: 500, easeMm: 40, crossBackMm: 220 }).plan.pieces.map((p) => p.label);
    expect(child).toEqual(['Back', 'Right front', 'Left front']);
  });
  it('a tube sleeve is as wide as the ring, a panel sleeve as the armhole', () => {
    const tube = made('cardigan', { sleeves: 'tube' });
    expect(garmentSizes(tube)!.sleeveMm).toBeCloseTo(480 / 1.35, 6);
    const g = garmentSizes(made('cardigan', { sleeves: 'panel' }))!;
    expect(Math.abs(g.sleeveMm! / g.armholeMm - 1)).toBeLessThan(0.08);
  });
  it('sloped shoulders are held in three groups that add up', () => {
    const sloped = made('waistcoat', { shoulders: 'sloped' });
    const straight = made('waistcoat', {});
    const held = (r: Result): number[] => ops(r).flatMap((op) => (op.op === 'hold' ? [op.stitches] : []));
    const shoulder = held(sloped).slice(held(straight).length);
    expect(shoulder).toHaveLength(3);
    const top = straight.fabric.pieces[2]!.trace.at(-2)!;
    expect(shoulder.reduce((sum, n) => sum + n, 0)).toBe(top.high - top.low + 1);
  });
});
