import { pieceAt, PURPOSES } from '../knit';
import type { LinedHatWorn } from '../plan';
import type { Made } from '../hand';
import { type Executed, mainGauge, workOf } from '../knit';
import { PLACES, type PlaceName, type Reveal } from './places';
import { foldHat } from './worn/fold-hat';

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
  readonly label: string;
  readonly copies: number;
  /** Stitches of a row, seen from in front and behind. */
  readonly pins: number;
  /** Knitted to and fro: there is no back. */
  readonly flat: boolean;
  /** For a panel, where every row begins and ends, mm from its lowest pin; null for a tube. */
  readonly edges: readonly (readonly [number, number])[] | null;
  /** Columns that were dropped on purpose, from 0. */
  readonly ladders: readonly number[];
  /** What went wrong: its column, from 0, its row of the piece, from 1, and the copy that has it. */
  readonly faults: readonly {
    readonly column: number;
    readonly row: number;
    readonly copy: number;
    /** A new ball came in there; nothing is wrong with the fabric. */
    readonly ball: boolean;
  }[];
  readonly widthMm: number;
  readonly heightMm: number;
  /** Stitches seen from one side. */
  readonly stitchesAcross: number;
  readonly rows: number;
  /** Rows of waste before the work, and rows of the work. */
  readonly work: { readonly before: number; readonly rows: number };
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
export function readOutline(run: Made, reveal: Reveal): Outline {
  const tubes = run.fabric.pieces.map((piece, p): TubeOutline => {
    const { planned, gauges } = pieceAt(run, p);
    let at = 0;
    const bands: { -readonly [K in keyof Band]: Band[K] }[] = [];
    for (const r of piece.runs) {
      const bottomMm = at;
      at += ((r.last - r.first + 1) * 10) / gauges[r.feed]!.courses.value;
      const op = planned.operations[r.operation]!;
      const section = op.op === 'knit' ? op.section : '';
      const purpose = PURPOSES[r.purpose]!;
      const last = bands.at(-1);
      // What shaping cut out of one section is one band.
      if (last?.section === section && last.yarn === r.yarn && last.purpose === purpose) {
        last.to = r.last + 1;
        last.topMm = at;
      } else bands.push({ from: r.first + 1, to: r.last + 1, yarn: r.yarn, section, purpose, bottomMm, topMm: at });
    }
    const main = mainGauge(run, p);
    const flat = planned.mode !== 'tube';
    const firstWork = bands.find((band) => band.purpose === 'work')?.from ?? 1;
    const fold = reveal.pieces[p]?.foldRow ?? null;
    const foldRow = fold === null ? null : firstWork - 1 + fold;
    return {
      label: planned.label,
      copies: planned.copies,
      pins: piece.width,
      flat,
      edges: flat ? edgesOf(run, p) : null,
      ladders: piece.ladders.map((pin) => pin - piece.firstPin),
      faults: piece.faults.map(({ kind, pin, row, copy }) => ({ column: pin - piece.firstPin, row, copy, ball: kind === 'new-ball' })), // prettier-ignore
      widthMm: (10 * piece.width) / main.wales.value / (flat ? 1 : 2),
      heightMm: at,
      stitchesAcross: flat ? piece.width : piece.width / 2,
      rows: piece.rows,
      work: workOf(piece),
      bands,
      fold: foldRow === null ? null : { row: foldRow, heightMm: heightOfRow(bands, foldRow) }
    };
  });
  return {
    tubes,
    worn:
      run.plan.worn?.form === 'lined-hat' && run.fabric.pieces[0]?.rows ? hatOutline(run, run.plan.worn, reveal) : null
  };
}

/** Where every row of a panel begins and ends. */
function edgesOf(run: Executed, p: number): (readonly [number, number])[] {
  const piece = pieceAt(run, p).fabric;
  const stitchMm = 10 / mainGauge(run, p).wales.value;
  // To a hundredth of a millimetre: nobody sees less, and a blanket has a hundred thousand of them.
  const mm = (stitches: number): number => Math.round(stitches * stitchMm * 100) / 100;
  const edges: (readonly [number, number])[] = [];
  for (let row = 0; row < piece.rows; row++) {
    const [low, high] = [piece.low[row]!, piece.high[row]!];
    const same = row > 0 && low === piece.low[row - 1] && high === piece.high[row - 1];
    edges.push(same ? edges[row - 1]! : [mm(low - piece.firstPin), mm(high + 1 - piece.firstPin)]);
  }
  return edges;
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

function hatOutline(run: Made, worn: LinedHatWorn, reveal: Reveal): HatOutline {
  const hat = foldHat(run, worn);
  const { place } = reveal.pieces[0]!;
  const piece = pieceAt(run, 0).fabric;
  const { fit, firstRow, foldRow, turnRows, workRows } = hat;
  const edgeRow = foldRow - turnRows;
  // Rows are counted from the outer crown, whichever end of the work that is.
  const rowAt = (i: number): number => firstRow + (hat.outer === 'first' ? i : workRows - 1 - i);
  // Bands of neighbouring rows alike in yarn and place; `mm` gives the distance after so many rows of the stretch.
  const gather = (from: number, to: number, mm: (rows: number) => number): WornBand[] => {
    const bands: WornBand[] = [];
    let start = from;
    for (let row = from + 1; row <= to; row++) {
      const [here, first] = [rowAt(row), rowAt(start)];
      if (row < to && piece.yarn[here] === piece.yarn[first] && place[here] === place[first]) continue;
      bands.push({
        yarn: piece.yarn[first]!,
        place: PLACES[place[first]!]!,
        fromMm: mm(start - from),
        toMm: mm(row - from)
      });
      start = row;
    }
    return bands;
  };
  const flat = (rows: number): number => rows * fit.fullCourseMm;
  const arcMm = fit.arcAt(edgeRow);
  const liningRows = workRows - foldRow - turnRows;
  return {
    form: 'lined-hat',
    radiusMm: fit.girthMm / (2 * Math.PI),
    arcMm,
    outer: gather(0, edgeRow, fit.arcAt),
    under: gather(edgeRow, foldRow, flat),
    brim: gather(foldRow, foldRow + turnRows, flat),
    lining: gather(foldRow + turnRows, workRows, (rows) => arcMm - fit.arcAt(Math.max(0, liningRows - rows)))
  };
}
