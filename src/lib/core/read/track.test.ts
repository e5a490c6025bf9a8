import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { hat } from '../../../../tests/support/sample';
import { cuesAhead, nextAt, rowsOf } from './track';

const { steps } = hat({ sizeBy: 'rows', rows: 40, turnUpMm: 0 });

/** Walks the whole track with one key, as a knitter does. */
function walk(list: typeof steps): string[] {
  const seen: string[] = [];
  let at = { rows: 0, ticks: 0 };
  for (let guard = 0; guard < 10_000; guard++) {
    const next = nextAt(list, at);
    if (next.do === 'done') return seen;
    seen.push(next.do === 'row' ? `row ${next.row}` : next.step.id);
    at = next.do === 'row' ? { rows: at.rows + 1, ticks: 0 } : { ...at, ticks: at.ticks + 1 };
  }
  throw new Error('the track has no end');
}

describe('the crank track', () => {
  it('goes from the switch to the hang-off, every row once, every step at the crank at least once', () => {
    const seen = walk(steps);
    expect(seen.filter((s) => s.startsWith('row'))).toEqual(Array.from({ length: 40 }, (_, i) => `row ${i + 1}`));
    for (const step of steps.filter((s) => s.phase !== 'finish' && !s.rows)) expect(seen).toContain(step.id);
    expect(seen.at(-1)).toBe(steps.find((s) => s.title.startsWith('Hang off'))!.id);
  });

  it('asks for the change of yarn between the last row of one and the first of the next', () => {
    const seen = walk(steps);
    const join = steps.find((s) => s.before)!;
    const at = seen.indexOf(join.id);
    expect(seen.slice(at - 1, at + 2)).toEqual([`row ${join.rows!.from - 1}`, join.id, `row ${join.rows!.from}`]);
  });

  it('has an answer for any position, even one left over from a longer plan', () => {
    fc.assert(
      fc.property(fc.nat(200), fc.nat(9), (rows, ticks) => {
        const next = nextAt(steps, { rows, ticks });
        if (next.do === 'row') expect(next.row).toBe(rows + 1);
        if (rows > rowsOf(steps)) expect(next.do).toBe('done');
      })
    );
  });

  it('announces what is due now and the next thing ahead', () => {
    const join = steps.find((s) => s.before)!.rows!.from - 1;
    const ahead = cuesAhead(steps, join - 3);
    expect(ahead).toHaveLength(1);
    expect(ahead[0]).toMatchObject({ inRows: 3 });
    expect(ahead[0]!.sentence).toContain('Change yarn');
    expect(cuesAhead(steps, 0)[0]).toMatchObject({ kind: 'slow', inRows: 0 });
  });

  it('long tubes are untwisted from row 250 on (handbook section 7)', () => {
    const long = hat({ sizeBy: 'rows', rows: 460 }).steps.flatMap((s) => s.cues);
    expect(long.filter((c) => c.kind === 'clog').map((c) => c.row)).toEqual([250, 300, 350, 400, 450]);
    expect(long.filter((c) => c.kind === 'tie')).toHaveLength(1);
    expect(long.filter((c) => c.kind === 'doughnut').map((c) => c.row)).toEqual([50, 100, 150, 200]);
  });
});
