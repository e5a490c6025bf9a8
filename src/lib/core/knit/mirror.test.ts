import { describe, expect, it } from 'vitest';
import type { Operation } from '../plan';
import { mirrored } from './mirror';

describe('mirror images', () => {
  it('reflect the pins of a ladder too; twice mirrored they stand where they stood', () => {
    const ladder: Operation = { op: 'ladder', pins: [4, 9] };
    const pins = { from: 3, to: 20 };
    const waste: Operation = {
      op: 'knit',
      section: 'Waste yarn',
      yarn: 'w',
      rows: 4,
      purpose: 'waste',
      joinTailMm: 200
    };
    const once = mirrored([waste, ladder], pins);
    expect(once[1]).toEqual({ op: 'ladder', pins: [14, 19] });
    expect(mirrored(once, pins)[1]).toEqual(ladder);
  });
});

describe('mirrors', () => {
  const ops: Operation[] = [
    { op: 'castOn', style: 'e-wrap', yarn: 'w', tailMm: 1, pins: { from: 4, to: 10 } },
    { op: 'knit', section: 'W', yarn: 'w', rows: 4, purpose: 'waste', joinTailMm: 1 },
    { op: 'knit', section: 'A', yarn: 'a', rows: 10, purpose: 'work', joinTailMm: 1 },
    { op: 'hold', side: 'low', stitches: 2 },
    { op: 'decrease', side: 'high', stitches: 1, method: 'simple' }
  ];
  it('differ by one waste row, edges swapped, and and twice mirrored it is itself', () => {
    const mirror = mirrored(ops, { from: 3, to: 12 });
    expect(mirror[0]).toMatchObject({ pins: { from: 5, to: 11 } });
    expect(mirror[1]).toMatchObject({ rows: 5 });
    expect(mirror[2]).toEqual(ops[2]);
    expect(mirror.slice(3)).toMatchObject([{ side: 'high' }, { side: 'low' }]);
    expect(mirrored(mirror, { from: 3, to: 12 })).toEqual(ops);
  });
  it('without waste rows the cast-on is laid the other way', () => {
    const bare = ops.filter((op) => op.op !== 'knit' || op.purpose === 'work');
    expect(mirrored(bare, { from: 3, to: 12 })[0]).toMatchObject({ yarnAt: 'low', pins: { from: 5, to: 11 } });
  });
});
