import { type Executed, mainGauge, pieceAt } from '../knit';
import type { PlaceName } from './places';

/**
 * A drawing as distances: what the finished thing looks like, or how a seam is sewn. Lengths are mm, x to the right,
 * y downwards. No colours, no pixels: the drawing rooms make scenes of it.
 */

export type Point = readonly [x: number, y: number];

/** An area of knitting, or of paper where `yarn` is null. */
export interface SketchShape {
  readonly points: readonly Point[];
  /** Index into the yarns of the fabric. */
  readonly yarn: number | null;
  readonly title: string;
  /** Work rows of the piece this is, counted from 1. */
  readonly rows?: { readonly from: number; readonly to: number };
  readonly place?: PlaceName;
  /** How much lies in front: 1 is solid, less lets through what is behind. */
  readonly solid?: number;
}

/** A thread, a fold, an edge. */
export interface SketchLine {
  readonly points: readonly Point[];
  readonly yarn: number | null;
  /** Thickness in mm; 0 is a hairline. */
  readonly thickMm: number;
  readonly dashed?: boolean;
  /** The line the step is about. */
  readonly strong?: boolean;
  readonly title?: string;
}

export interface SketchLabel {
  readonly at: Point;
  readonly text: string;
  /** Shift in the picture, in lines of text to the right and down; the drawing's scale does not touch it. */
  readonly shift?: readonly [number, number];
  readonly anchor: 'start' | 'middle' | 'end';
}

export interface Sketch {
  /** What the picture shows, for those who do not see it. */
  readonly label: string;
  readonly shapes: readonly SketchShape[];
  readonly lines: readonly SketchLine[];
  readonly labels: readonly SketchLabel[];
  /** Size of a stitch, for the texture. */
  readonly stitchMm: number;
  readonly rowMm: number;
}

/** How a stretch of rows lies in a sketch: along a straight axis, with a half width that may change on the way. */
export interface Lay {
  readonly origin: Point;
  /** Degrees from straight down; positive turns to the right. */
  readonly turn?: number;
  readonly lengthMm: number;
  /** Half width in mm at a share of the length, 0 at the origin. */
  readonly half: (share: number) => number;
  /** Work rows from 0, the end left out; all of them when absent. */
  readonly rows?: { readonly from: number; readonly to: number };
  /** The last row lies at the origin instead of the first. */
  readonly lastFirst?: boolean;
  readonly placeOf?: (row: number) => PlaceName | undefined;
}

/** A point of a lay: so far along, so far to the side. */
export function pointOn(lay: Pick<Lay, 'origin' | 'turn'>, alongMm: number, sideMm: number): Point {
  const angle = ((lay.turn ?? 0) * Math.PI) / 180;
  const [ox, oy] = lay.origin;
  return [
    ox + alongMm * Math.sin(angle) + sideMm * Math.cos(angle),
    oy + alongMm * Math.cos(angle) - sideMm * Math.sin(angle)
  ];
}

/** Steps of a curved side for a whole length; enough that no corner shows. */
const STEPS = 40;

/** Two half widths that are one for a drawing, mm. */
const SAME_WIDTH = 1e-9;

/** Shares of a length where an outline has a corner, with the half width there; along a straight side there is none. */
function corners(half: Lay['half'], from: number, to: number): [share: number, half: number][] {
  const steps = Math.max(1, Math.ceil((to - from) * STEPS));
  const kept: [number, number][] = [];
  let last = half(from);
  let here = last;
  for (let i = 0; i <= steps; i++) {
    const share = from + ((to - from) * i) / steps;
    const next = i < steps ? half(from + ((to - from) * (i + 1)) / steps) : here;
    // Where the side goes on as it came, a point says nothing.
    if (i === 0 || i === steps || Math.abs(next - here - (here - last)) > SAME_WIDTH) kept.push([share, here]);
    [last, here] = [here, next];
  }
  return kept;
}

/** The outline of a lay between two shares of its length, its straight sides by their ends. */
export function slab(lay: Pick<Lay, 'origin' | 'turn' | 'lengthMm' | 'half'>, from: number, to: number): Point[] {
  const there: Point[] = [];
  const back: Point[] = [];
  for (const [share, half] of corners(lay.half, from, to)) {
    there.push(pointOn(lay, share * lay.lengthMm, -half));
    back.push(pointOn(lay, share * lay.lengthMm, half));
  }
  return [...there, ...back.reverse()];
}

/**
 * Lays the work rows of a piece out as bands of one yarn and one place each; every row takes the share of the length
 * that its own course height has.
 */
