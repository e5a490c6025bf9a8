import { describe, expect, it } from 'vitest';
import { planOf } from '../../../../tests/support/said';
import { sampleKit } from '../../../../tests/support/sample';
import { castOn, chainOff, knitRows, type Operation, type Piece, wasteRows } from '../plan';
import { knit } from './knit';

const kit = sampleKit();
const run = (operations: Operation[], more: Partial<Piece> = {}) => {
  const piece: Piece = { label: 'Panel', machineId: 'm', copies: 1, mode: 'panel', from: 10, to: 29, hole: 2, operations, ...more }; // prettier-ignore
  return knit(kit, planOf(piece));
};
const cast = castOn('red', 'e-wrap');
const rows = (n: number) => knitRows('A', 'red', n);
const off = chainOff('red', 100);
const codes = (...ops: Operation[]) => run(ops).refusals.map((f) => f.code);

describe('reach (craft 1)', () => {
  const widthOf = (from: number, to: number, mode: Piece['mode']) => {
    const [piece] = run([cast, rows(4), off], { from, to, mode }).fabric.pieces;
    return [piece!.firstPin, piece!.stitches[0]];
  };
  it('the full ring in PANEL mode loses two at either end', () => expect(widthOf(1, 48, 'panel')).toEqual([3, 44]));
  it('20 pins from pin 1 give 18, the first on pin 3', () => expect(widthOf(1, 20, 'panel')).toEqual([3, 18]));
  it('clear of both ends gives 20', () => expect(widthOf(10, 29, 'panel')).toEqual([10, 20]));
  it('TUBE turned by hand loses none', () => expect(widthOf(1, 20, 'tube-as-panel')).toEqual([1, 20]));
});

describe('parity', () => {
  it('even rows end where they began, odd ones at the other edge', () => {
    const ends = (n: number) => run([cast, rows(n), off]).fabric.pieces[0]!.trace[1]!.carriage;
    expect([ends(2), ends(3), ends(40), ends(41)]).toEqual([29, 10, 29, 10]); // laid from low to high, the yarn begins at the high edge (craft 1.6)
  });

  it('every row says where the yarn stands, and shaping does not break the count', () => {
    const [piece] = run([cast, rows(2), { op: 'decrease', side: 'high', stitches: 1, method: 'simple' }, rows(3), off])
      .fabric.pieces;
    expect([...piece!.yarnAt]).toEqual([0, 1, 0, 1, 0]);
    expect([...piece!.inSection]).toEqual([1, 2, 3, 4, 5]);
    expect([...piece!.high]).toEqual([29, 29, 28, 28, 28]);
    expect([...piece!.stitches]).toEqual([20, 20, 19, 19, 19]);
  });
});

describe('what the machine refuses, at piece, row and pin', () => {
  const decrease = (side: 'low' | 'high', stitches = 1): Operation => ({ op: 'decrease', side, stitches, method: 'full-fashioned' }); // prettier-ignore
  const hold = (side: 'low' | 'high', stitches = 4): Operation => ({ op: 'hold', side, stitches });

  it('several at once are held, only where the yarn is', () => {
    expect(codes(cast, rows(2), decrease('high', 3), off)).toEqual(['several-at-once']);
    expect(codes(cast, rows(2), hold('high'), rows(2), off)).toEqual([]);
    expect(codes(cast, rows(3), hold('low'), rows(2), off)).toEqual([]);
    const [far] = run([cast, rows(2), hold('low'), off]).refusals;
    expect(far).toMatchObject({ code: 'far-edge', place: { piece: 0, row: 3, pin: 10 } });
    expect(far!.about).toEqual({ by: 'machine', facts: { code: 'far-edge', doing: 'hold', yarnPin: 29 } });
    // Cut and begun there, it can.
    const cut: Operation = { op: 'newEnd', side: 'low', yarn: 'red', tailMm: 200 };
    expect(codes(cast, rows(2), cut, hold('low'), rows(2), off)).toEqual([]);
  });

  it('one stitch is taken or added, too, only where the yarn stands, or one row later', () => {
    const increase = (side: 'low' | 'high'): Operation => ({ op: 'increase', side, stitches: 1 });
    const inner = { ...cast, pins: { from: 12, to: 27 } };
    expect(codes(inner, rows(2), decrease('low'), off)).toEqual(['far-edge']);
    expect(codes(inner, rows(2), increase('low'), off)).toEqual(['far-edge']);
    expect(codes(inner, rows(2), decrease('high'), rows(1), decrease('low'), rows(1), off)).toEqual([]);
    expect(codes(inner, rows(2), increase('high'), rows(1), increase('low'), rows(1), off)).toEqual([]);
    // A rag hung from high to low leaves the yarn at the other edge.
    expect(codes({ ...inner, yarnAt: 'low' }, rows(2), decrease('low'), off)).toEqual([]);
  });

  it('a tube is not shaped, an empty ring neither', () => {
    expect(run([cast, rows(2), decrease('low'), off], { mode: 'tube', from: 1, to: 48 }).refusals[0]!.code).toBe('tube-shaped'); // prettier-ignore
    expect(codes(decrease('low'))).toEqual(['pins-empty']);
  });

  it('no pin beyond the piece is filled, and the last stitches stay', () => {
    expect(codes(cast, rows(2), { op: 'increase', side: 'high', stitches: 1 }, off)).toEqual(['increase-reach']);
    const few = { ...cast, pins: { from: 14, to: 16 } };
    expect(codes(few, rows(2), { op: 'increase', side: 'high', stitches: 1 }, rows(1), off)).toEqual([]);
    expect(codes(few, rows(2), decrease('high'), off)).toEqual(['too-few']);
    expect(codes(few, rows(2), hold('high', 3), off)).toEqual(['too-few']);
    expect(codes({ ...cast, pins: { from: 1, to: 16 } })).toEqual(['pin-out-of-reach']);
  });

  it('floats never lie at an edge', () => {
    expect(codes(cast, { op: 'float', after: [15, 21], columns: 6 }, rows(2), off)).toEqual([]);
    expect(codes(cast, { op: 'float', after: [29], columns: 6 }, rows(2), off)).toEqual(['float-edge']);
  });

  it('live stitches may wait on a thread', () => {
    const thread: Operation = { op: 'hangOff', style: 'thread', thread: 'blue', threadMm: 300, doubled: false };
    expect(codes(cast, wasteRows('blue', 4), rows(2), thread)).toEqual([]);
  });
});
