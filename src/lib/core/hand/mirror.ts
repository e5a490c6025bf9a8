import { type Act, otherSide, type Piece } from '../plan';
import { type Mirror, ruleOf } from './acts';

/** The mirror of some pieces; what lies on others stays as it is. */
export function mirrorOver(pieces: readonly Pick<Piece, 'from' | 'to'>[], turned: ReadonlySet<number>): Mirror {
  const flip = (piece: number, pin: number): number => pieces[piece]!.from + pieces[piece]!.to - pin;
  return {
    ref: (ref) => {
      if (!turned.has(ref.piece)) return ref;
      return {
        ...ref,
        ...(ref.side && { side: otherSide(ref.side) }),
        ...(ref.half && { half: ref.half === 'front' ? 'back' : 'front' }),
        ...(ref.pins && { pins: { from: flip(ref.piece, ref.pins.to), to: flip(ref.piece, ref.pins.from) } })
      };
    },
    pins: (piece, name, pins) => {
      if (!pins) return {};
      const own = turned.has(piece) ? pins.map((pin) => flip(piece, pin)) : pins;
      return { [name]: own } as never;
    }
  };
}

/**
 * Acts on the mirror images of some pieces, as `mirrored` gives them for the machine: the seam of the left shoulder becomes
 * that of the right one, a ladder runs down at the pin opposite. Of an end with an odd number of loops the half that has one
 * more changes too.
 *
 * @param acts what hands do, in order
 * @param pieces of the plan, by their index
 * @param turned indices of the pieces that are mirrored; all when absent
 * @example mirroredActs([{ do: 'runDown', piece: 0, pins: [1, 25] }], [{ from: 1, to: 48 }]) // pins 48 and 24
 */
export function mirroredActs(
  acts: readonly Act[],
  pieces: readonly Pick<Piece, 'from' | 'to'>[],
  turned: readonly number[] = pieces.map((_, i) => i)
): Act[] {
  const over = mirrorOver(pieces, new Set(turned));
  return acts.map((act) => ruleOf(act).mirror(act, over));
}
