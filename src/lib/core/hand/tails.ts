import type { Edge } from '../plan';
import type { Cut, State, Tail, TailAt } from './state';

/**
 * Puts a new end of yarn on record.
 *
 * @param pin where it comes out, for a tail of the work
 */
export function addTail(s: State, of: Omit<Tail, 'id' | 'usedMm' | 'pin'>, pin: number | null = null): void {
  const { part, yarn, mm, from, where, half, face, fate, times } = of;
  const id = s.tails.length;
  // Field by field, for a long striped piece has hundreds.
  s.tails.push({ id, part, yarn, mm, usedMm: 0, pin, from, where, half, face, fate, times });
  s.parts[part]!.tails.push(id);
}

/**
 * Both ends of a length that was cut and worked in: they hang outside, on the half that was worked on.
 *
 * @param more how many lengths, and the half of the rows; one, and the layer that is outside, when absent
 */
export function addCutTails(
  s: State,
  part: number,
  yarn: string,
  name: string,
  more: { readonly count?: number; readonly half?: Tail['half'] | undefined } = {}
): void {
  const { times, layers } = s.parts[part]!;
  const { face } = layers[0]!;
  const { count = 1, half = layers[0]!.half } = more;
  const where: TailAt = { at: 'seam', name };
  for (let i = 0; i < 2 * count; i++) {
    addTail(s, { part, yarn, mm: 75, from: 'cut', where, half, face, fate: 'loose', times });
  }
}

/** Records yarn that is cut. */
export function addCut(s: State, cut: Cut): void {
  s.cuts.push(cut);
}

/** The tails of a part, or those that are so: a striped one has hundreds, and few are asked for. */
export function tailsOf(s: State, part: number, so?: (tail: Tail) => boolean): Tail[] {
  const found: Tail[] = [];
  for (const id of s.parts[part]!.tails) {
    const tail = s.tails[id]!;
    if (!so || so(tail)) found.push(tail);
  }
  return found;
}

/** Tails of a part at one of its ends. */
export const tailsAt = (s: State, part: number, edge: Edge): Tail[] =>
  tailsOf(s, part, (tail) => tail.where.at === edge);
