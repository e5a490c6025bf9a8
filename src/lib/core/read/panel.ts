import { ascending, bisectLeft } from 'd3-array';
import { polygonArea } from 'd3-polygon';
import type { Gauge, Yarn } from '../kit';
import { type Executed, lengthsOf, mainFeed, pieceAt, type PieceFabric } from '../knit';
import { noted } from '../quantity';
import type { Point, SketchShape } from './sketch';

/** A panel as it lies flat, in mm: x from its lowest pin, y from its last row down. */
export interface PanelLay {
  readonly widthMm: number;
  readonly heightMm: number;
  /** Columns a stitch of the panel is wide: laid float groups widen it. */
  readonly shapes: readonly SketchShape[];
  /** Outline of the work, against the clock from the lower left. */
  readonly outline: readonly Point[];
  readonly xAt: (pin: number) => number;
  /** Height of the lower border of a work row, from 1. */
  readonly yAt: (row: number) => number;
}

/** Pins of laid float groups in their order. */
const laidAfter = noted((floats: PieceFabric['floats']): readonly number[] => [...floats.after].sort(ascending));

/** Laid columns below a pin, for panels widened by floats. */
const columnsBelow = (floats: PieceFabric['floats'], pin: number): number =>
  floats.after.length === 0 ? 0 : bisectLeft(laidAfter(floats), pin) * floats.columns;

/** Lays a panel out to its true counts: every row from its lowest to its highest pin, as high as its yarn knits. */
export function layPanel(run: Executed, p: number): PanelLay {
  const { fabric, gauges, planned } = pieceAt(run, p);
  return laid(fabric, gauges, run.yarns, planned.label);
}

const laid = noted((piece: PieceFabric, gauges: readonly Gauge[], yarns: readonly Yarn[], label: string): PanelLay => {
  const span = piece.work;
  const stitchMm = 10 / gauges[mainFeed(piece)]!.wales.value;
  const xAt = (pin: number): number => (pin - piece.firstPin + columnsBelow(piece.floats, pin)) * stitchMm;
  const heights = lengthsOf(piece, gauges);
  const foot = heights[span.first] ?? 0;
  const heightMm = (heights[span.first + span.count] ?? foot) - foot;
  const yAt = (row: number): number => heightMm - (heights[span.first + Math.max(0, Math.min(span.count, row - 1))]! - foot); // prettier-ignore
  const left = (i: number): number => xAt(piece.low[span.first + i]!);
  const right = (i: number): number => xAt(piece.high[span.first + i]! + 1);
  // Only where the side steps is there a corner.
  const side = (ends: Uint16Array, x: (i: number) => number, from: number, to: number): Point[] => {
    const points: Point[] = [];
    let start = from;
    for (let i = from + 1; i <= to; i++) {
      if (i < to && ends[span.first + i] === ends[span.first + start]) continue;
      points.push([x(start), yAt(start + 1)], [x(start), yAt(i + 1)]);
      start = i;
    }
    return points;
  };
  const area = (from: number, to: number): Point[] => [...side(piece.low, left, from, to), ...side(piece.high, right, from, to).reverse()]; // prettier-ignore
  const shapes: SketchShape[] = [];
  let start = 0;
  let widest = 0;
  let highest = -1;
  for (let i = 0; i < span.count; i++) {
    if (piece.high[span.first + i]! > highest) {
      highest = piece.high[span.first + i]!;
      widest = right(i);
    }
    if (i + 1 < span.count && piece.yarn[span.first + i + 1] === piece.yarn[span.first + start]) continue;
    const yarn = piece.yarn[span.first + start]!;
    shapes.push({
      points: area(start, i + 1),
      yarn,
      title: `${label}: ${yarns[yarn]!.colour.name}`,
      rows: { from: start + 1, to: i + 1 }
    });
    start = i + 1;
  }
  return { widthMm: widest, heightMm, shapes, outline: span.count > 0 ? area(0, span.count) : [], xAt, yAt };
});

/** Area of a panel's work, row by row, mm2; what the outline of its lay encloses. */
export function panelAreaMm2(run: Executed, p: number): number {
  const { fabric, gauges } = pieceAt(run, p);
  return area(fabric, gauges);
}

const area = noted((piece: PieceFabric, gauges: readonly Gauge[]): number => {
  const span = piece.work;
  const stitchMm = 10 / gauges[mainFeed(piece)]!.wales.value;
  const heights = lengthsOf(piece, gauges);
  let mm2 = 0;
  let start = span.first;
  const end = span.first + span.count;
  for (let row = start + 1; row <= end; row++) {
    if (row < end && piece.low[row] === piece.low[start] && piece.high[row] === piece.high[start]) continue;
    const [low, high] = [piece.low[start]!, piece.high[start]! + 1];
    const wide = high - low + columnsBelow(piece.floats, high) - columnsBelow(piece.floats, low);
    mm2 += wide * stitchMm * (heights[row]! - heights[start]!);
    start = row;
  }
  return mm2;
});

/** Area inside an outline, mm2. @example areaOf([[0, 0], [2, 0], [2, 2], [0, 2]]) // 4 */
export const areaOf = (outline: readonly Point[]): number => Math.abs(polygonArea(outline as [number, number][]));