export function layRows(run: Executed, p: number, lay: Lay): SketchShape[] {
  const { planned, fabric: piece, gauges } = pieceAt(run, p);
  const span = piece.work;
  const from = lay.rows?.from ?? 0;
  const to = Math.min(lay.rows?.to ?? span.count, span.count);
  const height = (row: number): number => 1 / gauges[piece.feed[span.first + row]!]!.courses.value;
  let whole = 0;
  for (let row = from; row < to; row++) whole += height(row);
  const share = (at: number): number => (lay.lastFirst ? 1 - at / whole : at / whole);
  const shapes: SketchShape[] = [];
  const { label } = planned;
  let start = from;
  let startAt = 0;
  let at = 0;
  for (let row = from; row < to; row++) {
    at += height(row);
    const yarn = piece.yarn[span.first + row]!;
    const place = lay.placeOf?.(row);
    const next = row + 1 < to ? piece.yarn[span.first + row + 1] : undefined;
    if (next === yarn && lay.placeOf?.(row + 1) === place) continue;
    const [a, b] = [share(startAt), share(at)];
    shapes.push({
      points: slab(lay, Math.max(0, Math.min(a, b)), Math.min(1, Math.max(a, b))),
      yarn,
      title: `${label}: ${run.yarns[yarn]!.colour.name}`,
      rows: { from: start + 1, to: row + 1 },
      ...(place ? { place } : {})
    });
    start = row + 1;
    startAt = at;
  }
  return shapes;
}

/** Half width of a tube whose ends are drawn shut, straight or open. A drawn end rounds off over its own half width. */
export function tubeHalf(
  halfMm: number,
  lengthMm: number,
  ends: readonly ['open' | 'drawn' | 'straight', 'open' | 'drawn' | 'straight'],
  waistsMm: readonly number[] = []
): (share: number) => number {
  const round = Math.min(halfMm, lengthMm / 2);
  const cap = (t: number): number =>
    t >= round ? 1 : Math.max(0.12, Math.sqrt(Math.max(0, 1 - ((round - t) / round) ** 2)));
  return (share) => {
    const t = share * lengthMm;
    let factor = 1;
    if (ends[0] === 'drawn') factor = Math.min(factor, cap(t));
    if (ends[1] === 'drawn') factor = Math.min(factor, cap(lengthMm - t));
    for (const waist of waistsMm) factor = Math.min(factor, Math.max(0.45, cap(Math.abs(t - waist))));
    return halfMm * factor;
  };
}

/** Longest straight piece of an outline that is still bent smoothly, in mm. */
const BEND_STEP = 12;

/** Bends a shape: its outline is cut into short pieces, and each end goes where `to` puts it. */
export function bent(shape: SketchShape, to: (p: Point) => Point): SketchShape {
  const points = shape.points.flatMap((p, i): Point[] => {
    const q = shape.points[(i + 1) % shape.points.length]!;
    const steps = Math.max(1, Math.ceil(Math.hypot(q[0] - p[0], q[1] - p[1]) / BEND_STEP));
    return Array.from({ length: steps }, (_, k): Point => {
      const share = k / steps;
      return to([p[0] + (q[0] - p[0]) * share, p[1] + (q[1] - p[1]) * share]);
    });
  });
  return { ...shape, points };
}

/** Size of a stitch of a piece at rest, for textures. */
export function grain(run: Executed, p: number): Pick<Sketch, 'stitchMm' | 'rowMm'> {
  if (!run.fabric.pieces[p]) return { stitchMm: 7, rowMm: 5 };
  const { courses, wales } = mainGauge(run, p);
  return { stitchMm: 10 / wales.value, rowMm: 10 / courses.value };
}

/** A rectangle from its corner. */
export const box = (x: number, y: number, width: number, height: number): Point[] => [
  [x, y],
  [x + width, y],
  [x + width, y + height],
  [x, y + height]
];

/** Directions of the points of a circle, by how many they are: few numbers of points are used, each very often. */
const DIRECTIONS = new Map<number, readonly Point[]>();

function directions(steps: number): readonly Point[] {
  let known = DIRECTIONS.get(steps);
  if (!known) {
    known = Array.from({ length: steps }, (_, i): Point => {
      const angle = (2 * Math.PI * i) / steps;
      return [Math.cos(angle), Math.sin(angle)];
    });
    DIRECTIONS.set(steps, known);
  }
  return known;
}

/** Points of a circle. */
export const circle = (cx: number, cy: number, r: number, steps = 32): Point[] =>
  directions(steps).map(([x, y]): Point => [cx + r * x, cy + r * y]);
