import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { made } from '../../../../tests/support/sample';
import { minutesLeft, REST_MS, rowsPerMinute, workingSince } from './cranked-pace';
import { trackOf } from './track';

const every = (ms: number, rows: number): number[] => Array.from({ length: rows }, (_, i) => i * ms);

describe('the pace of somebody who cranks', () => {
  it('is told by a steady hand, whatever pauses lie between', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 500, max: 20_000 }),
        fc.integer({ min: 11, max: 120 }),
        fc.array(fc.nat(100), { maxLength: 4 }),
        (ms, rows, pauses) => {
          let late = 0;
          const at = every(ms, rows + pauses.length).map((time, i) => {
            if (pauses.includes(i)) late += 31_000 + i;
            return time + late;
          });
          // What is left of gaps after the pauses are all alike.
          const told = rowsPerMinute(at);
          if (told !== null) expect(told).toBeCloseTo(60_000 / ms, 6);
          else expect(rows + pauses.length - 1 - new Set(pauses).size).toBeLessThan(10);
        }
      )
    );
  });
  it('is not told by a handful of rows', () => {
    expect(rowsPerMinute(every(3000, 10))).toBeNull();
    expect(rowsPerMinute(every(3000, 11))).toBeCloseTo(20, 9);
    expect(rowsPerMinute([])).toBeNull();
  });
  it('what is left is what the plan says, and is counted down row by row to what comes after the last', () => {
    for (const kind of ['lined-hat', 'waistcoat', 'socks', 'toy-figure', 'headband']) {
      const result = made(kind);
      const track = trackOf(result);
      expect(minutesLeft(track, 0), kind).toBeCloseTo(result.pace.cranking.value, 9);
      let before = Infinity;
      for (let rows = 0; rows <= track.rows; rows++) {
        const now = minutesLeft(track, rows);
        expect(now).toBeLessThan(before);
        before = now;
      }
      expect(minutesLeft(track, track.rows + 1)).toBe(0);
    }
  });
  it('a hand twice as fast halves the rows of its own kind, and nothing of what hands do between them', () => {
    const track = trackOf(made('lined-hat'));
    const rows = minutesLeft(track, 5) - minutesLeft(track, track.rows);
    const fast = minutesLeft(track, 5, { faster: 2, toAndFro: false });
    const between = track.legs[0]!.steps.filter((s) => !s.rows).reduce((all, s) => all + s.minutes, 0);
    expect(fast).toBeLessThan(minutesLeft(track, 5));
    expect(fast).toBeGreaterThanOrEqual(rows / 2 - between);
    expect(minutesLeft(track, 5, { faster: 2, toAndFro: true })).toBe(minutesLeft(track, 5));
  });
});

describe('a stretch of work', () => {
  it('begins after the last rest, and is over when nothing was done for as long', () => {
    expect(workingSince([0, 1000, REST_MS + 2000, REST_MS + 3000], REST_MS + 4000)).toBe(REST_MS + 2000);
    expect(workingSince([0, 1000], 2000)).toBe(0);
    expect(workingSince([0, 1000], REST_MS + 1000)).toBeNull();
    expect(workingSince([], 5)).toBeNull();
    expect(workingSince([900_000, 5000, 6000], 7000)).toBe(5000);
  });
});
