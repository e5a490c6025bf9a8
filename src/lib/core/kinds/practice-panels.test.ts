import { describe, expect, it } from 'vitest';
import { codes, made, sampleKit } from '../../../../tests/support/sample';
import { told } from '../../../../tests/support/said';
import { speak } from '$lib/words';
import { convertGauge } from '../convert';
import { perCm } from '../kit';
import { pieceAt } from '../read';
import type { Result } from '../tomble';

/**
 * Check values of panels and garments, all common practice, no source: what a knitter of this craft has in the notebook and what
 * the plan of the same must say.
 */
const on = (pins: number, more: object = {}) => sampleKit({ machine: { pins }, ...more });
const sentences = (result: Result, code: string): string[] =>
  result.findings.flatMap((f) => (f.code === code ? [speak(result).finding(f)] : []));
/** Work rows after which a piece is shaped at an edge. */
function shapedAfter(result: Result, p: number, of: readonly string[]): number[] {
  let rows = 0;
  return result.plan.pieces[p]!.operations.flatMap((op) => {
    if (op.op === 'knit' && op.purpose === 'work') rows += op.rows;
    return of.includes(op.op) ? [rows] : [];
  });
}

/** The back half of the notebook: typed in counts. */
const BACK = {
  sizeBy: 'counts',
  halfStitches: 40,
  sideStitches: 0,
  backRows: 80,
  frontRows: 80,
  armRows: 36,
  frontArmRows: 36,
  heldStitches: 4,
  singles: 6,
  shoulders: 'straight',
  armholes: 'cut-in'
};

describe('a back in halves', () => {
  const garment = made('waistcoat', BACK, on(48));

  it('80 rows to the underarm, 4 held, 6 singles every second row: done at row 92, the shoulder at 116', () => {
    const right = garment.plan.pieces.findIndex(({ label }) => label === 'Right back');
    expect(shapedAfter(garment, right, ['hold', 'decrease'])).toEqual([80, 82, 84, 86, 88, 90, 92]);
    expect(garment.fabric.pieces[right]!.work.count).toBe(116);
    expect(garment.worked.refusals).toEqual([]);
  });

  it('116 rows of it are about 51 cm by a swatch of 8.8 cm to 20 rows', () => {
    const measured = made('waistcoat', BACK, on(48), {
      gauge: { yarn: 'red', ...perCm({ as: 'lengths', cmTo40Stitches: 27.5, cmTo20Rows: 8.8 }) }
    });
    expect(measured.sizes.pieces[0]!.lengthMm.value / 10).toBeCloseTo(51, 0);
  });

  it('an underarm after an odd number of rows leaves the yarn at the other edge, and the waste says so', () => {
    // Two waste rows more or fewer keep the edge, one takes the yarn across.
    const wasteOf = (backRows: number): number =>
      made('waistcoat', { ...BACK, backRows, frontRows: backRows }, on(48)).fabric.pieces[0]!.work.first;
    expect(Math.abs(wasteOf(81) - wasteOf(80)) % 2).toBe(1);
  });
});

describe('slopes', () => {
  it('a front of 38 stitches with a V from row 57, one every second row down to 19, is done at row 95', () => {
    const typed = { from: 57, steps: [{ every: 2, times: 19 }] };
    const front = made('panel', { sizeBy: 'rows', stitches: 38, rows: 120, taper: 'low', topStitches: 19, slope: typed }, on(48)); // prettier-ignore
    const rows = shapedAfter(front, 0, ['decrease', 'hold']);
    expect([rows[0], rows.at(-1), rows.length]).toEqual([59, 95, 19]);
    expect(front.fabric.pieces[0]!.high.at(-1)! - front.fabric.pieces[0]!.low.at(-1)! + 1).toBe(19);
  });

  it('a back of 38 stitches, three at a time from row 74 down to 18, does not come out whole: it is found', () => {
    const plain = made('panel', { sizeBy: 'rows', stitches: 38, rows: 100, taper: 'low', topStitches: 18, method: 'held', step: 3 }, on(48)); // prettier-ignore
    expect(codes(plain)).toContain('slope-fraction');
  });
});

