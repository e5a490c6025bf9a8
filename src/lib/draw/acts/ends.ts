import type { Edge } from '$lib/core/plan';
import type { Point, SketchLine } from '$lib/core/read';
import { type Desk, type DrawAct, partOf, yarnAt } from './drawing';
import { lying } from './lying';
import { arrow, curl, hairline, numbered, openEnd } from './pictures';
import { parts } from './put';

/** An end as it lies open, seen from above, for threads and hooks. */
const above = (d: Desk, piece: number, edge: Edge) => openEnd(d.made, piece, edge, d.say.talk);

export const thread: DrawAct<'thread'> = (a, _f, d) => {
  const end = above(d, a.piece, a.edge);
  const n = end.shapes.length;
  // In and out of the circle of loops, one after the other.
  const points = Array.from({ length: 2 * n }, (_, i): Point => end.at(i / 2, end.r + (i % 2 ? 7 : -7)));
  return parts({
    shapes: end.shapes,
    lines: [{ points: [...points, end.at(-0.5, end.r + 34)], yarn: yarnAt(d, a.yarn), thickMm: 2.5, title: d.say.words.draw.parts.thread }], // prettier-ignore
    labels: [...end.labels, ...numbered([end.at(0, end.r - 20), end.at(Math.min(2, n - 1), end.r - 20), end.at(Math.min(4, n - 1), end.r - 20)])] // prettier-ignore
  });
};

export const draw: DrawAct<'draw'> = (a, _f, d) => {
  const end = above(d, a.piece, a.edges[0]!);
  const n = end.shapes.length;
  const arrows = [0, 1, 2, 3, 4, 5].flatMap((k) =>
    arrow(end.at((k * n) / 6 - 0.5, end.r * 0.82), end.at((k * n) / 6 - 0.5, end.r * 0.4), d.say.words.draw.parts.here)
  );
  const ring = Array.from({ length: n + 1 }, (_, i): Point => end.at(i - 0.5, end.r));
  // Laid on the face that shows now, the tail hangs outside the ring of stitches.
  const outside = partOf(d.before, a.piece).part.layers[0]!.face === a.tail;
  const tail = curl(outside ? end.at(0, end.r + 8) : end.at(0, end.r * 0.3), 1, end.yarn, d.say.words.draw.parts.tail);
  return parts({
    shapes: end.shapes,
    lines: [hairline(ring, { thickMm: 1.5, yarn: end.yarn, title: d.say.words.draw.parts.thread }), ...arrows, tail],
    labels: end.labels
  });
};

export const gather: DrawAct<'gather'> = (a, _f, d) => {
  const lay = lying(d, d.after(), a.piece);
  const { y, way } = lay.endAt(a.edge);
  return parts({
    shapes: lay.shapes,
    lines: [
      ...lay.lines,
      ...arrow([-lay.half, y + way * 16], [-lay.half * 0.45, y + way * 16], d.say.words.draw.parts.here),
      ...arrow([lay.half, y + way * 16], [lay.half * 0.45, y + way * 16], d.say.words.draw.parts.here)
    ],
    labels: lay.labels
  }, lay.grain); // prettier-ignore
};

export const bringOut: DrawAct<'bringOut'> = (a, _f, d) => {
  const lay = lying(d, d.before, a.piece, false);
  const { id } = partOf(d.before, a.piece);
  const tail = d.before.tails.find((t) => t.part === id && t.where.at === a.from && t.fate === 'loose');
  const yarn = yarnAt(d, tail?.yarn ?? null);
  const out: SketchLine = {
    points: [[0, lay.lengthMm * 0.22], [lay.half * 0.18, lay.lengthMm * 0.05], [lay.half * 0.05, -18], [lay.half * 0.3, -34]], // prettier-ignore
    yarn,
    thickMm: 3,
    title: d.say.words.draw.parts.tail
  };
  return parts({
    shapes: lay.shapes,
    lines: [...lay.lines, out, ...arrow([lay.half * 0.3, -34], [lay.half * 0.62, -44], d.say.words.draw.parts.tail)],
    labels: [...lay.labels, { at: [lay.half + 10, 4], text: d.say.words.draw.parts.open, anchor: 'start' }]
  }, lay.grain); // prettier-ignore
};

export const wasteOff: DrawAct<'wasteOff'> = (a, _f, d) => {
  const lay = lying(d, d.before, a.piece);
  const { y, way } = lay.endAt(a.edge);
  const far = y + way * lay.half * 0.44;
  const strand: SketchLine[] =
    a.by === 'unravel'
      ? [...arrow([lay.half * 0.7, far], [lay.half + 26, far + way * 16], d.say.words.draw.parts.here)]
      : [
          hairline([[-lay.half, y + way * 5], [lay.half, y + way * 5]], { strong: true, dashed: a.by === 'cut' }), // prettier-ignore
          ...arrow([lay.half, y + way * 5], [lay.half + 30, y + way * 5], d.say.words.draw.parts.here)
        ];
  return parts({ shapes: lay.shapes, lines: [...lay.lines, ...strand], labels: lay.labels }, lay.grain);
};

export const runDown: DrawAct<'runDown'> = (a, f, d) => {
  const lay = lying(d, d.after(), a.piece);
  const columns = [-lay.half, lay.half];
  const rungs = columns.flatMap((x) => Array.from({ length: 14 }, (_, i) => (lay.lengthMm * (i + 0.5)) / 14).map((y) => hairline([[x - 7, y], [x + 7, y]], { strong: true, title: d.say.words.draw.parts.rungs }))); // prettier-ignore
  const down = columns.flatMap((x) => arrow([x * 0.7, 10], [x * 0.7, lay.lengthMm * 0.6], d.say.words.draw.parts.here)); // prettier-ignore
  const labels = f.pins.slice(0, 2).map((pin, i) => ({ at: [columns[i]!, -8] as const, text: d.say.words.draw.pin(pin, d.say.talk), anchor: 'middle' as const })); // prettier-ignore
  return parts(
    { shapes: lay.shapes, lines: [...lay.lines, ...rungs, ...down], labels: [...lay.labels, ...labels] },
    lay.grain
  );
};
