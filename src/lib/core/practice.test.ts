import { describe, expect, it } from 'vitest';
import { speak } from '$lib/words';
import { planOf } from '../../../tests/support/said';
import { hat, made, medium, sampleKit } from '../../../tests/support/sample';
import { presetFor } from './kit';
import { knit } from './knit';
import { castOn, chainOff, type HangOff, knitRows, type Operation, type Piece, wasteRows, widened } from './plan';
import { nextAt, trackOf } from './read';
import { read, type Result } from './tomble';

/**
 * What practice says, as tables: nothing of how it is worked out, only what goes in and what must come out. Every row is
 * common practice, no source.
 */
const kit = sampleKit();
const off = chainOff('red', 100);
const panelOf = (operations: Operation[], more: Partial<Piece> = {}): Piece => ({ label: 'Panel', machineId: 'm', copies: 1, mode: 'panel', from: 10, to: 29, hole: 2, operations, ...more }); // prettier-ignore
const cast = castOn('red', 'e-wrap');
const rows = (n: number): Operation => knitRows('A', 'red', n);

/** A kit with one ring of so many pins. */
const ringOf = (pins: number, more: object = {}) => sampleKit({ machine: { pins, tensionHoles: presetFor(pins, 'm', 'Ring').tensionHoles, ...more } }); // prettier-ignore

describe('where the yarn of a panel stands after waste and work', () => {
  it.each([
    [0, 0, 'high'],
    [0, 1, 'low'],
    [0, 2, 'high'],
    [0, 40, 'high'],
    [0, 41, 'low'],
    [4, 0, 'high'],
    [4, 1, 'low'],
    [5, 0, 'low'],
    [5, 1, 'high'],
    [5, 40, 'low'],
    [10, 7, 'low']
  ] as const)('%i waste rows and %i of the work: at the %s edge', (waste, work, edge) => {
    const ops = [cast, ...(waste ? [wasteRows('blue', waste)] : []), ...(work ? [rows(work)] : [])];
    const [piece] = knit(kit, planOf(panelOf([...ops, off]))).fabric.pieces;
    expect(piece!.trace[ops.length - 1]!.carriage).toBe(edge === 'low' ? 10 : 29);
  });
});

describe('what can be done at which edge, as the next row begins', () => {
  const decrease = (side: 'low' | 'high'): Operation => ({ op: 'decrease', side, stitches: 1, method: 'simple' });
  const increase = (side: 'low' | 'high'): Operation => ({ op: 'increase', side, stitches: 1 });
  const hold = (side: 'low' | 'high'): Operation => ({ op: 'hold', side, stitches: 3 });
  it.each([
    [2, decrease('high'), true],
    [2, decrease('low'), false],
    [3, decrease('low'), true],
    [3, decrease('high'), false],
    [2, hold('high'), true],
    [2, hold('low'), false],
    [3, increase('low'), true],
    [2, increase('low'), false]
  ] as const)('after %i rows %o: %s', (n, op, can) => {
    const inner = { ...cast, pins: { from: 12, to: 27 } };
    const { refusals } = knit(kit, planOf(panelOf([inner, rows(n), op, rows(2), off])));
    expect(refusals.length === 0).toBe(can);
  });
});

describe('halves of a waistcoat: waste rows and the armhole', () => {
  const result = made('waistcoat', {}, sampleKit({ habits: { wasteStart: 4 } }));
  it.each([
    ['Right back', 5, 'low'],
    ['Left back', 4, 'high'],
    ['Right front', 4, 'high'],
    ['Left front', 5, 'low']
  ] as const)('%s: %i rows of waste, its armhole at the %s pins', (label, waste, side) => {
    const p = result.plan.pieces.findIndex((piece) => piece.label === label);
    const { operations } = result.plan.pieces[p]!;
    expect(operations.find((op) => op.op === 'knit')).toMatchObject({ purpose: 'waste', rows: waste });
    expect(operations.find((op) => op.op === 'hold')).toMatchObject({ side });
    expect(result.fabric.pieces[p]!.rows - waste).toBe(112);
  });
});

describe('a panel that begins elsewhere', () => {
  it.each([
    ['habit', 'high', 'high'],
    ['habit', 'low', 'low'],
    ['high', 'low', 'high'],
    ['low', 'high', 'low']
  ] as const)('asked %s, habit %s: the yarn begins at the %s edge', (yarnAt, panelStart, edge) => {
    for (const kind of ['panel', 'pennant', 'blanket', 'panel-tube', 'wide-panel', 'waistcoat']) {
      const result = made(kind, { yarnAt }, sampleKit({ habits: { panelStart } }));
      expect(result.refusals).toEqual([]);
      const { carriage, low, high } = result.fabric.pieces[0]!.trace.find((t) => t.occupied > 0)!;
      expect(carriage, kind).toBe(edge === 'low' ? low : high);
    }
  });
});

