import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { hat, made } from '../../../../tests/support/sample';
import { speak } from '$lib/words';
import { KINDS } from '../kinds';
import { allRows, allWorkRows } from '../knit';
import type { Result } from '../tomble';
import { cuesAhead, legAt, nextAt, type Track, trackOf } from './track';

const short = hat({ sizeBy: 'rows', rows: 40, turnUpMm: 0 });
const { steps } = short;
const track = trackOf(short);

/** Walks the whole track with one key, as a knitter does. */
function walk(list: Track): string[] {
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
    const seen = walk(track);
    expect(seen.filter((s) => s.startsWith('row'))).toEqual(Array.from({ length: 40 }, (_, i) => `row ${i + 1}`));
    for (const step of steps.filter((s) => s.phase !== 'finish' && !s.rows)) expect(seen).toContain(step.id);
    expect(seen.at(-1)).toBe(steps.find((s) => s.what.say === 'hangOff')!.id);
  });

  it('asks for the change of yarn between the last row of one and the first of the next', () => {
    const seen = walk(track);
    const join = steps.find((s) => s.joined)!;
    const at = seen.indexOf(join.id);
    expect(seen.slice(at - 1, at + 2)).toEqual([`row ${join.rows!.from - 1}`, join.id, `row ${join.rows!.from}`]);
  });

  it('has an answer for any position, even one left over from a longer plan', () => {
    fc.assert(
      fc.property(fc.nat(200), fc.nat(9), (rows, ticks) => {
        const next = nextAt(track, { rows, ticks });
        if (next.do === 'row') expect(next.row).toBe(rows + 1);
        if (rows > track.rows) expect(next.do).toBe('done');
      })
    );
  });

  it('announces what is due now and the next thing ahead', () => {
    const join = steps.find((s) => s.joined)!.rows!.from - 1;
    const ahead = cuesAhead(track, join - 3);
    expect(ahead).toHaveLength(1);
    expect(ahead[0]).toMatchObject({ inRows: 3 });
    expect(speak(short).cue(ahead[0]!)).toContain('Change yarn');
    expect(cuesAhead(track, 0)[0]).toMatchObject({ kind: 'slow', inRows: 0 });
  });

  it('long tubes are untwisted from row 250 on (craft 7)', () => {
    const long = hat({ sizeBy: 'rows', rows: 460 }).steps.flatMap((s) => s.cues);
    expect(long.filter((c) => c.kind === 'clog').map((c) => c.row)).toEqual([250, 300, 350, 400, 450]);
    expect(long.filter((c) => c.kind === 'tie')).toHaveLength(1);
    expect(long.filter((c) => c.kind === 'doughnut').map((c) => c.row)).toEqual([50, 100, 150, 200]);
  });

  it('goes through every piece and every copy, in order; a machine that is set up stays so', () => {
    const result = made('garland', { count: 3, lineMm: 300, tailMm: 0, motifMm: 40 });
    const whole = trackOf(result);
    expect(whole.legs.map((leg) => `${leg.label} ${leg.copy}/${leg.copies}`)).toEqual([
      'Line 1/1',
      'Small tube 1/3',
      'Small tube 2/3',
      'Small tube 3/3'
    ]);
    const seen = walk(whole);
    // The small ring is switched once and threaded for every tube.
    expect(seen.filter((s) => s === 'p1.ready0')).toHaveLength(1);
    expect(seen.filter((s) => s === 'p1.ready1')).toHaveLength(3);
    expect(seen.filter((s) => s.startsWith('row'))).toHaveLength(whole.rows);
    // Rows count from 1 again for every piece.
    expect(seen.filter((s) => s === 'row 1')).toHaveLength(4);
    const [line, first] = whole.legs;
    expect(legAt(whole, line!.rows - 1)?.label).toBe('Line');
    expect(legAt(whole, line!.rows)).toBe(first);
    expect(legAt(whole, whole.rows)?.copy).toBe(3);
  });

  it('asks to switch the machine only where the piece before left it otherwise', () => {
    const switches = (result: Result): string[] =>
      trackOf(result).legs.flatMap((leg) => {
        const asked = leg.steps.some((step) => step.what.say === 'mode');
        return asked ? [`${leg.label} ${leg.copy}`] : [];
      });
    expect(switches(made('waistcoat'))).toEqual(['Right back 1']);
    // Tube sleeves after panels: the switch goes over to TUBE, once for both.
    expect(switches(made('cardigan', { sleeves: 'tube' }))).toEqual(['Right back 1', 'Sleeve 1']);
    expect(switches(made('cardigan', { sleeves: 'panel' }))).toEqual(['Right back 1']);
  });

  it('announces the rehang before it is due, and makes it a row that is counted pin by pin', () => {
    const result = made('brim-hat', { sizeBy: 'rows', brimRows: 40, bodyRows: 25, waste: 'few' });
    const whole = trackOf(result);
    const ahead = cuesAhead(whole, 42).find((cue) => cue.inRows > 0)!;
    expect(ahead).toMatchObject({ inRows: 3, row: 45 });
    expect(speak(result).cue(ahead)).toBe('Crank row 41 pin by pin and lift row 1 in it.');
    // Forty rows of brim, five of waste before them: the lifting is row 41 of the work, pin by pin.
    const at = (ticks: number) => nextAt(whole, { rows: 45, ticks });
    expect(at(0)).toMatchObject({ do: 'lift', pin: 1, of: 48, counted: { of: 'work', row: 41, total: 65 }, lift: { what: { say: 'rehang', facts: { row: 1 } } } }); // prettier-ignore
    expect([at(1), at(46), at(47), at(90)]).toMatchObject([{ pin: 2 }, { pin: 47 }, { pin: 48 }, { pin: 48 }]);
    expect(nextAt(whole, { rows: 46, ticks: 0 })).toMatchObject({ do: 'row', counted: { row: 42 } });
    // The row that is lifted later is announced as a loose one.
    expect(cuesAhead(whole, 5).map((cue) => cue.kind)).toContain('loose');
  });

  it('a brim of another colour is changed before the lifting begins, which is a row of the new yarn', () => {
    const whole = trackOf(made('brim-hat', { sizeBy: 'rows', brimRows: 40, bodyRows: 25, waste: 'few', yarn: 'red', brimYarn: 'blue' })); // prettier-ignore
    const at = (ticks: number) => nextAt(whole, { rows: 45, ticks });
    expect(at(0)).toMatchObject({ do: 'confirm', join: true, step: { yarnId: 'red' } });
    expect([at(1), at(47), at(48)]).toMatchObject([{ do: 'lift', pin: 1, step: { yarnId: 'red' } }, { pin: 47 }, { pin: 48 }]); // prettier-ignore
    // Only one thing is asked for before the row: nothing is passed over.
    expect(nextAt(whole, { rows: 46, ticks: 0 })).toMatchObject({ do: 'row', counted: { row: 42 } });
  });

  it.each(KINDS.map((kind) => kind.code))('rows of the work are those that count as such, one by one: %s', (code) => {
    const result = made(code);
    const counted = trackOf(result).legs.flatMap((leg) =>
      Array.from({ length: leg.rows }, (_, i) => leg.counted(i + 1).of)
    );
    expect(allRows(result)).toBe(counted.length);
    expect(allWorkRows(result)).toBe(counted.filter((of) => of === 'work').length);
    expect(trackOf(result).workRows).toBe(allWorkRows(result));
  });

  it('has nothing to crank where nothing is knitted', () => {
    const nothing = trackOf(made('pompom'));
    expect(nothing).toEqual({ legs: [], rows: 0, workRows: 0 });
    expect(nextAt(nothing, { rows: 0, ticks: 0 })).toEqual({ do: 'done' });
    expect(cuesAhead(nothing, 0)).toEqual([]);
  });
});
