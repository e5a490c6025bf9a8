import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { colourDifference } from '../kit';
import { type Laid, LAID, phasesAlong, type Rgb } from './phase-line';

/** Colours far apart for every eye. */
const DYES: readonly Rgb[] = [
  [200, 60, 40],
  [30, 90, 160],
  [230, 200, 90],
  [60, 120, 60],
  [240, 235, 225],
  [50, 40, 60]
];

const hexOf = (rgb: Rgb): string => `#${rgb.map((c) => c.toString(16).padStart(2, '0')).join('')}`;

/** A cake or card wound turn by turn, and what a line across it shows: the independent way, by thread and not by area. */
function wound(list: readonly { dye: number; metres: number }[], laid: Laid, hole: number, samples: number): Rgb[] {
  const all = list.reduce((sum, { metres }) => sum + metres, 0);
  const dyeAt = (metre: number): number => {
    let left = metre;
    return list.find(({ metres }) => (left -= metres) <= 0)?.dye ?? list.at(-1)!.dye;
  };
  // Turns of equal thickness: each as long as its own round.
  const TURNS = 4000;
  const round = (turn: number): number => (laid === 'wraps' ? 1 : hole + ((1 - hole) * (turn + 0.5)) / TURNS);
  const order = Array.from({ length: TURNS }, (_, i) => (laid === 'cake-in' ? TURNS - 1 - i : i));
  const whole = order.reduce((sum, turn) => sum + round(turn), 0);
  let used = 0;
  const seen = order.map((turn) => {
    const middle = ((used + round(turn) / 2) / whole) * all;
    used += round(turn);
    return dyeAt(middle);
  });
  return Array.from({ length: samples }, (_, i) => DYES[seen[Math.floor(((i + 0.5) / samples) * TURNS)]!]!);
}

const phases = fc
  .array(fc.record({ dye: fc.nat(DYES.length - 1), metres: fc.double({ min: 8, max: 40, noNaN: true }) }), {
    minLength: 1,
    maxLength: 6
  }) // prettier-ignore
  .filter((list) => list.every(({ dye }, i) => dye !== list[i - 1]?.dye));

describe('phases read off a line', () => {
  it('are those that were wound, on a card or a cake, to a few hundredths of the ball', () => {
    fc.assert(
      fc.property(
        phases,
        fc.constantFrom(...LAID),
        fc.double({ min: 0, max: 0.5, noNaN: true }),
        fc.nat(),
        (list, laid, hole, seed) => {
          // prettier-ignore
          const all = list.reduce((sum, { metres }) => sum + metres, 0);
          // Light and fibre: every sample a little off, by a fixed pattern of its own.
          const noisy = wound(list, laid, hole, 200).map((rgb, i) => rgb.map((c, k) => Math.min(255, Math.max(0, c + (((seed + i * 7 + k * 13) % 9) - 4)))) as unknown as Rgb); // prettier-ignore
          const read = phasesAlong(noisy, laid, all, hole);
          expect(read).toHaveLength(list.length);
          read.forEach((phase, i) => {
            expect(colourDifference(phase.hex, hexOf(DYES[list[i]!.dye]!))).toBeLessThan(5);
            expect(Math.abs(phase.metres - list[i]!.metres) / all).toBeLessThan(0.03);
          });
          expect(read.reduce((sum, { metres }) => sum + metres, 0)).toBeCloseTo(all, 6);
        }
      ),
      { numRuns: 60 }
    );
  });

  it('a shadow or a knot is no phase; a soft change is one change', () => {
    const red = DYES[0]!;
    const blue = DYES[1]!;
    const line = [...Array<Rgb>(60).fill(red), [5, 5, 5] as const, ...Array<Rgb>(60).fill(red)];
    expect(phasesAlong(line, 'wraps', 10)).toHaveLength(1);
    const soft = Array.from({ length: 120 }, (_, i): Rgb => {
      const t = Math.min(1, Math.max(0, (i - 58) / 4));
      return [0, 1, 2].map((k) => red[k]! * (1 - t) + blue[k]! * t) as unknown as Rgb;
    });
    const read = phasesAlong(soft, 'wraps', 12);
    expect(read).toHaveLength(2);
    expect(read[0]!.metres).toBeCloseTo(6, 0);
  });

  it('says what is wrong with a line without colours or yarn', () => {
    expect(() => phasesAlong([], 'wraps', 10)).toThrow('the line must cross the yarn');
    expect(() => phasesAlong([[1, 2, 3]], 'wraps', 0)).toThrow('metres must be above 0; received 0');
  });
});
