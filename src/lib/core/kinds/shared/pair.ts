import type { Piece } from '../../plan';

/**
 * One thing, two alike, or two of which the second has a yarn of its own.
 *
 * @param make the piece in a yarn
 * @returns one piece of one or two copies, or two pieces that must come out alike
 */
export function oneOrPair(
  pair: boolean,
  yarn: string,
  second: string | null,
  label: string,
  make: (yarn: string, label: string, more: Partial<Pick<Piece, 'copies' | 'pair'>>) => Piece
): Piece[] {
  if (!pair) return [make(yarn, label, {})];
  if (second === null || second === yarn) return [make(yarn, label, { copies: 2 })];
  return [make(yarn, `First ${label.toLowerCase()}`, { pair: label }), make(second, `Second ${label.toLowerCase()}`, { pair: label })]; // prettier-ignore
}
