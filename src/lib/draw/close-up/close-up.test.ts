import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyKitAndBrief } from '../../../../tests/support/arbitrary';
import { made, planned, sampleKit, withLadder } from '../../../../tests/support/sample';
import { KINDS } from '$lib/core/kinds';
import { joinMomentsOf, type Moment, momentsOf, ringLook } from '$lib/core/read';
import type { Result } from '$lib/core/tomble';
import { speak } from '$lib/words';
import { actSketches } from '../acts';
import type { PathShape, Scene, TextShape } from '../scene';
import { momentScene } from './moment';
import { pinAngle, pinTowards, smallRing } from './small-ring';

const texts = (scene: Scene): TextShape[] => scene.shapes.filter((s): s is TextShape => s.shape === 'text');
const paths = (scene: Scene): PathShape[] => scene.shapes.filter((s): s is PathShape => s.shape === 'path');
const numbersOf = (d: string): number[] => (d.match(/-?\d+(\.\d+)?/g) ?? []).map(Number);

/** The pins of a picture, read off its titles, from left to right. */
function pinsOf(scene: Scene): { pin: number; loops: number; risen: boolean; x: number }[] {
  return paths(scene).flatMap(({ title, d }) => {
    const told = /^Pin (\d+)(, marker)?(, risen)?, (empty|(\d+) loops?)$/.exec(title ?? '');
    if (!told) return [];
    const [left] = numbersOf(d);
    return [{ pin: Number(told[1]), loops: Number(told[5] ?? 0), risen: told[3] !== undefined, x: left! }];
  });
}

/** What is owed of the picture of any moment: it says what the moment knows, no more and no less, inside its frame. */
function check(result: Result, piece: number, moment: Moment, width: number, height: number): void {
  const say = speak(result);
  const scene = momentScene(result, piece, moment, say, say.moment(moment), width, height);
  expect(scene.label).toMatch(/\w \w.*\.$/);
  expect(scene.shapes.length).toBeGreaterThan(4);
  for (const { d } of paths(scene)) expect(d).not.toMatch(/NaN|undefined|Infinity/);
  for (const { x, y, text, size, anchor } of texts(scene)) {
    expect(text).not.toBe('');
    // Whole words, not their beginnings: half the size is what a letter of the text face takes at least (measured).
    const wide = (text.length * size) / 2;
    const left = anchor === 'start' ? x : anchor === 'end' ? x - wide : x - wide / 2;
    expect(left, text).toBeGreaterThanOrEqual(0);
    expect(left + wide, text).toBeLessThanOrEqual(width);
    expect(x).toBeGreaterThanOrEqual(0);
    expect(x).toBeLessThanOrEqual(width);
    expect(y).toBeGreaterThan(0);
    expect(y).toBeLessThanOrEqual(height);
  }
  if (moment.sight.of !== 'pins') return;
  const { look } = moment.sight;
  const drawn = pinsOf(scene);
  // A run of the pins the look has, in its order, as many as there is room for.
  const first = look.shown.indexOf(drawn[0]!.pin);
  expect(drawn.map(({ pin }) => pin)).toEqual(look.shown.slice(first, first + drawn.length));
  expect([...drawn].sort((a, b) => a.x - b.x)).toEqual(drawn);
  for (const { pin, loops, risen } of drawn) {
    expect(loops).toBe(look.loops.filter((loop) => loop.pin === pin).length);
    expect(risen).toBe(look.risen.some((r) => r.pin === pin));
    expect(texts(scene).some(({ text }) => text === String(pin))).toBe(true);
  }
  // As many arrows as loops move from where they can be seen, numbered in their order.
  const visible = look.moves.filter(({ from, to }) => {
    const at = (spot: typeof from): boolean => !('pin' in spot) || drawn.some(({ pin }) => pin === spot.pin);
    return at(from) && at(to);
  });
  const badges = texts(scene).filter(({ ink }) => ink === 'paper');
  expect(paths(scene).filter(({ flow }) => flow)).toHaveLength(visible.length);
  const numbered = look.moves.length > 1 ? visible.filter(({ to }) => to.on !== 'middle') : [];
  expect(badges.map(({ text }) => Number(text))).toEqual(numbered.map(({ order }) => order));
}

