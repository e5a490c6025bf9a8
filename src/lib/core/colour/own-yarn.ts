import type { Act, Piece, TailEnd } from '../plan';
import { sectionsOf } from './sections-of';

/** The piece whose own tail an act uses, and at which end; null where yarn is cut, or none is used. */
function ownTailOf(act: Act): { readonly piece: number; readonly edge: TailEnd } | null {
  if (!('own' in act) || act.own === undefined) return null;
  const piece = act.do === 'join' ? act.a[0]!.piece : act.do === 'bind' ? act.runs[0]!.piece : act.piece;
  return { piece, edge: act.own };
}

/** The yarn of an own tail of a piece: of its first rows, of its last, or of those beside a cut. */
function yarnAt({ operations, ...piece }: Piece, edge: TailEnd): string | undefined {
  if (edge === 'cast-on') return sectionsOf({ ...piece, operations })[0]?.yarn;
  if (edge === 'hung-off') return sectionsOf({ ...piece, operations }).at(-1)?.yarn;
  const cut = operations.findIndex((op) => op.op === 'newEnd');
  const before = operations.slice(0, cut).findLast((op) => op.op === 'knit');
  const after = operations[cut];
  return edge === 'old-end' ? before?.yarn : after?.op === 'newEnd' ? after.yarn : undefined;
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
    const yarn = yarnAt(pieces[own.piece]!, own.edge);
    return yarn === undefined ? act : ({ ...act, yarn } as Act);
  });
