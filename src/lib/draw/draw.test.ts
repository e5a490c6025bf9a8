import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyKitAndHat } from '../../../tests/support/arbitrary';
import { hat } from '../../../tests/support/sample';
import { tryPlan } from '$lib/core/tomble';
import { cutScene, hatScene } from './hat';
import type { PathShape, Scene, TextShape } from './scene';
import { tileOf } from './texture';
import { tubeScene } from './tube';
import { tubeLayers } from './tube-layers';
import { yarnLetter } from './tube-parts';

const result = hat({ sizeBy: 'rows', rows: 110, marginRows: 10 });
const tube = result.outline.tubes[0]!;
const view = { width: 260, height: 800, rowsDone: null as number | null, slim: false };
const draw = (rowsDone: number | null): Scene => tubeScene(tube, result.yarns, 48, { ...view, rowsDone });
const texts = (scene: Scene): string[] =>
  scene.shapes.filter((s): s is TextShape => s.shape === 'text').map((s) => s.text);
const bands = (scene: Scene): PathShape[] =>
  scene.shapes.filter((s): s is PathShape => s.shape === 'path' && 'knit' in s.fill);
/** Upper and lower end of a band, from the "M x top V bottom" that begins its outline. */
function ends(band: PathShape): [number, number] {
  const [, top, bottom] = /^M[-\d.]+ ([-\d.]+)V([-\d.]+)/.exec(band.d)!;
  return [Number(top), Number(bottom)];
}

describe('the hanging tube', () => {
  it('hangs the newest rows at the top and the cast-on at the bottom, band under band without a gap', () => {
    const [outside, lining] = bands(draw(null)).map(ends);
    expect(lining![1]).toBeCloseTo(outside![0], 1);
    expect(lining![0]).toBeLessThan(outside![0]);
    expect(outside![1]).toBeCloseTo(800 - 26, 1);
  });

  it('draws sections as long as they are: 50 of 110 rows are 50/110 of the tube', () => {
    const [outside, lining] = bands(draw(null))
      .map(ends)
      .map(([a, b]) => b - a);
    expect(outside! / (outside! + lining!)).toBeCloseTo(50 / 110, 3);
  });

  it('at the crank hangs what is knitted under the ring and dots the rest', () => {
    const scene = draw(30);
    expect(bands(scene)).toHaveLength(1);
    const full = ends(bands(draw(null))[0]!);
    const [top, bottom] = ends(bands(scene)[0]!);
    expect((bottom - top) / (full[1] - full[0])).toBeCloseTo(30 / 50, 3);
    expect(top).toBeCloseTo(46, 1);
    expect(scene.shapes.some((s) => s.shape === 'path' && s.dash === '2 4' && s.title === '80 rows to come')).toBe(
      true
    );
    expect(scene.label).toContain('30 of 110 rows');
  });

  it('names the yarns by letters and the rows by numbers, not by colour alone', () => {
    expect(texts(draw(null))).toEqual(expect.arrayContaining(['A', 'B', '50', '110', 'fold']));
    expect([0, 1, 25, 26].map(yarnLetter)).toEqual(['A', 'B', 'Z', 'A']);
  });

  it('no two numbers of the ruler stand on each other', () => {
    const rows = Array.from({ length: 12 }, (_, i) => ({ yarn: i % 2 ? 'red' : 'blue', rows: (i % 4) + 1 }));
    const stripes = hat({ style: 'striped', sections: rows });
    const scene = tubeScene(stripes.outline.tubes[0]!, stripes.yarns, 48, view);
    const ys = scene.shapes
      .filter((s): s is TextShape => s.shape === 'text' && s.anchor === 'start')
      .map((s) => s.y)
      .sort((a, b) => a - b);
    expect(ys.length).toBeGreaterThan(8);
    for (let i = 1; i < ys.length; i++) expect(ys[i]! - ys[i - 1]!).toBeGreaterThanOrEqual(13);
  });

  it('shows one pin for each pin of the ring, the marker told apart', () => {
    const pins = draw(null).shapes.filter(
      (s): s is PathShape =>
        s.shape === 'path' &&
        /^M[-\d.]+ [-\d.]+V[-\d.]+$/.test(s.d) &&
        s.stroke !== undefined &&
        'ink' in s.stroke &&
        s.stroke.ink !== 'text'
    );
    expect(pins).toHaveLength(48);
    expect(pins.filter((p) => p.title === 'Marker pin')).toHaveLength(1);
  });
});

