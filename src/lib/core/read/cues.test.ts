import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { told } from '../../../../tests/support/said';
import { hat, made, medium, sampleKit } from '../../../../tests/support/sample';
import { workOf } from '../knit';
import type { Cue } from './cues';
import { hangingOf } from './hanging';

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

  it('what a yarn asks of the hand is told at the first rows of the work, also when waste is knitted before it', () => {
    const cotton = medium('red', '#b03020', {
      behaviour: { stretch: 'little', strength: 'fair', surface: 'smooth', wash: 'machine' }
    });
    const kit = sampleKit({ yarns: [cotton, medium('blue', '#205080')] });
    const guides = (options: object): string[] =>
      hat({ style: 'plain', yarn: 'red', ...options }, kit).steps.flatMap((step) => (step.what.say === 'guide' ? [step.what.facts.stretch] : [])); // prettier-ignore
    // Five rows of waste: the work begins after them.
    expect(cues(110, kit, { waste: 'few' })).toContain('5 yarn-hint');
    expect(guides({ waste: 'few' })).toEqual(['some']);
    expect(cues(110, kit, { waste: 'none' }).filter((cue) => cue.endsWith('yarn-hint'))).toEqual([]);
    expect(guides({ waste: 'none' })).toEqual(['little']);
  });

  it('by the tape it is told whether waste is in the length', () => {
    const blind = sampleKit({ machine: { counter: 'none' } });
    const sentences = (options: object): string[] =>
      told(hat({ style: 'plain', sizeBy: 'rows', rows: 110, ...options }, blind)).flatMap(({ cues }) => cues.map(({ sentence }) => sentence).filter((line) => line.startsWith('By the tape'))); // prettier-ignore
    expect(sentences({ waste: 'few' })[0]).toContain('the waste not counted');
    expect(sentences({ waste: 'none' })[0]).toMatch(/hang from the pins\.$/);
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

  const kinds = (kind: string, options: object = {}) =>
    made(kind, options).steps.flatMap((step) => step.cues.map((cue) => ({ ...cue, piece: step.piece })));

  it('of a panel: loops at its edges are pushed down every 20 rows, a tape tells every 30; of a tube that counts neither', () => {
    const panel = kinds('panel', { sizeBy: 'rows', rows: 100 });
    const { before } = workOf(made('panel', { sizeBy: 'rows', rows: 100 }).fabric.pieces[0]!);
    const rows = (code: string) => panel.filter((c) => c.kind === code).map((c) => c.row - before);
    expect(rows('edge-loops')).toEqual([20, 40, 60, 80]);
    expect(rows('tape')).toEqual([30, 60, 90]);
    expect(cues(110).filter((c) => /edge-loops|tape/.test(c))).toEqual([]);
    // A ring that counts nothing is measured, tube or not.
    const blind = sampleKit({ machine: { counter: 'none' } });
    expect(cues(110, blind).filter((c) => c.endsWith('tape'))).toEqual(['30 tape', '60 tape', '90 tape']);
  });

  it('the tape shows what the rows hang, summed row by row, of any colours', () => {
    fc.assert(
      fc.property(fc.array(fc.record({ yarn: fc.constantFrom('red', 'blue'), rows: fc.integer({ min: 1, max: 70 }) }), { minLength: 1, maxLength: 6 }), (sections) => {
        const result = made('free-tube', { sections }, sampleKit({ machine: { counter: 'none' } }));
        const knitted = result.fabric.pieces[0]!;
        const { before } = workOf(knitted);
        const course = hangingOf(result, 0);
        for (const cue of result.steps.flatMap((step) => step.cues)) {
          if (cue.kind !== 'tape') continue;
          let mm = 0;
          for (let row = before; row < cue.row; row++) mm += course(knitted.yarn[row]!, 1);
          expect(cue.facts.mm).toBeCloseTo(mm, 6);
          expect(cue.facts.row).toBe(cue.row - before);
        }
      }),
      { numRuns: 40 }
    ); // prettier-ignore
  });

  it('of a garment: a marker at every edge that is shaped, once, in the last row that is as wide as those before', () => {
    for (const kind of ['waistcoat', 'cardigan']) {
      const result = made(kind);
      let marked = 0;
      result.fabric.pieces.forEach((knitted, p) => {
        const { before } = workOf(knitted);
        const found = kinds(kind).flatMap((cue) => (cue.kind === 'marker' && cue.piece === p ? [[cue.row, cue.facts.pin]] : [])); // prettier-ignore
        // By the rows alone: where the lowest or the highest pin is another one than in the row before, for the first time.
        const first = (pins: Uint16Array): number[][] => {
          for (let row = before + 1; row < knitted.rows; row++) {
            if (knitted.purpose[row] !== 0) return [];
            if (pins[row] !== pins[row - 1]) return row < before + 4 ? [] : [[row, pins[row - 1]!]];
          }
          return [];
        };
        // Edges that only grow are no beginning of an armhole or a neck.
        const narrowed = (pins: Uint16Array, sign: 1 | -1) => first(pins).filter(([row]) => (pins[row!]! - pins[row! - 1]!) * sign > 0); // prettier-ignore
        const wanted = [...narrowed(knitted.low, 1), ...narrowed(knitted.high, -1)];
        if (wanted.length === 0) return;
        marked += wanted.length;
        expect(found.sort(), `${kind} ${p}`).toEqual(wanted.sort());
      });
      expect(marked, kind).toBeGreaterThan(3);
    }
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