describe('rows of a lined hat', () => {
  it.each([
    [48, 560, 0, 100, 105],
    [48, 560, 50, 132, 137],
    // 46 and 44 pins: within 3 % of that, 40 pins within 8 %.
    [46, 560, 0, 97, 108],
    [46, 560, 50, 128, 141],
    [44, 560, 0, 97, 108],
    [44, 560, 50, 128, 141],
    [40, 560, 0, 92, 113],
    [40, 560, 50, 121, 148],
    [22, 300, 10, 60, 66]
  ])('%i pins, a head of %i mm, %i mm turned up: %i to %i', (pins, headMm, turnUpMm, low, high) => {
    const result = hat({ headMm, turnUpMm, sizeBy: 'head', style: 'plain' }, ringOf(pins));
    expect(result.sizes.pieces[0]!.rows).toBeGreaterThanOrEqual(low);
    expect(result.sizes.pieces[0]!.rows).toBeLessThanOrEqual(high);
    expect(result.findings.filter((f) => f.weight === 'stop')).toEqual([]);
  });
  it('a stretchy, airy yarn takes 3 to 5 % fewer', () => {
    const { yarns } = sampleKit();
    const soft = yarns.map((y) => ({ ...y, behaviour: { ...y.behaviour, stretch: 'much' as const } }));
    const of = (k: typeof kit): number => hat({ style: 'plain' }, k).sizes.pieces[0]!.rows;
    expect(of(sampleKit({ yarns: soft })) / of(kit)).toBeGreaterThan(0.95);
    expect(of(sampleKit({ yarns: soft })) / of(kit)).toBeLessThan(0.97);
  });
});

describe('heights of hats lying flat, in cm', () => {
  const figure = (r: Result, code: string): number => r.sizes.finished.find((f) => f.code === code)!.figure.value / 10;
  it.each([
    [110, 0, 'height', 24],
    [134, 50, 'height-down', 30],
    [134, 60, 'height', 24],
    [120, 0, 'height', 26.5]
  ] as const)('%i rows, %i mm turned up: %s about %s', (count, turnUpMm, code, cm) => {
    const result = hat({ sizeBy: 'rows', rows: count, turnUpMm, style: 'plain' });
    expect(Math.abs(figure(result, code) - cm)).toBeLessThan(0.5);
  });
});

describe('length as it hangs on the pins', () => {
  it.each([
    [48, 10, 3.1],
    [48, 50, 15.6],
    [40, 110, 34],
    [22, 62, 19]
  ])('%i pins, %i rows: about %s cm', (pins, count, cm) => {
    const result = made('free-tube', { sections: [{ yarn: 'red', rows: count }] }, ringOf(pins, { counter: 'none' }));
    expect(result.sizes.pieces[0]!.rows).toBe(count);
    // About 3.2 rows to a centimetre.
    expect(Math.abs(result.sizes.pieces[0]!.hangsMm.value / 10 / cm - 1)).toBeLessThan(0.07);
  });
  it('a swatch measured as it hung corrects it', () => {
    const swatch = { id: 's', machineId: 'm', yarnId: 'red', hole: 2, state: 'rested', statement: { as: 'counts', stitches: 13.5, rows: 20 }, hangCmTo20Rows: 7, on: '2026-03-01' }; // prettier-ignore
    const result = made('free-tube', { sections: [{ yarn: 'red', rows: 40 }] }, sampleKit({ machine: { counter: 'none' }, swatches: [swatch] })); // prettier-ignore
    expect(result.sizes.pieces[0]!.hangsMm).toMatchObject({ value: 140, basis: 'measured' });
  });
});

describe('what is told at the cast-on of a panel', () => {
  // PANEL mode loses two stitches at the end of the ring it touches: the first row runs to the last pin that knits.
  it.each([
    [1, 20, 20, 3],
    [10, 29, 29, 10],
    [29, 48, 46, 29]
  ])('pins %i to %i: the yarn stands at pin %i, the first row runs to pin %i', (from, to, yarnPin, farPin) => {
    const { kit: own, brief, notes } = made('panel');
    const result = read(own, brief, { plan: planOf(panelOf([cast, rows(4), off], { from, to })), notes });
    const step = result.steps.find((s) => s.what.say === 'castOn')!;
    expect(step.what).toMatchObject({ facts: { yarnPin, farPin } });
    expect(speak(result).step(step).detail).toContain(`runs back from pin ${yarnPin} to pin ${farPin}.`);
  });
  it('the card is in the cast-on where the work begins with it, and is not where waste comes first', () => {
    const told = (waste: string): string => {
      const result = made('wide-panel', { waste });
      return speak(result).step(result.steps.find((s) => s.what.say === 'float')!).detail;
    };
    expect(told('none')).toContain('in the cast-on and in every row of the work');
    expect(told('few')).not.toContain('in the cast-on');
  });
  it('a hanging swatch of another colour of the article corrects the length too', () => {
    const yarns = [medium('red', '#b03020', { name: 'Reed' }), medium('blue', '#205080', { name: 'Reed' })];
    const swatch = { id: 's', machineId: 'm', yarnId: 'blue', hole: 2, state: 'rested', statement: { as: 'counts', stitches: 13.5, rows: 20 }, hangCmTo20Rows: 7, on: '2026-03-01' }; // prettier-ignore
    const result = made('free-tube', { sections: [{ yarn: 'red', rows: 40 }] }, sampleKit({ yarns, swatches: [swatch], machine: { counter: 'none' } })); // prettier-ignore
    expect(result.sizes.pieces[0]!.hangsMm.value).toBe(140);
  });
});

