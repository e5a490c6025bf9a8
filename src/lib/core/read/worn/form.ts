import type { Worn } from '../../plan';
import type { Figure, Reason } from '../../quantity';
import type { Made } from '../../hand';
import { type Executed, pieceAt } from '../../knit';
import type { PieceSize } from '../piece-size';
import { type PieceReveal, placeCode } from '../places';
import type { Sketch } from '../sketch';

/** Names figures of finished things are shown under. */
export type FigureName =
  | 'width'
  | 'height'
  | 'height-flat'
  | 'flat-brim-up'
  | 'flat-brim-down'
  | 'brim-worn'
  | 'band-worn'
  | 'stretch-brow'
  | 'stretch-over'
  | 'stretch-round'
  | 'length-on'
  | 'head-asks'
  | 'gap'
  | 'channel'
  | 'cord'
  | 'to-notch'
  | 'tips'
  | 'mouth'
  | 'length-to-height'
  | 'sleeve'
  | 'neck-opening'
  | 'body-opening'
  | 'tall'
  | 'wide'
  | 'filling'
  | 'line'
  | 'spacing'
  | 'pompom'
  | 'fabric'
  | 'round';

/** A figure of the finished thing, with the name it is shown under. */
export interface NamedFigure {
  readonly code: string;
  readonly name: FigureName;
  /** What it goes over, where that is in its name. */
  readonly over?: string;
  readonly figure: Figure;
}

/** Which rows show where, for all pieces. */
export interface Places {
  readonly pieces: readonly PieceReveal[];
  readonly turnRows: number;
}

/** One way a finished thing is worn or laid: what shows, what it measures, how it looks. */
export interface WornForm<W extends Worn = Worn> {
  readonly places: (run: Made, worn: W) => Places;
  readonly figures: (run: Made, worn: W, pieces: readonly PieceSize[]) => readonly NamedFigure[];
  /** A picture of the finished thing; null for a form that has an outline of its own. */
  readonly sketch: ((run: Made, worn: W, places: Places, narrow: boolean) => Sketch) | null;
}

/** Every work row shows, every waste row comes out. */
function plainPiece(run: Executed, p: number): PieceReveal {
  const piece = pieceAt(run, p).fabric;
  const span = piece.work;
  const place = new Uint8Array(piece.rows).fill(placeCode('removed'));
  return { place: place.fill(placeCode('plain'), span.first, span.last + 1), foldRow: null };
}

/** All pieces plain. */
export const plainPlaces = (run: Executed): Places => ({
  pieces: run.fabric.pieces.map((_, p) => plainPiece(run, p)),
  turnRows: 0
});

/**
 * All pieces plain but for rows hung doubled: the first half of them lies inside, the second outside, and the fold
 * falls between.
 */
export function doubledPlaces(run: Executed): Places {
  const pieces = run.fabric.pieces.map((piece, p): PieceReveal => {
    const plain = plainPiece(run, p);
    const { first } = piece.work;
    let { foldRow } = plain;
    for (const d of piece.doubled) {
      const middle = d.from - 1 + Math.floor((d.to - d.from + 1) / 2);
      plain.place.fill(placeCode('doubled-inside'), d.from - 1, middle);
      plain.place.fill(placeCode('doubled-outside'), middle, d.to);
      foldRow = middle - first;
    }
    return { place: plain.place, foldRow };
  });
  return { pieces, turnRows: 0 };
}

/** A figure scaled, with the reason why put before its own. */
export const scaled = (figure: Figure, factor: number, why: Reason): Figure => ({
  ...figure,
  value: figure.value * factor,
  low: figure.low * factor,
  high: figure.high * factor,
  because: [why, ...figure.because]
});
