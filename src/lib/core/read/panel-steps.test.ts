import { describe, expect, it } from 'vitest';
import { told } from '../../../../tests/support/said';
import { made, sampleKit } from '../../../../tests/support/sample';
import { speak } from '$lib/words';
import { SMALL_GARMENT } from '../kinds/waistcoat';
import { cuesAhead, nextAt, trackOf } from './track';

const child = made('waistcoat', { ...SMALL_GARMENT, farSide: 'cut' });
const adult = made('waistcoat', {});
const at = (title: RegExp, result = adult) => told(result).filter((s) => title.test(s.title));
const say = speak(adult);

describe('what is said at a panel', () => {
  it('PANEL mode, the pins, and that the counter is blind', () => {
    expect(told(adult)[0]!.title).toContain('to PANEL');
    const [rows] = at(/^Back: /);
    expect(rows!.detail).toContain('The counter does not count here');
  });

  it('the bumper and the stop are minded from the first row', () => {
    const [cue] = told(adult)
      .flatMap((s) => s.cues)
      .filter((c) => c.kind === 'slow');
    expect(cue!.sentence).toContain('under the bumper');
    expect(cue!.sentence).toContain('never force the stop');
  });

  it('a held group names its pins, where the yarn must be, and where it goes on', () => {
    const piece = adult.fabric.pieces[0]!;
    const { operations } = adult.plan.pieces[0]!;
    const i = operations.findIndex((op) => op.op === 'hold');
    const before = piece.trace[i - 1]!;
    const op = operations[i]!;
    const n = op.op === 'hold' ? op.stitches : 0;
    const step = told(adult).find((s) => s.piece === 0 && s.operation === i)!;
    expect(step.detail).toContain(`The yarn must hang here, at pin ${before.low}`);
    expect(step.detail).toContain(
      `take the stitches of pins ${before.low} to ${before.low + n - 1}, one by one, onto a needle`
    );
    expect(step.detail).toContain(`Go on from pin ${before.low + n}`);
    expect(before.carriage).toBe(before.low);
  });

  it('a fashioned decrease follows the edge inwards, pin by pin', () => {
    const pins = at(/^Decrease one/)
      .filter((s) => s.piece === 0)
      .map((s) => Number(/pin (\d+)/.exec(s.title)![1]));
    expect(pins.length).toBeGreaterThan(1);
    for (let i = 1; i < pins.length; i++) expect(pins[i]! - pins[i - 1]!).toBe(1);
  });

  it('its mirror goes inwards from the other side', () => {
    const of = (p: number): number[] => at(/^Decrease one/).filter((s) => s.piece === p).map((s) => Number(/pin (\d+)/.exec(s.title)![1])); // prettier-ignore
    const { from, to } = adult.plan.pieces[0]!;
    expect(of(1)).toEqual(of(0).map((pin) => from + to - pin));
  });

  it('a cut says both tails and where to begin', () => {
    const [cut] = at(/^Cut the yarn/, child);
    expect(cut!.title).toMatch(/begin at pin \d+$/);
    // Two stitches wait at either underarm: a chain of them takes less than the 15 cm that are left to hold, so both ends are alike.
    expect(cut!.detail).toContain('at either end of the cut');
  });

  it('increases fill the empty pin beside the edge', () => {
    const cardigan = made('cardigan', { sleeves: 'panel' });
    const steps = at(/^Increase one/, cardigan);
    // The high edge first, where the yarn stands; the low one a row later.
    steps.forEach((step, i) => {
      const edge = Number(/edge of pin (\d+)/.exec(step.title)![1]);
      expect(step.detail).toContain(`pin ${edge + (i % 2 === 0 ? 1 : -1)}, beside the edge`);
    });
    expect(steps.length).toBeGreaterThan(1);
  });

  it('floats name every pin behind which the card stands', () => {
    const wide = made('wide-panel');
    const [card] = at(/^Set the card/, wide);
    const { after } = wide.fabric.pieces[0]!.floats;
    expect(card!.title).toContain(`${after.length} groups of 6`);
    for (const pin of after) expect(card!.detail).toMatch(new RegExp(`\\b${pin}\\b`));
  });
});

describe('the count of a panel', () => {
  const track = trackOf(adult);

  it('each row goes from the pin where the yarn stands to the other edge', () => {
    const { turns } = track.legs[0]!;
    const piece = adult.fabric.pieces[0]!;
    expect(turns).toHaveLength(piece.rows);
    turns!.forEach(({ fromPin, toPin }, row) => {
      expect([fromPin, toPin].sort((a, b) => a - b)).toEqual([piece.low[row], piece.high[row]]);
      expect(toPin > fromPin).toBe(piece.yarnAt[row] === 1);
    });
  });

  it('shaping does not cut the section: it counts on to its end', () => {
    // Six rows of waste and one more: the work of this piece begins at its low edge.
    const waste = 7;
    const seen: number[] = [];
    for (let rows = waste; rows < track.legs[0]!.rows; rows++) {
      const ticks = Array.from({ length: 9 }, (_, t) => nextAt(track, { rows, ticks: t })).find((n) => n.do === 'row');
      if (ticks?.do === 'row') {
        seen.push(ticks.inSection);
        expect(ticks.ofSection).toBe(track.legs[0]!.rows - waste);
      }
    }
    expect(seen).toEqual(Array.from({ length: track.legs[0]!.rows - waste }, (_, i) => i + 1));
  });

  it('the next shaping is announced with its edge, some rows ahead', () => {
    const { operations } = adult.plan.pieces[0]!;
    const hold = operations.findIndex((op) => op.op === 'hold');
    const row = adult.fabric.pieces[0]!.trace[hold]!.rowsBefore;
    const ahead = cuesAhead(track, row - 3).find((cue) => cue.inRows === 3)!;
    expect(say.cue(ahead)).toMatch(/^Take \d+ stitches off at the edge of pin \d+\.$/);
  });

  it('tubes have no turns', () => {
    expect(trackOf(made('lined-hat')).legs[0]!.turns).toBeNull();
    expect(trackOf(made('strap', {}, sampleKit({ machine: { pins: 22 } }))).legs[0]!.turns).not.toBeNull();
  });
});

describe('what is said at the rehang and the ladder', () => {
  it('waste is never counted: the first row of the work is row 1, after five rows or eleven', () => {
    const [lift] = at(/pin by pin/, made('sack', { waste: 'few' }));
    expect(lift!.title).toMatch(/^Crank row \d+ pin by pin and lift row 1 in it$/);
    const [ten] = at(/pin by pin/, made('sack', { waste: 'ten', separator: true }));
    expect(ten!.title).toBe(lift!.title);
  });
  it('two opposite pins are dropped together', () => {
    const [drop] = at(/run down/, made('wrap'));
    expect(drop!.detail).toContain('at pins 1 and 25');
  });
  it('a strip is hung on instead of a cast-on', () => {
    const kit = sampleKit({ habits: { wasteStrip: true } });
    expect(at(/reusable strip/, made('cowl', {}, kit))).toHaveLength(1);
    expect(made('cowl', {}, kit).yarnUse.flatMap((u) => u.parts).find((p) => p.what === 'cast-on')!.metres).toBeCloseTo(0.45, 6); // prettier-ignore
  });
  it('a chained edge is said with its yarn and its school', () => {
    const [chain] = at(/^Chain the stitches off/, made('warmers', { edges: 'chained' }));
    expect(chain!.why).toContain('Chained off');
    expect(chain!.detail).toMatch(/Leave [\d.]+ cm of yarn/);
  });
});
