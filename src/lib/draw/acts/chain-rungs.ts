import type { Point, SketchLabel, SketchLine } from '$lib/core/read';
import { type DrawAct, yarnAt } from './drawing';
import { lengthwise } from './lying';
import { arrow, moved } from './pictures';
import { parts } from './put';

/** How far the back tube stands out behind the front one. */
const BEHIND = 14;

/** Two tubes one behind the other, and the chain along their ladders: wide over both, close where one is chained alone. */
export const chainRungs: DrawAct<'chainRungs'> = (a, _f, d) => {
  const [first] = a.segments;
  const lay = lengthwise(d, d.before, first!.a.piece);
  const upper = first!.a.run === 'upper';
  const y = upper ? 0 : lay.high;
  const out = upper ? -1 : 1;
  const both = a.segments.some((of) => of.b);
  const lines: SketchLine[] = [...lay.lines];
  const labels: SketchLabel[] = [];
  for (const { a: ref, b } of a.segments) {
    const [from, to] = [ref.rows?.from ?? 1, ref.rows?.to ?? lay.count];
    const [x0, x1] = [lay.xAt(from - 1), lay.xAt(to)];
    const steps = Math.max(2, 2 * Math.round(((x1 - x0) / lay.along) * 14));
    const wide = b ? BEHIND : 6;
    const points = Array.from({ length: steps + 1 }, (_, i): Point => [
      x0 + ((x1 - x0) * i) / steps,
      y + out * (i % 2 ? wide : 2)
    ]);
    lines.push({ points, yarn: yarnAt(d, a.yarn), thickMm: 3, title: d.say.words.draw.parts.thread });
    labels.push({
      at: [(x0 + x1) / 2, y + out * (BEHIND + 18)],
      shift: [0, upper ? -0.4 : 1.1],
      text: from === to ? String(from) : `${from}–${to}`,
      anchor: 'middle'
    });
  }
  const [x0, x1] = [lay.xAt((first!.a.rows?.from ?? 1) - 1), lay.xAt(a.segments.at(-1)!.a.rows?.to ?? lay.count)];
  const way = arrow([x0, y + out * (BEHIND + 12)], [x1, y + out * (BEHIND + 12)], d.say.words.draw.parts.here);
  return parts(
    {
      shapes: [...(both ? moved(lay.shapes, 10, out * BEHIND) : []), ...lay.shapes],
      lines: [...lines, ...way],
      labels
    },
    lay.grain
  );
};
