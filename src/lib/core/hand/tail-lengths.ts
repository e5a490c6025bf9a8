import type { Operation, Piece } from '../plan';
import { type Executed } from '../knit';
import { tailMm } from './lengths';
import type { State, Tail } from './state';

/**
 * Tails as long as their jobs take: hands work once as if no tail had an end; then each is left at what was taken
 * from it, and
 * a hand's length. A tail that has no job keeps the length of practice.
 */

/** The operation that leaves a tail, and the field of it that says how long. */
type Left =
  | { readonly op: 'castOn'; readonly field: 'tailMm' }
  | { readonly op: 'knit'; readonly field: 'firstTailMm' | 'lastTailMm'; readonly index: number }
  | { readonly op: 'newEnd'; readonly field: 'oldTailMm' | 'newTailMm' }
  | { readonly op: 'hangOff'; readonly field: 'threadMm' };

const isWork = (op: Operation): boolean => op.op === 'knit' && op.purpose === 'work';

/** Where a plan says how long a tail of the work is left; nothing for any other tail. */
function leftBy(operations: readonly Operation[], tail: Tail): Left | null {
  switch (tail.from) {
    case 'cast-on':
      return { op: 'castOn', field: 'tailMm' };
    case 'first':
      return { op: 'knit', field: 'firstTailMm', index: operations.findIndex(isWork) };
    case 'last':
      return { op: 'knit', field: 'lastTailMm', index: operations.findLastIndex(isWork) };
    case 'off':
      return { op: 'hangOff', field: 'threadMm' };
    case 'old-end':
      return { op: 'newEnd', field: 'oldTailMm' };
    case 'new-end':
      return { op: 'newEnd', field: 'newTailMm' };
    case 'join':
    case 'string':
    case 'cut':
    case 'chain':
      return null;
  }
}

/** An operation with the tail it leaves as long as wanted. */
function lengthened(op: Operation, index: number, left: Left, mm: number): Operation {
  if (left.op === 'castOn' && op.op === 'castOn') return { ...op, tailMm: mm };
  if (left.op === 'hangOff' && op.op === 'hangOff') return { ...op, threadMm: mm };
  if (left.op === 'newEnd' && op.op === 'newEnd') return { ...op, [left.field]: mm };
  return left.op === 'knit' && index === left.index ? { ...op, [left.field]: mm } : op;
}

/**
 * The pieces of a plan with every tail as long as hands needed it, and the tails on the table set to the same length.
 *
 * @param s the table after all acts, tails used without an end
 * @returns the same pieces where no tail is longer than practice leaves it
 */
export function withTailLengths(run: Executed, s: State): readonly Piece[] {
  const { pieces } = run.plan;
  const wanted = new Map<number, { readonly left: Left; mm: number }[]>();
  for (const tail of s.tails) {
    if (tail.usedMm === 0) continue;
    const mm = tailMm(tail.usedMm);
    const { piece } = s.parts[tail.part]!;
    const left = mm > tail.mm ? leftBy(pieces[piece]!.operations, tail) : null;
    if (!left) continue;
    tail.mm = mm;
    const of = wanted.get(piece) ?? [];
    wanted.set(piece, of);
    const same = of.find((known) => known.left.field === left.field);
    // Copies are knitted alike: each has the longest tail that one of them needs.
    if (same) same.mm = Math.max(same.mm, mm);
    else of.push({ left, mm });
  }
  if (wanted.size === 0) return pieces;
  return pieces.map((piece, p) => {
    const of = wanted.get(p);
    if (!of) return piece;
    const operations = piece.operations.map((op, i) =>
      of.reduce((now: Operation, { left, mm }) => lengthened(now, i, left, mm), op)
    );
    return { ...piece, operations };
  });
}
