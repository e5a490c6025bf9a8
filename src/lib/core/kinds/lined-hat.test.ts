import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { codes, hat, medium, sampleKit } from '../../../../tests/support/sample';
import { linedHat } from './lined-hat';
import { layStripes } from './shared/stripes';

const rowsOf = (options: object) => hat(options).sizes.pieces[0]!;

describe('lined hat: what practice says (craft 5 and 7, common practice)', () => {
  it('48 pins, class 4, 56 cm, no turn-up: 96 to 112 rows, tube 49 to 57 cm, brow stretch 50 to 65 %', () => {
    const result = hat({ turnUpMm: 0, headMm: 560 });
    const { rows, lengthMm } = result.sizes.pieces[0]!;
    expect(rows).toBeGreaterThanOrEqual(96);
    expect(rows).toBeLessThanOrEqual(112);
    expect(lengthMm.value).toBeGreaterThan(490);
    expect(lengthMm.value).toBeLessThan(570);
    expect(result.sizes.worn!.stretch.value).toBeGreaterThan(50);
    expect(result.sizes.worn!.stretch.value).toBeLessThan(65);
  });

  it('with 5 cm turned up: 126 to 146 rows', () => {
    const { rows } = rowsOf({ turnUpMm: 50 });
    expect(rows).toBeGreaterThanOrEqual(126);
    expect(rows).toBeLessThanOrEqual(146);
  });

  it('110 rows at 2.0 rows per cm are 55 cm exactly', () => {
    expect(rowsOf({ sizeBy: 'rows', rows: 110 }).lengthMm.value).toBeCloseTo(550, 9);
  });

  it('a height of 24 cm lying flat is 110 rows plain, 130 with 5 cm turned up (craft 5.6)', () => {
    // 24 cm and the 3.6 cm that the drawn crown takes are half of 55.1 cm; 5 cm of brim are 20 rows more in both layers.
    expect(rowsOf({ sizeBy: 'height', heightMm: 240, turnUpMm: 0 }).rows).toBe(110);
    expect(rowsOf({ sizeBy: 'height', heightMm: 240, turnUpMm: 50 }).rows).toBe(130);
  });

  it('a hat of about 135 rows takes a practised knitter 15 to 20 minutes with finishing (section 10)', () => {
    const minutes = hat({ sizeBy: 'rows', rows: 135 }).pace.all.value;
    expect(minutes).toBeGreaterThan(15);
    expect(minutes).toBeLessThan(20);
  });

  it('a preterm hat of 65 rows on 22 pins takes under 4 minutes with finishing (section 10)', () => {
    const kit = sampleKit({ machine: { pins: 22 } });
    const small = hat({ sizeBy: 'rows', rows: 65, style: 'plain', closing: 'pinch', turnUpMm: 10, waste: 'none' }, kit);
    expect(small.pace.all.value).toBeLessThan(4);
    expect(small.pace.all.value).toBeGreaterThan(3);
  });

  it('a row on 22 pins takes half the time of one on 46 (section 10)', () => {
    const rowOn = (pins: number): number => {
      const at = (rows: number): number => hat({ sizeBy: 'rows', rows, style: 'plain' }, sampleKit({ machine: { pins } })).pace.cranking.value; // prettier-ignore
      return (at(120) - at(100)) / 20;
    };
    expect(rowOn(22) / rowOn(46)).toBeCloseTo(22 / 46, 6);
  });
});

describe('sections', () => {
  it('contrast: the lining has the margin more, the total stays', () => {
    const result = hat({ style: 'contrast', sizeBy: 'rows', rows: 110, marginRows: 6 });
    const [outer, lining] = result.outline.tubes[0]!.bands;
    expect([outer!.to - outer!.from + 1, lining!.to - lining!.from + 1]).toEqual([52, 58]);
  });

  it('stripes fill the tube, repeated or with the last colour going on', () => {
    const list = [
      { yarn: 'a', rows: 5 },
      { yarn: 'b', rows: 3 }
    ];
    expect(layStripes(list, 13, true)).toEqual([
      { yarn: 'a', rows: 5 },
      { yarn: 'b', rows: 3 },
      { yarn: 'a', rows: 5 }
    ]);
    expect(layStripes(list, 13, false)).toEqual([
      { yarn: 'a', rows: 5 },
      { yarn: 'b', rows: 8 }
    ]);
    expect(layStripes(list, 6, true)).toEqual([
      { yarn: 'a', rows: 5 },
      { yarn: 'b', rows: 1 }
    ]);
    const section = fc.record({ yarn: fc.constantFrom('a', 'b'), rows: fc.integer({ min: 1, max: 30 }) });
    fc.assert(
      fc.property(
        fc.array(section, { minLength: 1, maxLength: 8 }),
        fc.integer({ min: 1, max: 500 }),
        fc.boolean(),
        (sections, rows, repeat) => {
          const laid = layStripes(sections, rows, repeat);
          expect(laid.reduce((sum, s) => sum + s.rows, 0)).toBe(rows);
          laid.slice(1).forEach((s, i) => expect(s.yarn).not.toBe(laid[i]!.yarn));
        }
      )
    );
  });

  it('waste yarn of the furthest colour frames the work, with a third colour when asked', () => {
    const kit = sampleKit({
      yarns: [
        medium('red', '#b03020'),
        medium('blue', '#205080'),
        medium('lemon', '#f4e04d'),
        medium('mint', '#9fe0c0')
      ]
    });
    const result = hat({ waste: 'few', separator: true }, kit);
    const purposes = result.outline.tubes[0]!.bands.map((band) => band.purpose);
    expect(purposes).toEqual(['waste', 'separator', 'work', 'work', 'separator', 'waste']);
    expect(codes(result)).not.toContain('waste-colour-close');
    expect(result.plan.pieces[0]!.operations.at(-1)).toMatchObject({ op: 'hangOff', style: 'waste' });
    expect(result.steps.filter((s) => s.id.startsWith('hand.wasteOff'))).toHaveLength(2);
  });

  it('starts knittable on a small ring too', () => {
    const kit = sampleKit({ machine: { pins: 22 }, yarns: [medium('red', '#b03020')] });
    const options = linedHat.start(kit, 'm');
    expect(options).toMatchObject({ wearer: 'baby', style: 'plain', headMm: 250 });
    expect(hat(options, kit).findings.filter((f) => f.weight === 'stop')).toEqual([]);
  });
});

describe('making up', () => {
  const acts = (options: object) => hat(options).plan.acts.map((act) => act.do);
  it('draws one end, then the other; both, then pinched; or zips both edges first', () => {
    const one = ['rest', 'turn', 'tie', 'turn', 'draw', 'fold', 'bringOut', 'draw', 'tie', 'weave'];
    expect(acts({ closing: 'draw', turnUpMm: 0 })).toEqual(one);
    expect(acts({ closing: 'draw' })).toEqual([...one, 'fold']);
    expect(acts({ closing: 'pinch', turnUpMm: 0 })).toEqual([
      'rest',
      'turn',
      'tie',
      'turn',
      'draw',
      'weave',
      'draw',
      'fold',
      'tie',
      'weave'
    ]);
    expect(acts({ closing: 'zip', turnUpMm: 0 })).toEqual([
      'rest',
      'turn',
      'tie',
      'turn',
      'fold',
      'join',
      'draw',
      'weave',
      'turn'
    ]);
  });
  it('threads the cast-on edge anew when the thread is another or doubled', () => {
    expect(acts({ doubled: true })).toContain('thread');
    expect(acts({ thread: 'blue', yarn: 'red' })).toContain('thread');
  });
});