const all = (result: Result, each: (piece: number, moment: Moment) => void): void => {
  for (const step of result.steps) {
    for (const m of [...momentsOf(result, step), ...joinMomentsOf(result, step)]) each(step.piece!, m);
  }
};

describe('the ring close up', () => {
  it.each(KINDS.map(({ code }) => code))('%s: every operation has a picture, and every act of making up', (code) => {
    const result = made(code);
    all(result, (piece, moment) => check(result, piece, moment, 560, 380));
    const sketches = actSketches(result, speak(result));
    result.plan.acts.forEach((act, i) => expect(act.do === 'own' || sketches[i], act.do).toBeTruthy());
  });

  it('a ladder and a strip of waste have pictures too', () => {
    const ladder = withLadder();
    all(ladder, (piece, moment) => check(ladder, piece, moment, 560, 380));
    const rag = made('cowl', {}, sampleKit({ habits: { wasteStrip: true } }));
    all(rag, (piece, moment) => check(rag, piece, moment, 560, 380));
  });

  it('any plan, on any screen: pins, loops, edges and order as the moment has them', () => {
    fc.assert(
      fc.property(anyKitAndBrief, fc.integer({ min: 180, max: 900 }), ({ kit, brief }, width) => {
        const result = planned(kit, brief);
        if (!result || result.refusals.length > 0) return;
        all(result, (piece, moment) => check(result, piece, moment, width, Math.round(width * 0.7)));
      }),
      { numRuns: 25 }
    );
  });

  it('a decrease: three loops, in the order 1, 2, 3, at either edge', () => {
    const result = made('waistcoat');
    const steps = result.steps.filter((s) => s.what.say === 'decrease');
    const sides = new Set<string>();
    for (const step of steps) {
      const moment = momentsOf(result, step).find((m) => m.code === 'three');
      if (moment?.code !== 'three' || step.what.say !== 'decrease') continue;
      sides.add(step.what.facts.side);
      const { pin, inner, nearest } = moment.facts;
      // craft 8.3: the middle one first, onto the pin nearest the panel; the innermost on top; the edge one beside it.
      expect(moment.sight).toMatchObject({ look: { moves: [{ from: { pin: inner }, to: { pin: nearest } }, { from: { pin: nearest }, to: { pin: nearest } }, { from: { pin }, to: { pin: inner } }] } }); // prettier-ignore
      expect(Math.abs(pin - inner)).toBe(1);
      expect(Math.sign(inner - pin)).toBe(step.what.facts.side === 'low' ? 1 : -1);
    }
    expect([...sides].sort()).toEqual(['high', 'low']);
  });
});

describe('the small ring', () => {
  it('runs with the clock from the marker at the near side', () => {
    // Screens count angles clockwise, from the right; the near side is a quarter turn.
    for (const pins of [20, 48]) {
      expect(pinAngle(1, pins)).toBeGreaterThan(Math.PI / 2);
      expect(pinAngle(1, pins)).toBeLessThan(pinAngle(2, pins));
      expect(pinAngle(pins, pins) - 2 * Math.PI).toBeLessThan(Math.PI / 2);
    }
  });

  it('a touch anywhere about a pin means that pin, on any ring', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 4, max: 200 }),
        fc.nat(199),
        fc.double({ min: -0.49, max: 0.49, noNaN: true }),
        fc.integer({ min: -1, max: 1 }),
        (pins, n, off, turns) => {
          const pin = (n % pins) + 1;
          const angle = pinAngle(pin, pins) + (2 * Math.PI * off) / pins + 2 * Math.PI * turns;
          expect(pinTowards(angle, pins)).toBe(pin);
        }
      )
    );
  });

  it('says where the yarn stands and which way the next row goes, for every row of a panel', () => {
    const result = made('waistcoat');
    const say = speak(result);
    const { rows, yarnAt, low, high } = result.fabric.pieces[0]!;
    for (let row = 1; row <= rows; row++) {
      const { label } = smallRing(ringLook(result, 0, row), [], say, 120);
      const up = yarnAt[row - 1] === 1;
      expect(label).toBe(`The yarn is at pin ${up ? low[row - 1] : high[row - 1]}; The next turn goes ${up ? 'up' : 'down'} the numbers`); // prettier-ignore
    }
  });
});
