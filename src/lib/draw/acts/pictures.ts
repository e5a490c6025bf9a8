import type { Edge } from '$lib/core/plan';
import { type Executed, mainYarn } from '$lib/core/knit';
import { box, circle, pieceAt, type Point, type SketchLabel, type SketchLine, type SketchShape } from '$lib/core/read';
import type { Speech, Talk } from '$lib/words';

/** Distance of two stitches in drawings of an edge, in mm of the drawing. */
const STEP = 10;

const stitch = (x: number, y: number, yarn: number | null, title: string): SketchShape => ({
  points: circle(x, y, STEP * 0.36, 10),
  yarn,
  title
});

/** A thin line without a yarn. */
export const hairline = (points: readonly Point[], more: Partial<SketchLine> = {}): SketchLine => ({
  points,
  yarn: null,
  thickMm: 0,
  ...more
});

/** The yarn that the loops of an end are of. */
const yarnOfEnd = (piece: Executed['fabric']['pieces'][number], edge: Edge): number =>
  piece.yarn[edge === 'cast-on' ? piece.work.first : piece.work.last] ?? mainYarn(piece);

/** Every stitch of an end as it lies open, seen from above, pin 1 at the near side. */
export function openEnd(run: Executed, p: number, edge: Edge, t: Talk) {
  const piece = pieceAt(run, p).fabric;
  const n = piece.width;
  const r = Math.max(36, (n * STEP) / (2 * Math.PI));
  const yarn = yarnOfEnd(piece, edge);
  const at = (i: number, radius: number): Point => {
    const angle = Math.PI / 2 - (2 * Math.PI * (i + 0.5)) / n;
    return [radius * Math.cos(angle), radius * Math.sin(angle)];
  };
  const shapes = Array.from({ length: n }, (_, i) =>
    stitch(...at(i, r), piece.ladders.includes(piece.firstPin + i) ? null : yarn, t.pin(piece.firstPin + i))
  );
  const marks = [...new Set([0, Math.floor(n / 4), Math.floor(n / 2), Math.floor((3 * n) / 4)])];
  const labels = marks.map((i): SketchLabel => {
    const [x, y] = at(i, r + 18);
    return { at: [x, y + 4], text: String(piece.firstPin + i), anchor: 'middle' };
  });
  return { r, at, shapes, labels, yarn };
}

/**
 * An end pressed flat: which pins face each other. Front half above, back half below; two tubes in one another show four
 * layers.
 *
 * @param corner the last pin before the left fold; the highest one when absent, so that the first pin lies at the fold
 */
export function flatEnd(run: Executed, p: number, edge: Edge, layers: 2 | 4, { words, talk }: Speech, corner?: number) {
  const names = words.draw.parts;
  const piece = pieceAt(run, p).fabric;
  const n = piece.width;
  const half = Math.floor(n / 2);
  const yarn = yarnOfEnd(piece, edge);
  const shapes: SketchShape[] = [];
  const lines: SketchLine[] = [];
  const labels: SketchLabel[] = [];
  const from = corner === undefined ? 0 : corner - piece.firstPin + 1;
  /** The pin so many stitches round from the left fold. */
  const pinAt = (i: number): number => piece.firstPin + ((from + i) % n);
  for (let layer = 0; layer < layers; layer++) {
    const front = layer < layers / 2;
    const y = layer * 22;
    const count = front ? half : n - half;
    for (let i = 0; i < count; i++) shapes.push(stitch(i * STEP, y, yarn, talk.pin(pinAt(front ? i : n - 1 - i))));
    const [a, b] = front ? [0, half - 1] : [n - 1, half];
    const where = layers === 4 ? (layer % 3 === 0 ? names.outer : names.inner) : front ? names.front : names.back;
    labels.push(
      { at: [-9, y + 4], text: `${where}  ${pinAt(a)}`, anchor: 'end' },
      { at: [(half - 0.2) * STEP, y + 4], text: String(pinAt(b)), anchor: 'start' }
    );
  }
  const bottom = (layers - 1) * 22;
  for (let i = 0; i < half; i++) {
    lines.push(hairline([[i * STEP, 5], [i * STEP, bottom - 5]])); // prettier-ignore
  }
  /** Where a pin of the two layers lies, and whether on the front one. */
  const at = (pin: number): { readonly x: number; readonly front: boolean } => {
    const i = (((pin - piece.firstPin - from) % n) + n) % n;
    return i < half ? { x: i * STEP, front: true } : { x: (n - 1 - i) * STEP, front: false };
  };
  return { shapes, lines, labels, widthMm: (half - 1) * STEP, bottom, half, at };
}

/** A line straight across a flat piece at a work row, with a word beside it. */
export function across(half: number, y: number, text: string, more: Partial<SketchLine> = {}) {
  return {
    line: hairline([[-half - 8, y], [half + 8, y]], { strong: true, ...more }), // prettier-ignore
    label: { at: [half + 14, y + 4], text, anchor: 'start' } as SketchLabel
  };
}

/** An arrow with its point at the end. */
export function arrow(from: Point, to: Point, title: string): SketchLine[] {
  const angle = Math.atan2(to[1] - from[1], to[0] - from[0]);
  const barb = (turn: number): Point => [to[0] - 9 * Math.cos(angle + turn), to[1] - 9 * Math.sin(angle + turn)];
  return [hairline([from, to], { strong: true, title }), hairline([barb(0.5), to, barb(-0.5)], { strong: true })];
}

/** An oblong of plain paper: a card, a foot, a fold. */
export const sheet = (x: number, y: number, w: number, h: number, title: string, solid = 0.5): SketchShape => ({
  points: box(x, y, w, h),
  yarn: null,
  title,
  solid
});

/** Numbers along a path, in the order of the hand. */
export const numbered = (at: readonly Point[]): SketchLabel[] =>
  at.map((point, i) => ({ at: point, text: String(i + 1), anchor: 'middle' }));

/** A tail as it hangs: a short curl from a point. */
export const curl = ([x, y]: Point, way: 1 | -1, yarn: number | null, title: string): SketchLine => ({
  points: [[x, y], [x + way * 9, y + 5], [x + way * 14, y + 16], [x + way * 11, y + 26]], // prettier-ignore
  yarn,
  thickMm: 2.4,
  title
});

/** Moves shapes. */
export const moved = (shapes: readonly SketchShape[], dx: number, dy: number): SketchShape[] =>
  shapes.map((s) => ({ ...s, points: s.points.map(([x, y]): Point => [x + dx, y + dy]) }));
