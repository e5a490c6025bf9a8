import { about, type Reason, remembered, weakest } from '../quantity';
import { yarnName } from '../kit';
import type { Made } from '../hand';
import { type Executed, mainGauge, pieceAt, yarnOfFeed } from '../knit';
import { hangingMm } from './hanging';
import type { PieceSize } from './piece-size';
import { finishedFigures, type NamedFigure } from './worn';
import { wornHatSize, type WornSize } from './worn/lined-hat';

export interface Sizes {
  readonly pieces: readonly PieceSize[];
  /** What a lined hat measures on the head; null for every other form. */
  readonly worn: WornSize | null;
  /** What the finished thing measures, whatever it is. */
  readonly finished: readonly NamedFigure[];
}

const uniqueReasons = (reasons: readonly Reason[]): readonly Reason[] => [
  ...new Map(reasons.map((reason) => [JSON.stringify(reason), reason])).values()
];

/** The same for the reasons of one gauge, which outlives the plans it is asked for. */
const ownReasons = remembered(uniqueReasons);

function sizeOf(run: Executed, p: number): PieceSize {
  const { fabric: piece, gauges } = pieceAt(run, p);
  const sum = { mm: 0, low: 0, high: 0 };
  const add = (count: number, feed: number): void => {
    const { courses } = gauges[feed]!;
    sum.mm += (10 * count) / courses.value;
    sum.low += (10 * count) / courses.high;
    sum.high += (10 * count) / courses.low;
  };
  const rowsOf = new Map<number, number>();
  for (const r of piece.runs) {
    if (r.purpose !== 0) continue;
    const count = r.last - r.first + 1;
    add(count, r.feed);
    rowsOf.set(r.feed, (rowsOf.get(r.feed) ?? 0) + count);
  }
  let halved = 0;
  for (const d of piece.doubled) {
    for (let row = d.from - 1; row < d.to; row++) add(-0.5, piece.feed[row]!);
    halved += d.to - d.from + 1;
  }
  const used = [...rowsOf.keys()];
  const parts = used.map((y) => ({
    rows: rowsOf.get(y)!,
    yarn: used.length > 1 ? yarnName(run.yarns[yarnOfFeed(y, run.yarns.length)]!) : null,
    perCm: gauges[y]!.courses.value
  }));
  // Yarns of one article say the same; it is said once.
  const reasons =
    used.length === 1
      ? ownReasons(gauges[used[0]!]!.courses.because)
      : uniqueReasons(used.flatMap((y) => gauges[y]!.courses.because));
  const { wales } = mainGauge(run, p);
  const spread = (wales.high - wales.low) / 2 / wales.value;
  const { planned } = pieceAt(run, p);
  const columns = piece.floats.after.length * piece.floats.columns;
  // A panel is as wide as its widest row, laid columns and all; a tube lies double.
  const flat = planned.mode !== 'tube';
  const across = flat
    ? piece.runs.reduce((most, { first }) => Math.max(most, piece.stitches[first]!), 0) + columns
    : piece.width;
  const girth = (10 * across) / wales.value;
  const width = (half: boolean): readonly Reason[] => [{ say: 'stitchesWide', stitches: across, perCm: wales.value, half }, ...wales.because]; // prettier-ignore
  return {
    label: planned.label,
    copies: planned.copies,
    rows: [...rowsOf.values()].reduce((total, n) => total + n, 0),
    lengthMm: {
      value: sum.mm,
      low: sum.low,
      high: sum.high,
      unit: 'mm',
      basis: weakest(used.map((y) => gauges[y]!.courses.basis)),
      because: [{ say: 'rowsHigh', parts, doubled: halved }, ...reasons]
    },
    hangsMm: hangingMm(run, p),
    girthMm: about(girth, spread, 'mm', wales.basis, width(false)),
    flatWidthMm: flat
      ? about(girth, spread, 'mm', wales.basis, width(false))
      : about(girth / 2, spread, 'mm', wales.basis, width(true))
  };
}

/** Reads lengths and widths off the fabric: every row has the height its own yarn knits to. */
export function readSizes(run: Made): Sizes {
  const pieces = run.fabric.pieces.map((_, p) => sizeOf(run, p));
  return { pieces, worn: wornHatSize(run, pieces[0]), finished: finishedFigures(run, pieces) };
}