describe('float groups of a widened panel', () => {
  it.each([
    [18, 2],
    [20, 2],
    [22, 2],
    [36, 5],
    [40, 5],
    [42, 6],
    [44, 6],
    [48, 7]
  ])('%i pins carry %i groups of six', (pins, groups) => {
    const { after } = widened(pins);
    expect(after).toHaveLength(groups);
    expect(Math.min(...after)).toBeGreaterThanOrEqual(6);
    expect(pins - Math.max(...after)).toBeGreaterThanOrEqual(6);
  });
});

describe('stitches a panel keeps', () => {
  it.each([
    [1, 48, 'panel', 44],
    [1, 20, 'panel', 18],
    [10, 29, 'panel', 20],
    [29, 48, 'panel', 18],
    [1, 20, 'tube-as-panel', 20]
  ] as const)('pins %i to %i, %s: %i', (from, to, mode, stitches) => {
    const [piece] = knit(kit, planOf(panelOf([cast, rows(2), off], { from, to, mode }))).fabric.pieces;
    expect(piece!.stitches[0]).toBe(stitches);
  });
});

describe('the lifting of a doubled brim is a row of its own', () => {
  it.each([
    [40, 5, 41],
    [40, 0, 41],
    [10, 10, 11],
    [38, 15, 39]
  ])('%i rows of brim after %i of waste: row %i', (brimRows, waste, row) => {
    const habit = { wasteStart: waste || 1 };
    const result = made('brim-hat', { sizeBy: 'rows', brimRows, bodyRows: 25, waste: 'habit' }, sampleKit({ habits: habit })); // prettier-ignore
    const track = trackOf(result);
    const before = track.legs[0]!.before;
    const next = nextAt(track, { rows: before + brimRows, ticks: 0 });
    expect(next).toMatchObject({ do: 'lift', of: 48, pin: 1, counted: { of: 'work', row } });
    expect(track.workRows).toBe(brimRows + 25);
  });
});

describe('what the machine counter shows, by three schools', () => {
  const sections = [{ yarn: 'red', rows: 10 }, { yarn: 'blue', rows: 10 }]; // prettier-ignore
  it.each([
    ['running', 1, 1],
    ['running', 11, 11],
    ['reset', 1, 1],
    ['reset', 11, 1],
    ['never', 1, 6],
    ['never', 11, 16]
  ] as const)('%s: after row %i of the work it shows %i', (counter, row, shows) => {
    const result = hat({ style: 'striped', sections, sizeBy: 'rows', rows: 20, waste: 'few' }, sampleKit({ habits: { counter } })); // prettier-ignore
    const { before, rows: all } = result.outline.tubes[0]!.work;
    expect([before, all]).toEqual([5, 20]);
    expect(result.fabric.pieces[0]!.counter[before + row - 1]).toBe(shows);
  });
});

describe('a decrease as it leans on the finished knit side', () => {
  it.each([
    ['low', 'left'],
    ['high', 'right']
  ] as const)('at the %s pins it leans %s', (taper, side) => {
    const result = made('panel', { taper, widthMm: 200, topMm: 120, method: 'full-fashioned' });
    const step = result.steps.find((s) => s.what.say === 'decrease')!;
    expect(speak(result).step(step).detail).toContain(`it leans ${side}`);
  });
});

describe('how tight a tube may go over a body', () => {
  it.each([
    ['lined-hat', { headMm: 560 }, []],
    ['lined-hat', { headMm: 620 }, ['stretch-high']],
    ['lined-hat', { headMm: 720 }, ['stretch-very-high']],
    ['tube-top', { chestMm: 780 }, ['stretch-very-high']],
    ['tube-top', { chestMm: 960 }, ['stretch-too-high']]
  ] as const)('%s %o: %o', (kind, options, codes) => {
    const found = made(kind, options).findings.filter((f) => f.code.startsWith('stretch-'));
    expect(found.map((f) => f.code)).toEqual(codes);
    for (const f of found) expect(f.weight === 'stop').toBe(f.code === 'stretch-too-high');
  });
});

describe('ends and tails at the machine', () => {
  const hangOffOf = (result: Result): HangOff => result.plan.pieces[0]!.operations.at(-1) as HangOff;
  it.each([
    [48, 1188, 1584],
    [40, 990, 1320],
    [22, 545, 726]
  ])('a drawstring on %i pins takes 1.5 to 2 turns: %i to %i mm', (pins, low, high) => {
    const result = hat({ waste: 'none', headMm: pins === 22 ? 300 : 560 }, ringOf(pins));
    expect(hangOffOf(result).threadMm).toBeGreaterThanOrEqual(low);
    expect(hangOffOf(result).threadMm).toBeLessThanOrEqual(high);
  });
});
