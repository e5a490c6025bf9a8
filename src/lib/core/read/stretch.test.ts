import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyKitAndBrief } from '../../../../tests/support/arbitrary';
import { made } from '../../../../tests/support/sample';
import { speak } from '$lib/words';
import { tryPlan } from '../tomble';
import { type Entry, entriesOf } from './stretch';

const stepsIn = (entry: Entry) => ('step' in entry ? [entry.step] : entry.stretch.steps);

describe('steps told together', () => {
  it('every step is told once and in order, and a stretch covers its rows without a gap, for any plan', () => {
    fc.assert(
      fc.property(anyKitAndBrief, ({ kit, brief }) => {
        const answer = tryPlan(kit, brief);
        if (!answer.ok) return;
        const { steps } = answer.value;
        const entries = entriesOf(answer.value, steps);
        expect(entries.flatMap(stepsIn)).toEqual(steps);
        // Where anything is gathered, its words are given at least once.
        const gathered = entries.flatMap((entry) => ('stretch' in entry ? [entry.stretch] : []));
        if (gathered[0]) expect(gathered[0].how.length).toBeGreaterThan(0);
        for (const entry of entries) {
          if (!('stretch' in entry)) continue;
          const { rows, steps: those, lines, how } = entry.stretch;
          let next = rows.from;
          for (const step of those) {
            if (!step.rows) continue;
            const own = step.workRows ?? step.rows;
            expect(own.from).toBe(next);
            next = own.to + 1;
          }
          expect(next).toBe(rows.to + 1);
          const byHand = those.filter((step) => !step.rows);
          expect(lines.flatMap((line) => line.steps)).toEqual(byHand);
          for (const step of how) expect(byHand).toContain(step);
          expect(new Set(lines.map((line) => line.afterRow)).size).toBe(lines.length);
        }
      })
    );
  });

  it('a front of a waistcoat is cast-on, waste, one shaped stretch and the chain', () => {
    const result = made('waistcoat', {});
    const front = entriesOf(result, result.steps.filter((s) => s.piece === 3 && s.phase === 'knit')); // prettier-ignore
    const say = speak(result);
    const titleOf = (entry: Entry): string =>
      ('step' in entry ? say.step(entry.step) : say.stretch(entry.stretch)).title;
    expect(front.map(titleOf)).toEqual([
      expect.stringMatching(/^Wrap the cast-on/),
      expect.stringMatching(/^Waste yarn: \d+ rows/),
      expect.stringMatching(/^Front: 112 rows in/),
      expect.stringMatching(/^Chain the stitches off/)
    ]);
    const shaped = front.flatMap((entry) => ('stretch' in entry ? [entry.stretch] : []))[0]!;
    expect(say.stretch(shaped).detail).toBe(
      `Rows ${shaped.rows.from} to ${shaped.rows.to} of the piece. The counter does not count here: Tomble does. Hanging on the pins these rows alone are about 33.5 cm long.`
    );
    // Held at the underarm, then decreased at the armhole and at the neck: three ways, each explained once.
    expect(shaped.how).toHaveLength(3);
    const titles = shaped.lines.flatMap(({ steps }) => steps.map((step) => say.step(step).title));
    expect(titles.filter((title) => /^Take \d+ stitches off/.test(title))).toHaveLength(1);
  });

  it('a tube has nothing to gather', () => {
    const hat = made('lined-hat', {});
    expect(entriesOf(hat, hat.steps)).toEqual(hat.steps.map((step) => ({ step, again: false })));
    // Of many stripes the first change says how; the others point to it.
    const striped = made('lined-hat', { style: 'striped', sizeBy: 'rows', rows: 60 });
    const joins = entriesOf(striped, striped.steps).filter((e) => 'step' in e && e.step.joined !== null);
    expect(joins.length).toBeGreaterThan(3);
    expect(joins.map((e) => e.again)).toEqual(joins.map((_, i) => i > 0));
  });
});
