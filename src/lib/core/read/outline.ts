import { PURPOSES } from '../knit';
import { type Executed, rowRuns } from './executed';
import { foldHat, PLACES, type PlaceName, type Reveal } from './reveal';

/** A band of rows as it hangs: heights in mm at rest, measured from the cast-on upwards. */
export interface Band {
  /** True rows, from 1, both included. */
  readonly from: number;
  readonly to: number;
  readonly yarn: number;
  readonly section: string;
  readonly purpose: (typeof PURPOSES)[number];
  readonly bottomMm: number;
  readonly topMm: number;
}

/** The tube as it hangs under the ring. */
export interface TubeOutline {
  readonly widthMm: number;
  readonly heightMm: number;
  /** Stitches seen from one side. */
  readonly stitchesAcross: number;
  readonly rows: number;
  readonly bands: readonly Band[];
  /** Height of the fold from the cast-on, and the rows before it in the true count. */
  readonly fold: { readonly heightMm: number; readonly row: number } | null;
}

/** Rows of one yarn lying on the dome or on the brim, between two distances along the fabric. */
export interface WornBand {
  readonly yarn: number;
  readonly place: PlaceName;
  readonly fromMm: number;
  readonly toMm: number;
}

/** The hat on a head: all distances in mm along the fabric. */
export interface HatOutline {
  readonly form: 'lined-hat';
  /** Radius of the head. */
  readonly radiusMm: number;
  /** Arc from crown to the lower edge as worn. */
  readonly arcMm: number;
  /** Outer layer from the crown to the lower edge. */
  readonly outer: readonly WornBand[];
  /** The turned-up brim from the fold (its upper edge) down; empty without one. */
  readonly brim: readonly WornBand[];
  /** The brim's hidden underside from the lower edge up to the fold. */
  readonly under: readonly WornBand[];
  /** Lining from the lower edge up to the crown. */
  readonly lining: readonly WornBand[];
}

export interface Outline {
  readonly tubes: readonly TubeOutline[];
  readonly worn: HatOutline | null;
}

/** Reads the geometry of every picture. No drawing, no screen: distances only. */
export function readOutline(run: Executed, reveal: Reveal): Outline {
  const tubes = run.fabric.pieces.map((piece, p): TubeOutline => {
    let at = 0;
    const bands = rowRuns(piece).map((r): Band => {
      const bottomMm = at;
      at += ((r.last - r.first + 1) * 10) / run.gauges[r.yarn]!.courses.value;
      const op = run.plan.pieces[p]!.operations[r.operation]!;
      return {
        from: r.first + 1,
        to: r.last + 1,
        yarn: r.yarn,
        section: op.op === 'knit' ? op.section : '',
        purpose: PURPOSES[r.purpose]!,
        bottomMm,
        topMm: at
      };
    });
    const main = run.gauges[piece.yarn[0] ?? 0]!;
    const firstWork = bands.find((band) => band.purpose === 'work')?.from ?? 1;
    const foldRow = p === 0 && reveal.foldRow !== null ? firstWork - 1 + reveal.foldRow : null;
    return {
      widthMm: (10 * piece.width) / main.wales.value / 2,
      heightMm: at,
      stitchesAcross: piece.width / 2,
      rows: piece.rows,
      bands,
      fold: foldRow === null ? null : { row: foldRow, heightMm: heightOfRow(bands, foldRow) }
    };
  });
  return { tubes, worn: run.plan.worn ? hatOutline(run, reveal) : null };
}

/** Height above the cast-on after so many true rows. */
export function heightOfRow(bands: readonly Band[], row: number): number {
  for (const band of bands) {
    if (row > band.to) continue;
    const share = (row - band.from + 1) / (band.to - band.from + 1);
    return band.bottomMm + share * (band.topMm - band.bottomMm);
  }
  return bands.at(-1)?.topMm ?? 0;
}

function hatOutline(run: Executed, reveal: Reveal): HatOutline {
  const hat = foldHat(run, run.plan.worn!);
  const piece = run.fabric.pieces[0]!;
  const { fit, firstRow, foldRow, turnRows, workRows } = hat;
  const edgeRow = foldRow - turnRows;
  // Bands of neighbouring rows alike in yarn and place; `mm` gives the distance after so many rows of the stretch.
  const gather = (from: number, to: number, mm: (rows: number) => number): WornBand[] => {
    const bands: WornBand[] = [];
    let start = from;
    for (let row = from + 1; row <= to; row++) {
      const same = row < to && piece.yarn[row] === piece.yarn[start] && reveal.place[row] === reveal.place[start];
      if (same) continue;
      bands.push({
        yarn: piece.yarn[start]!,
        place: PLACES[reveal.place[start]!]!,
        fromMm: mm(start - from),
        toMm: mm(row - from)
      });
      start = row;
    }
    return bands;
  };
  const flat = (rows: number): number => rows * fit.fullCourseMm;
  const arcMm = fit.arcAt(edgeRow);
  const fold = firstRow + foldRow;
  const liningRows = workRows - foldRow - turnRows;
  return {
    form: 'lined-hat',
    radiusMm: fit.girthMm / (2 * Math.PI),
    arcMm,
    outer: gather(firstRow, firstRow + edgeRow, fit.arcAt),
    under: gather(firstRow + edgeRow, fold, flat),
    brim: gather(fold, fold + turnRows, flat),
    lining: gather(fold + turnRows, firstRow + workRows, (rows) => arcMm - fit.arcAt(Math.max(0, liningRows - rows)))
  };
}