describe('garments that did not come out', () => {
  it('a sleeve of the full ring has 90 rows at 45 cm; its girth is what the pins give', () => {
    const cardigan = made('cardigan', { sleeves: 'tube', sleeveMm: 450 }, on(48));
    const sleeve = cardigan.plan.pieces.findIndex(({ label }) => label === 'Sleeve');
    expect(cardigan.fabric.pieces[sleeve]!.work.count).toBe(90);
    expect(pieceAt(cardigan, sleeve).fabric.width).toBe(48);
  });

  it('a neck of about 30 stitches is too wide, and it is said how far to sew the shoulders in', () => {
    const wide = made('waistcoat', { ...BACK, shoulderStitches: 15, neckMm: 160 }, on(48));
    const neck = wide.notes.garment!;
    expect(neck).toBeDefined();
    expect(sentences(wide, 'neck-wide')[0]).toMatch(/further in mends it too\.$/);
  });
});

describe('panels', () => {
  it('a first panel: 25 pins, 10 to 15 rows of waste, 40 of work, 10 of waste; nothing stands against it', () => {
    const first = made('panel', { sizeBy: 'rows', stitches: 25, rows: 40, waste: 'ten' }, on(48));
    const { work, rows, width } = first.fabric.pieces[0]!;
    expect([width, work.count]).toEqual([25, 40]);
    if (work.first > 0) expect([work.first, rows - work.first - work.count]).toEqual([10, 10]);
    expect(first.findings.filter(({ weight }) => weight === 'stop')).toEqual([]);
  });

  it('44 pins, plain, are under 30 cm at the widest', () => {
    for (const mode of ['panel', 'tube-as-panel']) {
      const widest = made('panel', { sizeBy: 'rows', stitches: 44, rows: 80, mode }, on(44));
      // 44 of 1.35 to the centimetre are 32.6 cm in the hand; PANEL mode keeps 40 of them.
      expect(pieceAt(widest, 0).fabric.width).toBe(mode === 'panel' ? 40 : 44);
    }
    const widest = made('panel', { sizeBy: 'measures', widthMm: 400, lengthMm: 400 }, on(44));
    expect(widest.sizes.pieces[0]!.flatWidthMm.value).toBeLessThan(300);
    expect(codes(widest)).toContain('panel-narrow');
  });

  it('22 stitches and 35 rows to 10 cm against 25 cm to 40 and 12 cm to 20: factors 0.73 and 0.48, 50 stitches are 36', () => {
    const machine = perCm({ as: 'lengths', cmTo40Stitches: 25, cmTo20Rows: 12 });
    const { stitchFactor, rowFactor } = convertGauge(perCm({ as: 'counts', stitches: 22, rows: 35 }), machine);
    expect([stitchFactor, rowFactor].map((f) => Number(f.toFixed(2)))).toEqual([0.73, 0.48]);
    expect(Math.round(50 * stitchFactor)).toBe(36);
  });
});

describe('panels widened by floats', () => {
  it('44 pins with six groups of 6 are 80 columns turned by hand, on seven threads', () => {
    const wide = made('wide-panel', { sizeBy: 'rows', rows: 80, pins: 44, mode: 'tube-as-panel' }, on(44));
    const { floats } = wide.fabric.pieces[0]!;
    expect(44 + floats.after.length * floats.columns).toBe(80);
    const latch = wide.worked.done.find(({ do: what }) => what === 'latch')!;
    expect(latch.facts).toMatchObject({ groups: 6, columns: 6, threads: 7 });
  });

  it('12 pins with one group are 18 columns on two threads', () => {
    const small = made('wide-panel', { sizeBy: 'rows', rows: 40, pins: 12, mode: 'tube-as-panel', groupsBy: 'count', groups: 1 }, on(44)); // prettier-ignore
    const { floats } = small.fabric.pieces[0]!;
    expect([12 + floats.after.length * floats.columns, floats.after.length]).toEqual([18, 1]);
    expect(small.worked.done.find(({ do: what }) => what === 'latch')!.facts).toMatchObject({ threads: 2 });
  });

  it('a float of six stitches is 15.5 cm and its card 7.5 cm wide with 0.5 cm of thickness: within 3 %', () => {
    const wide = made('wide-panel', { sizeBy: 'rows', rows: 80, pins: 44, mode: 'tube-as-panel' }, on(44));
    const float = wide.plan.pieces[0]!.operations.find((op) => op.op === 'float')!;
    const { loopMm } = wide.gauges[0]![0]!;
    expect(Math.abs((6 * loopMm) / 155 - 1)).toBeLessThan(0.03);
    expect(Math.abs((float.op === 'float' ? (float.cardMm ?? 0) : 0) / 75 - 1)).toBeLessThan(0.03);
  });
});

