import { type HeadFit, headFit } from '../../body';
import { diameterMm, rulesOf, heldTex } from '../../kit';
import { type Executed, mainFeed, pieceAt } from '../../knit';
import type { Made } from '../../hand';
import { noted } from '../../quantity';
import { placeCode } from '../places';

/** A lined tube on a head, whichever way its crown is closed. */
export interface HatOnHead {
  readonly form: 'lined-hat' | 'ear-hat';
  readonly headMm: number;
  readonly turnUpMm: number;
}

/** The folded hat: where the fold falls, how much is turned up, how the layers lie on the head. */
export interface FoldedHat {
  readonly fit: HeadFit;
  /** First work row in the true count, from 0. */
  readonly firstRow: number;
  readonly workRows: number;
  /** Work rows of the outer layer, counted from its crown; the fold falls behind them. */
  readonly foldRow: number;
  /** The half of the rows that lies outside, as the hands left it. */
  readonly outer: 'first' | 'last';
  /** Rows of one layer that the turn-up takes. */
  readonly turnRows: number;
  /** Rows gathered out of sight at either crown. */
  readonly crownRows: number;
}

/**
 * Folds the tube as it will be worn. The fold falls where both layers are equally long, at half the rows. Rows
 * whose stitches have less room than two thicknesses of their yarn are pleats: hidden at the crown (own model).
 */
export function foldHat(run: Made, worn: HatOnHead): FoldedHat {
  const { fabric, gauges } = pieceAt(run, 0);
  return folded(fabric, gauges, run.yarns, worn, run.kit.edition, outerOf(run));
}

/** The half of the rows that lies outside when all is done. */
const outerOf = ({ worked }: Made): 'first' | 'last' =>
  worked.things.some((thing) => thing.outside.some(({ piece, half }) => piece === 0 && half === 'last'))
    ? 'last'
    : 'first';

/** Once for the same fabric: sizes, reveal, outline and judges all ask for it. */
const folded = noted(
  (
    piece: Executed['fabric']['pieces'][number],
    gauges: Executed['gauges'][number],
    yarns: Executed['yarns'],
    worn: HatOnHead,
    edition: Executed['kit']['edition'],
    outer: FoldedHat['outer']
  ): FoldedHat => {
    const span = piece.work;
    const yarn = piece.yarn[span.first] ?? 0;
    const gauge = gauges[mainFeed(piece)]!;
    const fit = headFit(worn.headMm, {
      pins: piece.width,
      courses: gauge.courses.value,
      wales: gauge.wales.value,
      flattest: rulesOf({ edition }).flattest
    });
    const half = Math.floor(span.count / 2);
    const foldRow = outer === 'first' ? half : span.count - half;
    // A brim deeper than half a layer would cover more than the whole outside.
    const turnRows = Math.min(Math.round(worn.turnUpMm / fit.fullCourseMm), Math.floor(foldRow / 2));
    const bunched = Math.min(1, (piece.width * 2 * diameterMm(heldTex(yarns[yarn]!))) / worn.headMm);
    const crownArc = (worn.headMm / (2 * Math.PI)) * Math.asin(bunched);
    // A crown closed straight across gathers nothing.
    const gathered = worn.form === 'ear-hat' ? 0 : Math.round(fit.rowsTo(crownArc));
    const crownRows = Math.min(gathered, foldRow - 2 * turnRows);
    return { fit, firstRow: span.first, workRows: span.count, foldRow, outer, turnRows, crownRows };
  }
);

/** Marks the place of every row of a hat folded into itself. */
export function hatPlaces(run: Made, worn: HatOnHead): Uint8Array {
  const hat = foldHat(run, worn);
  const place = new Uint8Array(pieceAt(run, 0).fabric.rows);
  const { firstRow: from, foldRow, turnRows, crownRows, workRows } = hat;
  place.fill(placeCode('removed'));
  place.fill(placeCode('crown'), from, from + crownRows);
  place.fill(placeCode('outside'), from + crownRows, from + foldRow - 2 * turnRows);
  place.fill(placeCode('under-brim'), from + foldRow - 2 * turnRows, from + foldRow);
  place.fill(placeCode('turned-up'), from + foldRow, from + foldRow + turnRows);
  place.fill(placeCode('lining'), from + foldRow + turnRows, from + workRows - crownRows);
  place.fill(placeCode('crown'), from + Math.max(workRows - crownRows, foldRow + turnRows), from + workRows);
  // Told from the outer crown; where the last rows are outside, that is where the work ended.
  if (hat.outer === 'last') place.subarray(from, from + workRows).reverse();
  return place;
}
