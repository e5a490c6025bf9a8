import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { speak } from '$lib/words';
import { planOf } from '../../../../tests/support/said';
import { hat, sampleKit } from '../../../../tests/support/sample';
import { castOn, chainOff, type Operation, type Piece, wasteRows } from '../plan';
import { CELL } from './fabric';
import { knit } from './knit';
import { mirrored } from './mirror';

const kit = sampleKit();
const PINS = { from: 12, to: 31 };
const piece = (operations: Operation[]): Piece => ({ label: 'Panel', machineId: 'm', copies: 1, mode: 'panel', ...PINS, hole: 2, operations }); // prettier-ignore
const run = (operations: Operation[]) => knit(kit, planOf(piece(operations)));

/** What a hand might do at a panel, sense or nonsense. */
const anyStep: fc.Arbitrary<Operation> = fc.oneof(
  { weight: 5, arbitrary: fc.integer({ min: 1, max: 7 }).map((rows): Operation => ({ op: 'knit', section: 'A', yarn: 'red', rows, purpose: 'work', joinTailMm: 200 })) }, // prettier-ignore
  {
    weight: 3,
    arbitrary: fc
      .record({
        side: fc.constantFrom('low', 'high'),
        stitches: fc.integer({ min: 1, max: 2 }),
        method: fc.constantFrom('simple', 'full-fashioned')
      }) // prettier-ignore
      .map((d) => ({ op: 'decrease', ...d }) as Operation)
  },
  {
    weight: 2,
    arbitrary: fc
      .record({ side: fc.constantFrom('low', 'high'), stitches: fc.integer({ min: 1, max: 5 }) })
      .map((h) => ({ op: 'hold', ...h }) as Operation)
  },
  fc.constantFrom('low', 'high').map((side) => ({ op: 'increase', side, stitches: 1 }) as Operation),
  fc.constantFrom('low', 'high').map((side) => ({ op: 'newEnd', side, yarn: 'red', tailMm: 200 }) as Operation)
);
const anyPanel = fc.array(anyStep, { minLength: 1, maxLength: 25 });

/**
 * An oracle of another build: the pins as a plain list of those that carry a stitch, the yarn as the pin it hangs at. It
 * knows the rules of craft 8 and nothing of the engine.
 */
function byHand(steps: readonly Operation[]): { rows: number[][]; refused: number; yarn: number[] } {
  let live = Array.from({ length: PINS.to - PINS.from + 1 }, (_, i) => PINS.from + i);
  let at: 'low' | 'high' = 'high';
  const rows: number[][] = [];
  const yarn: number[] = [];
  let refused = 0;
  for (const step of steps) {
    if (step.op === 'knit') {
      for (let i = 0; i < step.rows; i++) {
        rows.push([...live]);
        at = at === 'low' ? 'high' : 'low';
        yarn.push(at === 'low' ? live[0]! : live.at(-1)!);
      }
    } else if (step.op === 'newEnd') at = step.side;
    else if (step.op === 'increase') {
      if (at !== step.side) {
        refused++;
        continue;
      }
      const next = step.side === 'low' ? live[0]! - 1 : live.at(-1)! + 1;
      if (next < PINS.from || next > PINS.to) refused++;
      else live = step.side === 'low' ? [next, ...live] : [...live, next];
    } else if (step.op === 'decrease' || step.op === 'hold') {
      const tooMany = live.length - step.stitches < 1;
      const noYarn = at !== step.side;
      const several = step.op === 'decrease' && step.stitches > 1;
      const unfashioned = step.op === 'decrease' && step.method === 'full-fashioned' && live.length < 4;
      if (tooMany || noYarn || several || unfashioned) refused++;
      else live = step.side === 'low' ? live.slice(step.stitches) : live.slice(0, live.length - step.stitches);
    }
  }
  return { rows, refused, yarn };
}

const cast = castOn('red', 'e-wrap');
const off = chainOff('red', 100);

describe('a panel on the engine and by hand', () => {
  it('the same pins carry a stitch in every row, and as much is refused', () => {
    fc.assert(
      fc.property(anyPanel, (steps) => {
        const { fabric, refusals } = run([cast, ...steps, off]);
        const expected = byHand(steps);
        const [panel] = fabric.pieces;
        expect(refusals).toHaveLength(expected.refused);
        expect(panel!.rows).toBe(expected.rows.length);
        expected.rows.forEach((pins, row) => {
          const knitted = [];
          for (let pin = PINS.from; pin <= PINS.to; pin++) {
            if (panel!.cells[row * panel!.width + pin - panel!.firstPin] === CELL.stitch) knitted.push(pin);
          }
          expect(knitted).toEqual(pins);
          expect(panel!.stitches[row]).toBe(pins.length);
          expect([panel!.low[row], panel!.high[row]]).toEqual([pins[0], pins.at(-1)]);
          const stands = panel!.yarnAt[row] === 0 ? panel!.low[row] : panel!.high[row];
          expect(stands).toBe(expected.yarn[row]);
        });
      }),
      { numRuns: 300 }
    );
  });

  it('every refusal names piece, row and pin in its sentence', () => {
    fc.assert(
      fc.property(anyPanel, (steps) => {
        const { fabric, refusals } = run([cast, ...steps, off]);
        const say = speak({ kit, plan: planOf(piece([])), fabric, yarns: [], brief: hat().brief });
        for (const finding of refusals) {
          const { place, weight } = finding;
          const sentence = say.finding(finding);
          expect(weight).toBe('stop');
          expect(place.piece).toBe(0);
          expect(sentence).toContain(`Panel, row ${place.row}`);
          if (place.pin !== undefined) expect(sentence).toContain(`pin ${place.pin}`);
        }
      }),
      { numRuns: 120 }
    );
  });

  it('the mirror image of any panel is refused as much and shows its cells backwards', () => {
    fc.assert(
      fc.property(anyPanel, (steps) => {
        const whole: Operation[] = [castOn('blue', 'e-wrap'), wasteRows('blue', 4), ...steps, off];
        const [plain, mirror] = [run(whole), run(mirrored(whole, PINS))];
        expect(mirror.refusals.map((f) => f.code)).toEqual(plain.refusals.map((f) => f.code));
        const cells = (r: typeof plain, waste: number): string[] => {
          const [p] = r.fabric.pieces;
          return Array.from({ length: p!.rows - waste }, (_, row) => {
            const at = (row + waste) * p!.width;
            return [...p!.cells.slice(at, at + p!.width)].join('');
          });
        };
        expect(cells(mirror, 5)).toEqual(cells(plain, 4).map((row) => [...row].reverse().join('')));
      }),
      { numRuns: 120 }
    );
  });

  it('a trace for every operation, and the last one leaves the pins empty', () => {
    fc.assert(
      fc.property(anyPanel, (steps) => {
        const [panel] = run([cast, ...steps, off]).fabric.pieces;
        expect(panel!.trace).toHaveLength(steps.length + 2);
        expect(panel!.trace.at(-1)).toMatchObject({ occupied: 0, low: 0, high: -1 });
        for (const t of panel!.trace.slice(0, -1)) expect(t.occupied).toBe(t.high - t.low + 1);
      }),
      { numRuns: 60 }
    );
  });
});
