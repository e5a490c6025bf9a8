import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyKitAndBrief } from '../../../tests/support/arbitrary';
import { made, sampleKit } from '../../../tests/support/sample';
import { tryPlan } from '$lib/core/tomble';
import { speak } from '$lib/words';
import { actSketch } from './acts';
import { finishedScene } from './finished';
import type { PathShape, Scene, TextShape } from './scene';
import { sketchScene } from './sketch';

/** Every number pair of a path. */
const points = (scene: Scene): number[][] =>
  scene.shapes
    .filter((s): s is PathShape => s.shape === 'path')
    .flatMap((s) => [...s.d.matchAll(/(-?[\d.]+)[ ,](-?[\d.]+)/g)].map((m) => [Number(m[1]), Number(m[2])]));

describe('sketches as pictures', () => {
  it('of any plan stay within their frame, words and all', () => {
    fc.assert(
      fc.property(anyKitAndBrief, ({ kit, brief }) => {
        const planned = tryPlan(kit, brief);
        if (!planned.ok) return;
        const { value: result } = planned;
        const sketches = result.plan.acts.slice(0, 60).flatMap((_, i) => actSketch(result, i, speak(result)) ?? []);
        const scenes = sketches.map((sketch) => sketchScene(sketch, result.yarns, 240, 150));
        // The dome of a lined hat is drawn by a room of its own, with curves; it has its own test.
        const finished = result.outline.worn ? null : finishedScene(result, 240, 150);
        for (const scene of finished ? [...scenes, finished] : scenes) {
          for (const [x, y] of points(scene)) {
            expect(x! > -1 && x! < scene.width + 1 && y! > -1 && y! < scene.height + 1).toBe(true);
          }
          for (const text of scene.shapes.filter((s): s is TextShape => s.shape === 'text')) {
            expect(text.x >= 0 && text.x <= scene.width).toBe(true);
          }
        }
      }),
      { numRuns: 60 }
    );
  });

  it('keep their shape: a millimetre is as long across as down', () => {
    const sketch = {
      label: 'A square',
      shapes: [{ points: [[0, 0], [50, 0], [50, 50], [0, 50]] as const, yarn: null, title: 'Square' }], // prettier-ignore
      lines: [],
      labels: [],
      stitchMm: 7,
      rowMm: 5
    };
    const ps = points(sketchScene(sketch, [], 300, 120));
    const [xs, ys] = [ps.map(([x]) => x!), ps.map(([, y]) => y!)];
    expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(Math.max(...ys) - Math.min(...ys), 1);
    expect(Math.max(...ys) - Math.min(...ys)).toBeCloseTo(100, 1);
  });

  it('a snug picture is as low as what it shows', () => {
    const result = made('mug-wrap', { closeBy: 'hook' });
    const close = result.plan.acts.findIndex((act) => act.do === 'join');
    const sketch = actSketch(result, close, speak(result))!;
    expect(sketchScene(sketch, result.yarns, 420, 190, true, true).height).toBeLessThan(100);
    expect(sketchScene(sketch, result.yarns, 420, 190).height).toBe(190);
  });

  it('the flat close draws every pin once, facing its partner: 1 with 22, 11 with 12', () => {
    const result = made('mug-wrap', {}, sampleKit({ machine: { pins: 22 } }));
    const close = result.plan.acts.findIndex((act) => act.do === 'join');
    const { shapes } = actSketch(result, close, speak(result))!;
    const at = (pin: number): number => shapes.find((s) => s.title === `pin ${pin}`)!.points[0]![0];
    expect(shapes).toHaveLength(22);
    for (let pin = 1; pin <= 11; pin++) expect(at(pin)).toBeCloseTo(at(23 - pin), 9);
  });
});
