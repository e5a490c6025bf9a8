import { headFit } from '../body';
import { about, type Figure, weakest } from '../quantity';
import { yarnName } from '../kit';
import { type Executed, rowRuns } from './executed';

/** Lengths and widths of one piece, off the machine and at rest. */
export interface PieceSize {
  /** Work rows, without waste. */
  readonly rows: number;
  readonly lengthMm: Figure;
  readonly flatWidthMm: Figure;
  readonly girthMm: Figure;
}

/** What a worn piece measures on the body. */
export interface WornSize {
  /** Stretch at the brow in percent. */
  readonly stretch: Figure;
  readonly heightDownMm: Figure;
  readonly heightAsWornMm: Figure;
  /** Rows the head asks for. */
  readonly wantedRows: Figure;
}

export interface Sizes {
  readonly pieces: readonly PieceSize[];
  readonly worn: WornSize | null;
}

const plain = (n: number): string => String(Math.round(n * 100) / 100);

/** Reads lengths and widths off the fabric: every row has the height its own yarn knits to. */
export function readSizes(run: Executed): Sizes {
  const pieces = run.fabric.pieces.map((piece): PieceSize => {
    let mm = 0;
    let low = 0;
    let high = 0;
    let rows = 0;
    const rowsOf = new Map<number, number>();
    for (const r of rowRuns(piece)) {
      if (r.purpose !== 0) continue;
      const count = r.last - r.first + 1;
      const { courses } = run.gauges[r.yarn]!;
      mm += (10 * count) / courses.value;
      low += (10 * count) / courses.high;
      high += (10 * count) / courses.low;
      rows += count;
      rowsOf.set(r.yarn, (rowsOf.get(r.yarn) ?? 0) + count);
    }
    const used = [...rowsOf.keys()];
    const terms = used.map((y) => {
      const name = used.length > 1 ? ` of ${yarnName(run.yarns[y]!)}` : '';
      return `${rowsOf.get(y)} rows${name} / ${plain(run.gauges[y]!.courses.value)} rows per cm`;
    });
    const main = run.gauges[used[0] ?? 0]!;
    const reasons = [...new Set(used.map((y) => run.gauges[y]!.courses.because))];
    const because = `${terms.join(' + ')}; ${reasons.join('; ')}`;
    const basis = weakest(used.map((y) => run.gauges[y]!.courses.basis));
    const wales = main.wales;
    const girth = (10 * piece.width) / wales.value;
    const spread = (wales.high - wales.low) / 2 / wales.value;
    const width = `${piece.width} stitches / ${plain(wales.value)} stitches per cm`;
    return {
      rows,
      lengthMm: { value: mm, low, high, unit: 'mm', basis, because },
      girthMm: about(girth, spread, 'mm', wales.basis, `${width}; ${wales.because}`),
      flatWidthMm: about(girth / 2, spread, 'mm', wales.basis, `half of ${width}; ${wales.because}`)
    };
  });
  return { pieces, worn: readWorn(run, pieces[0]) };
}

function readWorn(run: Executed, size: PieceSize | undefined): WornSize | null {
  const { worn, wanted } = run.plan;
  const piece = run.fabric.pieces[0];
  const gauge = run.gauges[piece?.yarn[workRow(piece)] ?? 0];
  if (!worn || !wanted || !size || !piece || !gauge) return null;
  const fit = (wales: number) =>
    headFit(worn.headMm, { pins: piece.width, courses: gauge.courses.value, wales }).stretch * 100;
  const half = (f: Figure, less: number, why: string): Figure => ({
    ...f,
    value: f.value / 2 - less,
    low: f.low / 2 - less,
    high: f.high / 2 - less,
    because: `half of the tube${why}; ${f.because}`
  });
  return {
    stretch: {
      value: fit(gauge.wales.value),
      low: fit(gauge.wales.low),
      high: fit(gauge.wales.high),
      unit: 'percent',
      basis: gauge.wales.basis,
      because: `head of ${plain(worn.headMm / 10)} cm over a tube of ${plain(size.girthMm.value / 10)} cm round; ${gauge.wales.because}`
    },
    heightDownMm: half(size.lengthMm, 0, ''),
    heightAsWornMm: half(
      size.lengthMm,
      worn.turnUpMm,
      worn.turnUpMm ? ` less ${plain(worn.turnUpMm / 10)} cm turned up` : ''
    ),
    wantedRows: {
      value: wanted.rows,
      low: wanted.low,
      high: wanted.high,
      unit: 'rows',
      basis: gauge.courses.basis,
      because: wanted.because
    }
  };
}

function workRow(piece: Executed['fabric']['pieces'][number]): number {
  const at = piece.purpose.indexOf(0);
  return at < 0 ? 0 : at;
}
