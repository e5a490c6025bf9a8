import { pieceAt, type Point } from '$lib/core/read';
import { type DrawAct, yarnAt } from './drawing';
import { lengthwise } from './lying';
import { arrow, flatEnd } from './pictures';
import { parts } from './put';

/** A stitch in and out of an edge, over and over, from one point to another. */
const running = ([x0, y0]: Point, [x1, y1]: Point, wide: number): Point[] => {
  const length = Math.hypot(x1 - x0, y1 - y0) || 1;
  const [nx, ny] = [-(y1 - y0) / length, (x1 - x0) / length];
  const steps = Math.max(4, 2 * Math.round(length / 24));
  return Array.from({ length: steps + 1 }, (_, i): Point => {
    const side = i === 0 || i === steps ? 0 : i % 2 ? wide : -wide;
    return [x0 + ((x1 - x0) * i) / steps + nx * side, y0 + ((y1 - y0) * i) / steps + ny * side];
  });
};

/** A tail on its way along the edge it hangs at. */
export const lead: DrawAct<'lead'> = (a, f, d) => {
  const names = d.say.words.draw.parts;
  const tail = d.before.tails.find((t) => d.before.parts[t.part]?.piece === a.piece && t.where.at === a.tail);
  const thread = { yarn: yarnAt(d, tail?.yarn ?? null), thickMm: 2.5, title: names.tail };
  if (a.to === 'corner') {
    const end = flatEnd(d.made, a.piece, a.tail, 4, d.say, f.pin - 1);
    const [from, to] = [end.at(tail?.pin ?? 1), end.at(f.pin)];
    const y = end.bottom / 2;
    const way = running([from.x, y], [to.x, y], 6);
    return parts({
      shapes: end.shapes,
      lines: [...end.lines, { ...thread, points: way }, ...arrow([to.x, y], [to.x, -18], names.tail)],
      labels: end.labels
    });
  }
  const lay = lengthwise(d, d.before, a.piece);
  const first = a.tail === 'cast-on';
  const x = first ? 0 : lay.along;
  const out = first ? -1 : 1;
  // The first and the last pin meet at the upper fold.
  const { firstPin, width } = pieceAt(d.made, a.piece).fabric;
  const goesUp = f.pin === firstPin || f.pin === firstPin + width - 1;
  const [y0, y1] = goesUp ? [lay.high, 0] : [0, lay.high];
  return parts(
    {
      shapes: lay.shapes,
      lines: [
        ...lay.lines,
        { ...thread, points: running([x, y0], [x, y1], 5) },
        ...arrow([x + out * 22, y0 + (y1 - y0) * 0.3], [x + out * 22, y0 + (y1 - y0) * 0.75], names.here)
      ],
      labels: []
    },
    lay.grain
  );
};
