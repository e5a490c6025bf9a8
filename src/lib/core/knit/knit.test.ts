import { describe, expect, it } from 'vitest';
import { planOf } from '../../../../tests/support/said';
import { sampleKit } from '../../../../tests/support/sample';
import { castOn, drawstring, knitRows, type Operation, type Piece, withCounter } from '../plan';
import { CELL } from './fabric';
import { knit } from './knit';
import { reachOf } from './ring';

const kit = sampleKit();
const piece = (operations: Operation[], more: Partial<Piece> = {}): Piece => ({
  label: 'Tube',
  machineId: 'm',
  copies: 1,
  mode: 'tube',
  from: 1,
  to: 48,
  hole: 2,
  operations,
  ...more
});
const whole = [castOn('red'), knitRows('A', 'red', 7), knitRows('B', 'blue', 5), drawstring('blue', 600)];
const refusals = (...operations: Operation[]) => knit(kit, planOf(piece(operations))).refusals.map((f) => f.code);

describe('knit', () => {
  it('keeps yarn, section row, counter and stitches of every row', () => {
    const { fabric, refusals } = knit(kit, planOf(piece(withCounter(whole, 'tube', 'reset'))));
    const [tube] = fabric.pieces;
    expect(refusals).toEqual([]);
    expect(fabric.yarns).toEqual(['red', 'blue']);
    expect([...tube!.yarn]).toEqual([0, 0, 0, 0, 0, 0, 0, 1, 1, 1, 1, 1]);
    expect([...tube!.inSection]).toEqual([1, 2, 3, 4, 5, 6, 7, 1, 2, 3, 4, 5]);
    expect([...tube!.counter]).toEqual([1, 2, 3, 4, 5, 6, 7, 1, 2, 3, 4, 5]);
    expect(tube!.stitches.every((n) => n === 48)).toBe(true);
    expect(tube!.trace.at(-1)).toMatchObject({ rowsAfter: 12, occupied: 0, carriage: 0 });
  });

  it('a running counter is set to zero once only', () => {
    const [tube] = knit(kit, planOf(piece(withCounter(whole, 'tube', 'running')))).fabric.pieces;
    expect(tube!.counter.at(-1)).toBe(12);
    expect(withCounter(whole, 'none', 'reset')).toEqual(whole);
  });

  it('refuses what the machine cannot do, with piece and row', () => {
    expect(refusals(knitRows('A', 'red', 5))).toEqual(['pins-empty']);
    expect(refusals(castOn('red'), castOn('red'), drawstring('red', 600))).toEqual(['pins-full']);
    expect(refusals(castOn('red'), knitRows('A', 'red', 0), drawstring('red', 600))).toEqual(['no-rows']);
    expect(refusals(castOn('red'), knitRows('A', 'red', 5))).toEqual(['left-on-pins']);
    expect(refusals(drawstring('red', 600))).toEqual(['pins-empty']);
    const [late] = knit(
      kit,
      planOf(piece([castOn('red'), knitRows('A', 'red', 5), castOn('red'), drawstring('red', 600)]))
    ).refusals;
    expect(late).toMatchObject({ place: { piece: 0, row: 6 }, weight: 'stop' });
    expect(late!.about).toEqual({ by: 'machine', facts: { code: 'pins-full' } });
    expect(knit(kit, planOf(piece(whole, { to: 60 }))).refusals[0]!.code).toBe('pin-out-of-reach');
    expect(
      knit(kit, planOf(piece([castOn('red'), knitRows('A', 'red', 10 ** 7), drawstring('red', 1)]))).refusals[0]!.code
    ).toBe('too-many-rows');
    expect(
      knit(kit, planOf(piece([castOn('red'), { op: 'zeroCounter' }, drawstring('red', 1)], { mode: 'panel' })))
        .refusals[0]!.code
    ).toBe('no-counter');
  });

  it('turns round at every row of a panel, blind to the counter', () => {
    const panel = piece([castOn('red', 'e-wrap'), knitRows('A', 'red', 3), drawstring('red', 600)], {
      mode: 'panel',
      from: 10,
      to: 29
    });
    const [flat] = knit(kit, planOf(panel)).fabric.pieces;
    expect(flat!.width).toBe(20);
    expect(flat!.trace[1]).toMatchObject({ carriage: 10, direction: 1, counter: null });
    expect([...flat!.counter]).toEqual([-1, -1, -1]);
  });

  it('makes dropped stitches, tucks and a wrong turn visible in the fabric, and keeps all that went wrong', () => {
    const at = { piece: 0, copy: 1, over: 1 } as const;
    const [tube] = knit(kit, planOf(piece(whole)), [
      { ...at, kind: 'dropped', row: 3, pin: 5, over: 2 },
      { ...at, kind: 'tuck', row: 4, pin: 6 },
      { ...at, kind: 'wrong-turn', row: 5, pin: 47, over: 4 },
      { ...at, kind: 'split', row: 2, pin: 9 },
      { ...at, kind: 'tuck', row: 99, pin: 6 },
      { ...at, kind: 'dropped', piece: 1, row: 3, pin: 20 }
    ]).fabric.pieces;
    const cell = (row: number, pin: number) => tube!.cells[(row - 1) * 48 + pin - 1];
    expect([cell(3, 5), cell(2, 5), cell(1, 5), cell(4, 6), cell(5, 47), cell(5, 48), cell(5, 46), cell(2, 9)]).toEqual(
      [CELL.missed, CELL.missed, CELL.stitch, CELL.tuck, CELL.tuck, CELL.tuck, CELL.stitch, CELL.stitch]
    );
    // The yarn of a dropped stitch is there still, as a rung.
    expect(tube!.stitches[2]).toBe(48);
    expect(tube!.stitches[3]).toBe(48);
    expect(tube!.faults.map(({ kind, row }) => [kind, row])).toEqual([['dropped', 3], ['tuck', 4], ['wrong-turn', 5], ['split', 2]]); // prettier-ignore
  });
});

describe('reach in PANEL mode (craft 1)', () => {
  const machine = { pins: 48, reach: { start: 2, end: 2 } };
  it.each([
    ['panel', 1, 48, { firstPin: 3, width: 44 }],
    ['panel', 1, 20, { firstPin: 3, width: 18 }],
    ['panel', 10, 29, { firstPin: 10, width: 20 }],
    ['tube-as-panel', 1, 20, { firstPin: 1, width: 20 }],
    ['tube', 1, 48, { firstPin: 1, width: 48 }]
  ] as const)('%s, pins %d to %d', (mode, from, to, reach) => expect(reachOf(machine, mode, from, to)).toEqual(reach));
});

it('a pin that has run down has nothing more to drop, whether it is asked for at once or later', () => {
  const ladder = (...pins: number[]): Operation => ({ op: 'ladder', pins });
  expect(refusals(...whole.slice(0, 2), ladder(3, 9), ...whole.slice(2))).toEqual([]);
  for (const twice of [[ladder(3, 3)], [ladder(3), ladder(9, 3)]])
    expect(refusals(...whole.slice(0, 2), ...twice, ...whole.slice(2))).toContain('ladder-pin');
});
