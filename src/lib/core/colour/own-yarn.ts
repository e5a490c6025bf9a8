import type { Act, Edge, Piece } from '../plan';
import { sectionsOf } from './sections-of';

/** The piece whose own tail an act uses, and at which end; null where yarn is cut, or none is used. */
function ownTailOf(act: Act): { readonly piece: number; readonly edge: Edge } | null {
  if (!('own' in act) || act.own === undefined) return null;
  const piece = act.do === 'join' ? act.a[0]!.piece : act.do === 'bind' ? act.runs[0]!.piece : act.piece;
  return { piece, edge: act.own };
}

/**
 * Acts with what the own tail of a piece does told in the yarn that tail has now.
 *
 * @param pieces as they are now
 * @example inOwnYarn(acts, pieces)
 */
export const inOwnYarn = (acts: readonly Act[], pieces: readonly Piece[]): readonly Act[] =>
  acts.map((act) => {
    const own = ownTailOf(act);
    if (!own) return act;
    const sections = sectionsOf(pieces[own.piece]!);
    const yarn = (own.edge === 'cast-on' ? sections[0] : sections.at(-1))?.yarn;
    return yarn === undefined ? act : ({ ...act, yarn } as Act);
  });
