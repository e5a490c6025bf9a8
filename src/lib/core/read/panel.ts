import { type Executed, mainGauge, rowRuns, workSpan } from '../knit';
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

/** Laid columns below a pin, for panels widened by floats. */
function columnsBelow(floats: { after: readonly number[]; columns: number }, pin: number): number {
  return floats.after.filter((after) => after < pin).length * floats.columns;
}

/** Lays a panel out to its true counts: every row from its lowest to its highest pin, as high as its yarn knits. */
export function layPanel(run: Executed, p: number): PanelLay {
  const piece = run.fabric.pieces[p]!;
  const span = workSpan(rowRuns(piece));
  const stitchMm = 10 / mainGauge(run, p).wales.value;
  const xAt = (pin: number): number => (pin - piece.firstPin + columnsBelow(piece.floats, pin)) * stitchMm;
  const heights = new Float64Array(span.count + 1);
  for (let i = 0; i < span.count; i++) {
    heights[i + 1] = heights[i]! + 10 / run.gauges[p]![piece.yarn[span.first + i]!]!.courses.value;
  }
  const heightMm = heights[span.count] ?? 0;
  const yAt = (row: number): number => heightMm - (heights[Math.max(0, Math.min(span.count, row - 1))] ?? 0);
  const left = (i: number): number => xAt(piece.low[span.first + i]!);
  const right = (i: number): number => xAt(piece.high[span.first + i]! + 1);
  const side = (x: (i: number) => number, from: number, to: number): Point[] => {
    const points: Point[] = [];
    for (let i = from; i < to; i++) points.push([x(i), yAt(i + 1)], [x(i), yAt(i + 2)]);
    return simplified(points);
  };
  const area = (from: number, to: number): Point[] => [...side(left, from, to), ...side(right, from, to).reverse()];
  const shapes: SketchShape[] = [];
  let start = 0;
  for (let i = 1; i <= span.count; i++) {
    if (i < span.count && piece.yarn[span.first + i] === piece.yarn[span.first + start]) continue;
    const yarn = piece.yarn[span.first + start]!;
    shapes.push({
      points: area(start, i),
      yarn,
      title: `${run.plan.pieces[p]!.label}: ${run.yarns[yarn]!.colour.name}`,
      rows: { from: start + 1, to: i }
    });
    start = i;
  }
  return {
    widthMm: Math.max(0, ...Array.from({ length: span.count }, (_, i) => right(i))),
    heightMm,
    shapes,
    outline: span.count > 0 ? area(0, span.count) : [],
    xAt,
    yAt
  };
}

/** Area of a panel's work, row by row, mm2; what `areaOf` gives of its outline. */
export function panelAreaMm2(run: Executed, p: number): number {
  const piece = run.fabric.pieces[p]!;
  const span = workSpan(rowRuns(piece));
  const stitchMm = 10 / mainGauge(run, p).wales.value;
  let area = 0;
  for (let row = span.first; row < span.first + span.count; row++) {
    const [low, high] = [piece.low[row]!, piece.high[row]! + 1];
    const laid = columnsBelow(piece.floats, high) - columnsBelow(piece.floats, low);
    area += ((high - low + laid) * stitchMm * 10) / run.gauges[p]![piece.yarn[row]!]!.courses.value;
  }
  return area;
}

/** Points on one straight upright line are dropped but for its ends. */
function simplified(points: readonly Point[]): Point[] {
  return points.filter((p, i) => i === 0 || i === points.length - 1 || p[0] !== points[i - 1]![0] || p[0] !== points[i + 1]![0]); // prettier-ignore
}

/** Area inside an outline by the surveyor's rule, mm2. @example areaOf([[0, 0], [2, 0], [2, 2], [0, 2]]) // 4 */
export function areaOf(outline: readonly Point[]): number {
  let twice = 0;
  outline.forEach(([x, y], i) => {
    const [nx, ny] = outline[(i + 1) % outline.length]!;
    twice += x * ny - nx * y;
  });
  return Math.abs(twice) / 2;
}
