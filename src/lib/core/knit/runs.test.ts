import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyKitAndBrief } from '../../../../tests/support/arbitrary';
import { planned } from '../../../../tests/support/sample';
import type { Operation, Piece } from '../plan';
import type { PieceFabric } from './fabric';

/** What may be of pieces: each row by itself, told again without runs. */
const rowsOf = (piece: PieceFabric) =>
  Array.from({ length: piece.rows }, (_, row) => ({
    yarn: piece.yarn[row],
    feed: piece.feed[row],
    purpose: piece.purpose[row],
    operation: piece.operation[row]
  }));

/** Every list of a piece, with the bytes it takes. */
const bytesOf = (piece: PieceFabric): (readonly [number, number])[] =>
  [
    piece.inSection,
    piece.counter,
    piece.yarn,
    ...(piece.feed === piece.yarn ? [] : [piece.feed]),
    piece.operation,
    piece.stitches,
    piece.low,
    piece.high,
    piece.purpose,
    piece.yarnAt,
    piece.cells
  ].map((list) => [list.byteOffset, list.byteOffset + list.byteLength] as const);

const SHAPING: readonly Operation['op'][] = ['decrease', 'increase', 'hold', 'newEnd', 'float'];

/**
 * An oracle of sections, pair by pair: two operations of a panel belong together where both knit the same and all between
 * them shapes or belongs too. The rows are counted by hand.
 */
function sectionOf({ mode, operations }: Piece, index: number): { from: number; to: number } {
  const own = operations[index]!;
  const alike = (op: Operation): boolean =>
    op.op === 'knit' && own.op === 'knit' && op.section === own.section && op.yarn === own.yarn && op.purpose === own.purpose; // prettier-ignore
  const rowsBefore = (i: number): number =>
    operations.slice(0, i).reduce((sum, op) => sum + (op.op === 'knit' ? op.rows : 0), 0);
  const mine = operations.flatMap((op, i) => {
    const between = operations.slice(Math.min(i, index), Math.max(i, index) + 1);
    const joined = i === index || (mode !== 'tube' && between.every((o) => alike(o) || SHAPING.includes(o.op)));
    return joined && op.op === 'knit' ? [i] : [];
  });
  return { from: rowsBefore(mine[0]!) + 1, to: rowsBefore(mine.at(-1)! + 1) };
}

/** Looks at every piece of any plan there is. */
function ofEveryPiece(look: (piece: PieceFabric) => void): void {
  fc.assert(
    fc.property(anyKitAndBrief, ({ kit, brief }) => planned(kit, brief)?.fabric.pieces.forEach(look)),
    { numRuns: 60 }
  );
}

describe('any plan of any kind', () => {
  it('its runs tell every row, and no two neighbours could be one', () => {
    ofEveryPiece((piece) => {
      const told = piece.runs.flatMap(({ first, last, ...of }) => Array.from({ length: last - first + 1 }, () => of));
      expect(told).toEqual(rowsOf(piece));
      piece.runs.forEach((run, i) => expect(run.first).toBe(i === 0 ? 0 : piece.runs[i - 1]!.last + 1));
      piece.runs.slice(1).forEach((run, i) => expect(run.operation).not.toBe(piece.runs[i]!.operation));
      const work = rowsOf(piece).flatMap(({ purpose }, row) => (purpose === 0 ? [row] : []));
      const [first, last] = [work[0] ?? 0, work.at(-1) ?? -1];
      expect(piece.work).toEqual({ first, last, count: last - first + 1 });
    });
  });

  it('lists that were asked for in one share no byte', () => {
    ofEveryPiece((piece) => {
      const spans = bytesOf(piece).sort((a, b) => a[0] - b[0] || a[1] - b[1]);
      spans.slice(1).forEach(([from], i) => expect(from).toBeGreaterThanOrEqual(spans[i]![1]));
    });
  });

  it('pieces are one fabric where they are knitted alike, and never otherwise', () => {
    fc.assert(
      fc.property(anyKitAndBrief, ({ kit, brief }) => {
        const result = planned(kit, brief);
        if (!result || result.refusals.length > 0) return;
        const keys = result.plan.pieces.map(({ machineId, mode, from, to, hole, operations }) =>
          JSON.stringify([machineId, mode, from, to, hole, operations])
        );
        const { pieces } = result.fabric;
        for (const [i, a] of pieces.entries())
          for (const [j, b] of pieces.entries()) expect(a === b).toBe(keys[i] === keys[j]);
      }),
      { numRuns: 60 }
    );
  });

  it('a section is told whole in every step of it, as an oracle of pairs has it', () => {
    fc.assert(
      fc.property(anyKitAndBrief, ({ kit, brief }) => {
        const result = planned(kit, brief);
        if (!result || result.refusals.length > 0) return;
        for (const { piece, operation, what, section } of result.steps) {
          if (what.say !== 'knit') continue;
          expect(section).toEqual(sectionOf(result.plan.pieces[piece!]!, operation!));
        }
      }),
      { numRuns: 60 }
    );
  });
});
