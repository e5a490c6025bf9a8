import { type PieceFabric, PURPOSES } from './fabric';

const SEPARATOR = PURPOSES.indexOf('separator');

/** A row as hands count it: the work from its first row, waste by itself (craft 1.7). */
export interface Counted {
  readonly of: 'work' | 'waste' | 'separator';
  /** From 1, in the work of the piece or in this end's waste. */
  readonly row: number;
  /** How many of them there are. */
  readonly total: number;
}

/** Rows of waste before the work of a piece, and rows of the work. */
export const workOf = ({ work, rows }: PieceFabric): { readonly before: number; readonly rows: number } =>
  work.count > 0 ? { before: work.first, rows: work.count } : { before: rows, rows: 0 };

/**
 * What a true row of a piece is called.
 *
 * @param row true row, from 1
 * @example countedRow(piece, 6) // after 5 rows of waste: { of: 'work', row: 1, total: 40 }
 */
export function countedRow(piece: PieceFabric, row: number): Counted {
  const { before, rows } = workOf(piece);
  const own = row - before;
  if (own >= 1 && own <= rows) return { of: 'work', row: own, total: rows };
  const of = piece.purpose[row - 1] === SEPARATOR ? 'separator' : 'waste';
  return own < 1 ? { of, row, total: before } : { of, row: own - rows, total: piece.rows - before - rows };
}
