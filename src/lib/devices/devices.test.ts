import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Heard } from './device';
import { LineCutter, readLine } from './lines';
import { TurnCounter } from './turns';
import { type CrankOptions, turnsOf, virtualCrank } from './virtual-crank';
import { virtualScale } from './virtual-scale';

const CRANK: CrankOptions = { turnsPerMinute: 300, jitter: 0.2, doubles: 0.05, missed: 0.02, numbered: true, seed: 11 };

/** Runs a simulated crank without waiting, and says what was turned and what was lost and doubled on the wire. */
function run(options: CrankOptions, turns: number) {
  const counter = new TurnCounter();
  const crank = turnsOf(options);
  const wire: { at: number; text: string }[] = [];
  let now = 0;
  let [lost, doubled] = [0, 0];
  for (let i = 0; i < turns; i++) {
    const { ms, lines } = crank.next().value;
    if (lines.length === 0) lost++;
    if (lines.length === 2) doubled++;
    wire.push(...lines.map(({ after, text }) => ({ at: now + after, text })));
    now += ms;
  }
  let rows = 0;
  let last = 0;
  for (const { at, text } of wire.sort((a, b) => a.at - b.at)) {
    const heard = readLine(text, at);
    if (heard?.what !== 'turn') throw new Error(text);
    rows += counter.add(heard).rows;
    last = heard.n ?? last;
  }
  return { rows, lost, doubled, last, tally: counter.tally, perMinute: counter.perMinute };
}

describe('lines of devices', () => {
  it('reads what docs/devices.md has, and nothing else', () => {
    expect(readLine('turn', 5)).toEqual({ what: 'turn', at: 5, n: null });
    expect(readLine('turn 17\r', 5)).toEqual({ what: 'turn', at: 5, n: 17 });
    expect(readLine('grams 431.5', 5)).toEqual({ what: 'grams', at: 5, grams: 431.5 });
    for (const line of [
      '',
      'turns',
      'turn -1',
      'turn 1e3',
      'turn 12345678901',
      'grams',
      'grams 1,5',
      'GRAMS 4',
      `turn ${' '.repeat(90)}4`
    ]) {
      expect(readLine(line, 0), line).toBeNull();
    }
  });

  it('any text, cut into pieces anywhere, gives the same lines', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom('turn 1', 'turn', 'grams 4.5', 'x'), { minLength: 1 }), fc.constantFrom('\n', '\r\n'), fc.array(fc.nat(6)), (lines, end, cuts) => {
        const text = lines.map((line) => line + end).join('');
        const cutter = new LineCutter();
        const read: string[] = [];
        let at = 0;
        for (const size of [...cuts, text.length]) {
          // A line that ends with two signs is not cut between them here: the empty line that gives is none.
          read.push(...cutter.add(text.slice(at, at + size)));
          at += size;
        }
        expect(read.filter((line) => line !== '')).toEqual(lines);
      })
    ); // prettier-ignore
  });
});

describe('rows out of turns', () => {
  it('ten thousand turns at five a second, with jitter, doubles and lost lines: in step with the sensor', () => {
    const { rows, lost, doubled, last, tally } = run(CRANK, 10_000);
    expect(lost).toBeGreaterThan(100);
    expect(doubled).toBeGreaterThan(300);
    expect(rows).toBe(last);
    expect(10_000 - rows).toBeLessThan(3);
    expect(tally).toEqual({ turns: rows, doubles: doubled, caughtUp: rows - (10_000 - lost), doubts: 0 });
  });

  it('a sensor without numbers: doubles are dropped, no turn is invented, and most lost ones are doubted', () => {
    const { rows, lost, doubled, tally } = run({ ...CRANK, numbered: false }, 10_000);
    expect(rows).toBe(10_000 - lost);
    expect(tally.doubles).toBe(doubled);
    expect(tally.doubts).toBeGreaterThan(lost * 0.6);
    expect(tally.doubts).toBeLessThanOrEqual(lost);
  });

  it('any pace, any wire: rows are the turns that were heard of, never more than were turned', () => {
    fc.assert(
      fc.property(
        fc.record({ turnsPerMinute: fc.integer({ min: 10, max: 300 }), jitter: fc.double({ min: 0, max: 0.25, noNaN: true }), doubles: fc.double({ min: 0, max: 0.3, noNaN: true }), missed: fc.double({ min: 0, max: 0.3, noNaN: true }), numbered: fc.boolean(), seed: fc.integer({ min: 1, max: 1e9 }) }), // prettier-ignore
        (options) => {
          const { rows, lost, doubled, last, tally } = run(options, 400);
          expect(rows).toBe(options.numbered ? Math.max(0, last) - firstLost(options) : 400 - lost);
          expect(tally.doubles).toBe(doubled);
        }
      ),
      { numRuns: 60 }
    );
  });

  it('a sensor that was switched off and on begins anew; a line that comes late counts nothing', () => {
    const counter = new TurnCounter();
    const rows = [5, 6, 9, 8, 1, 2].map((n, i) => counter.add({ at: i * 1000, n }).rows);
    expect(rows).toEqual([1, 1, 3, 0, 1, 1]);
  });

  it('a hand that rests is not doubted, and its pace stays what it was', () => {
    const counter = new TurnCounter();
    let at = 0;
    for (let i = 0; i < 12; i++) counter.add({ at: (at += 1000), n: null });
    expect(counter.add({ at: (at += 60_000), n: null })).toEqual({ rows: 1, as: 'turn', doubt: false });
    expect(counter.add({ at: at + 2000, n: null }).doubt).toBe(true);
    expect(counter.perMinute).toBeCloseTo(60, 0);
  });
});

/** Turns whose line was lost before the first that came: nobody can have heard of them. */
function firstLost(options: CrankOptions): number {
  const crank = turnsOf(options);
  let lost = 0;
  while (lost < 400 && crank.next().value.lines.length === 0) lost++;
  return lost < 400 ? lost : 0;
}

describe('stand-ins', () => {
  beforeEach(() => void vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout', 'setInterval', 'clearInterval', 'performance'] })); // prettier-ignore
  afterEach(() => void vi.useRealTimers());

  it('the virtual crank turns at its pace until it is released', async () => {
    const heard: Heard[] = [];
    const release = await virtualCrank({ ...CRANK, turnsPerMinute: 60, jitter: 0, doubles: 0, missed: 0 }).open((h) => heard.push(h)); // prettier-ignore
    await vi.advanceTimersByTimeAsync(10_500);
    expect(heard.map((h) => (h.what === 'turn' ? h.n : null))).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 9, 10]);
    await release();
    await vi.advanceTimersByTimeAsync(10_000);
    expect(heard).toHaveLength(10);
  });

  it('the virtual scale says what lies on it, to within its last digit', async () => {
    let grams = 100;
    const heard: number[] = [];
    const release = await virtualScale(() => grams).open((h) => h.what === 'grams' && heard.push(h.grams));
    await vi.advanceTimersByTimeAsync(2000);
    grams = 57;
    await vi.advanceTimersByTimeAsync(2000);
    await release();
    expect(heard).toHaveLength(10);
    expect(Math.abs(heard[0]! - 100)).toBeLessThanOrEqual(0.5);
    expect(Math.abs(heard.at(-1)! - 57)).toBeLessThanOrEqual(0.5);
  });
});
