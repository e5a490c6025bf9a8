import type { RunRef } from '../plan';
import { partsOf } from './rims';
import type { State } from './state';

/** The parts that names stand for, one list for each time the act is done, in the order of the names. */
export interface Instance {
  readonly parts: readonly number[];
  readonly times: number;
}

/**
 * How often an act on these runs is done, and on which parts: once for every copy where all of them lie on one piece, else
 * once.
 */
export function instancesOf(s: State, refs: readonly RunRef[]): Instance[] {
  const first = refs[0];
  if (!first) return [];
  const alone = refs.every((ref) => ref.piece === first.piece && ref.copy === first.copy);
  const id = (piece: number, copy?: number): number => partsOf(s, piece, copy)[0]!.id;
  if (alone) {
    return partsOf(s, first.piece, first.copy).map((part) => ({
      parts: refs.map(() => part.id),
      times: part.times
    }));
  }
  const parts = refs.map((ref) => id(ref.piece, ref.copy));
  return [{ parts, times: Math.min(...parts.map((p) => s.parts[p]!.times)) }];
}
