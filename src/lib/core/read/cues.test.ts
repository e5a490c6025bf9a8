import { describe, expect, it } from 'vitest';
import { told } from '../../../../tests/support/said';
import { hat, sampleKit } from '../../../../tests/support/sample';
import type { Cue } from './cues';

/** Every cue of a hat in one colour of so many rows, as "row kind". */
function cues(rows: number, kit = sampleKit(), options: object = {}): string[] {
  const result = hat({ style: 'plain', yarn: 'red', sizeBy: 'rows', rows, ...options }, kit);
  return result.steps.flatMap((step) => step.cues.map((cue: Cue) => `${cue.row} ${cue.kind}`));
}

describe('cues', () => {
  it('a short tube: slow first, speed from row 12, doughnut where it meets the table, the last row', () => {
    // 25 cm at 2 rows to the centimetre are 50 rows.
    expect(cues(110)).toEqual(['0 slow', '12 speed-up', '50 doughnut', '100 doughnut', '110 last-row']);
  });

  it('a very short one never meets the table', () => {
    expect(cues(40)).toEqual(['0 slow', '12 speed-up', '40 last-row']);
    expect(cues(10)).toEqual(['0 slow', '10 last-row']);
  });

  it('a long one clogs from row 250, then every 50 rows (craft 7)', () => {
    const clogs = cues(420).filter((cue) => cue.endsWith('clog'));
    expect(clogs).toEqual(['250 clog', '300 clog', '350 clog', '400 clog']);
  });

  it('joins are tied after as many rows as the knitter waits', () => {
    const ties = (rows: number, tieAfterRows: number): string[] =>
      told(hat({ sizeBy: 'rows', rows, marginRows: 0 }, sampleKit({ habits: { tieAfterRows } }))).flatMap((step) =>
        step.cues.filter((cue) => cue.kind === 'tie').map((cue) => `${cue.row} ${cue.sentence}`)
      );
    expect(ties(100, 4)).toEqual(['54 Tie the two tails of the join at row 51; do not cinch.']);
    expect(ties(100, 1)).toEqual(['51 Tie the two tails of the join at row 51; do not cinch.']);
    // A section too short to wait brings no cue of its own.
    expect(ties(6 + 4, 12)).toEqual([]);
  });

  it('never twice the same at the same row, and always in order', () => {
    for (const rows of [10, 11, 12, 13, 49, 50, 51, 249, 250, 251, 600]) {
      const list = cues(rows, sampleKit(), { waste: 'ten', separator: true });
      expect(new Set(list).size).toBe(list.length);
      const numbers = list.map((cue) => Number.parseInt(cue, 10));
      expect(numbers).toEqual(numbers.toSorted((a, b) => a - b));
    }
  });
});