describe('schools of panels and garments', () => {
  it('mattress stitch takes one bar at a time, or two: then it is quicker, and the same yarn', () => {
    const sew = (mattressBars: 1 | 2) => made('waistcoat', {}, on(48, { habits: { mattressBars } }));
    const [one, two] = [sew(1), sew(2)];
    const seams = (of: Result) => of.worked.done.filter(({ facts }) => facts && 'bars' in facts && facts.bars !== null);
    expect(seams(one).length).toBeGreaterThan(0);
    const minutes = (of: Result): number => seams(of).reduce((sum, did) => sum + did.minutes, 0);
    expect(minutes(two)).toBeLessThan(minutes(one));
    expect(two.yarnUse.map(({ metres }) => metres.value)).toEqual(one.yarnUse.map(({ metres }) => metres.value));
    expect(told(one).map(({ detail }) => detail).join(' ')).toContain('mattress stitch, one bar at a time, from the right side'); // prettier-ignore
    expect(told(two).map(({ detail }) => detail).join(' ')).toContain('mattress stitch, two bars at a time, from the right side'); // prettier-ignore
  });

  it('waste at the hem: 4 to 6, 10 or 10 to 15 rows; rows of the work and their edge stay', () => {
    for (const wasteStart of [4, 6, 10, 15]) {
      const garment = made('waistcoat', BACK, on(48, { habits: { wasteStart } }));
      const back = garment.fabric.pieces[0]!;
      // Even, so that the yarn stands where it began; one more takes it across.
      expect(Math.abs(back.work.first - wasteStart)).toBeLessThanOrEqual(2);
      expect(back.work.count).toBe(116);
      expect(garment.worked.refusals).toEqual([]);
    }
  });

  it('sleeves set in flat before the sides, or the sides first: the same seams in another order', () => {
    const order = (assembly: string): string[] =>
      made('cardigan', { assembly, sleeves: 'panel', chestMm: 560 }, on(48)).plan.acts.flatMap((act) =>
        act.do === 'join' ? [act.name] : []
      );
    const [flat, round] = [order('flat'), order('round')];
    expect(flat).not.toEqual(round);
    expect(flat.indexOf('sleeve-set-left')).toBeLessThan(flat.indexOf('side-left'));
    expect(round.indexOf('side-left')).toBeLessThan(round.indexOf('sleeve-set-left'));
  });

  it('an underarm onto a thread, full-fashioned or simple: the same rows and stitches, other hands', () => {
    const by = (armMethod: string): Result => made('waistcoat', { ...BACK, armMethod }, on(48));
    const all = ['full-fashioned', 'simple', 'thread'].map(by);
    for (const garment of all) {
      expect(garment.worked.refusals).toEqual([]);
      expect(garment.fabric.pieces.map(({ rows }) => rows)).toEqual(all[0]!.fabric.pieces.map(({ rows }) => rows));
      expect(garment.fabric.pieces[0]!.trace.at(-2)!.occupied).toBe(all[0]!.fabric.pieces[0]!.trace.at(-2)!.occupied);
    }
    const held = (of: Result): number => of.plan.pieces[0]!.operations.filter(({ op }) => op === 'hold').length;
    expect(all.map(held)).toEqual([1, 1, 7]);
  });

  it('blocked pieces are pinned out and dry overnight', () => {
    expect(told(made('waistcoat')).map(({ detail }) => detail).join(' ')).toMatch(/spread and fasten it, .* let it dry overnight/); // prettier-ignore
  });
});