describe('the worn view', () => {
  it('says in words what is seen', () => {
    const { label } = hatScene(result.outline.worn!, result.yarns, 48, 260, 210);
    expect(label).toMatch(/^As worn\. Seen from outside: .*red: outside.*blue: on the brim/);
  });

  it('has no brim without a turn-up', () => {
    const flat = hat({ turnUpMm: 0 });
    expect(hatScene(flat.outline.worn!, flat.yarns, 48, 260, 210).label).not.toContain('brim');
  });
});

describe('the tube in layers', () => {
  // Oracle: the picture that is drawn anew for every count.
  it('shows after any number of rows what a picture of that count shows', () => {
    const layers = tubeLayers(tube, result.yarns, 48, view);
    fc.assert(
      fc.property(fc.integer({ min: 1, max: tube.rows }), (rows) => {
        const drawn = bands(draw(rows)).map(ends);
        const slid = bands(layers.body).map((band) => ends(band).map((y) => y - layers.upPx(rows)));
        // Bands that are begun: the lower end of each, and the upper end of all but the newest.
        for (const [i, [top, bottom]] of drawn.entries()) {
          expect(slid[i]![1]).toBeCloseTo(bottom, 1);
          if (i < drawn.length - 1) expect(slid[i]![0]).toBeCloseTo(top, 1);
        }
        // What is not knitted yet lies above the cut.
        for (const [, bottom] of slid.slice(drawn.length)) expect(bottom).toBeLessThanOrEqual(layers.cutPx + 0.02);
        expect(drawn.at(-1)![0]).toBeCloseTo(layers.cutPx, 1);
        expect(layers.label(rows)).toBe(draw(rows).label);
      })
    );
  });

  it('is whole once the last row is knitted, and hangs nowhere before the first', () => {
    const layers = tubeLayers(tube, result.yarns, 48, view);
    expect(layers.upPx(tube.rows)).toBe(0);
    expect(layers.upPx(0)).toBeGreaterThanOrEqual(view.height - layers.cutPx);
    const shapes = [...layers.behind.shapes, ...layers.body.shapes, ...layers.ring.shapes];
    expect(shapes.filter((s) => s.shape === 'path' && s.title === 'Marker pin')).toHaveLength(1);
  });
});

describe('any scene', () => {
  it('stays within its frame and is made of numbers', () => {
    fc.assert(
      fc.property(anyKitAndHat, fc.integer({ min: 0, max: 400 }), ({ kit, brief }, done) => {
        const planned = tryPlan(kit, brief);
        if (!planned.ok) return;
        const { outline, yarns, fabric } = planned.value;
        const scenes = [
          tubeScene(outline.tubes[0]!, yarns, fabric.pieces[0]!.width, { ...view, rowsDone: done }),
          tubeScene(outline.tubes[0]!, yarns, fabric.pieces[0]!.width, { ...view, slim: true, width: 60 }),
          hatScene(outline.worn!, yarns, 48, 260, 210),
          cutScene(outline.worn!, yarns, 260, 210)
        ];
        for (const scene of scenes) {
          expect(JSON.stringify(scene)).not.toMatch(/NaN|null|Infinity/);
          for (const shape of scene.shapes) {
            if (shape.shape === 'text') {
              expect(shape.x).toBeGreaterThanOrEqual(0);
              expect(shape.x).toBeLessThanOrEqual(scene.width);
              expect(shape.y).toBeLessThanOrEqual(scene.height);
            } else if ('knit' in shape.fill)
              expect(scene.textures.some((t) => t.yarn === (shape.fill as { knit: number }).knit)).toBe(true);
          }
        }
      }),
      { numRuns: 60 }
    );
  });

  it('draws stitches where there is room and lines where there is none', () => {
    const texture = { yarn: 0, hex: '#b03020', originY: 0 };
    expect(tileOf({ ...texture, stitchPx: 12, rowPx: 9 }).strokes).toHaveLength(2);
    expect(tileOf({ ...texture, stitchPx: 1, rowPx: 0.5 }).strokes).toHaveLength(1);
  });
});
