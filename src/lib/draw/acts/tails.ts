import { mainYarn } from '$lib/core/knit';
import { circle, pieceAt, type Point, type SketchLabel, type SketchLine } from '$lib/core/read';
import { type DrawAct, partOf } from './drawing';
import { lying } from './lying';
import { arrow, curl, hairline, numbered, sheet } from './pictures';
import { parts } from './put';

/** A knot: a small loop, and both ends that leave it crosswise. */
const knot = ([x, y]: Point, size: number, yarn: number | null): SketchLine => ({
  points: [
    [x - size * 1.5, y + size],
    ...circle(x, y, size * 0.7, 12).map(([px, py]): Point => [px, py]),
    [x + size * 0.7, y],
    [x + size * 1.5, y + size]
  ],
  yarn,
  thickMm: 2.6
});

export const tie: DrawAct<'tie'> = (a, f, d) => {
  const lay = lying(d, d.before, a.piece);
  const { id } = partOf(d.before, a.piece);
  const tails = d.before.tails.filter((t) => t.part === id && t.fate === 'loose');
  if (a.tails === 'joins') {
    const rows = [...new Set(tails.flatMap((t) => (t.from === 'join' && t.where.at === 'row' ? [t.where.row] : [])))];
    // Only as many as can be read beside each other.
    const apart = lay.lengthMm / 11;
    const shown = rows.reduce<number[]>((kept, row) => (kept.length === 0 || Math.abs(lay.yAt(row) - lay.yAt(kept.at(-1)!)) >= apart ? [...kept, row] : kept), []); // prettier-ignore
    const lines = shown.flatMap((row) => {
      const own = tails.filter((t) => t.where.at === 'row' && t.where.row === row);
      const y = lay.yAt(row);
      return [
        ...own.slice(0, 2).map((t, i) => curl([lay.half, y - i * 3], 1, d.made.fabric.yarns.indexOf(t.yarn), d.say.words.draw.parts.tail)), // prettier-ignore
        knot([lay.half + 4, y + 3], 5, null)
      ];
    });
    const labels: SketchLabel[] = shown.map((row) => ({ at: [lay.half + 24, lay.yAt(row) + 4], text: d.say.words.draw.row(row, d.say.talk), anchor: 'start' })); // prettier-ignore
    return parts(
      { shapes: lay.shapes, lines: [...lay.lines, ...lines], labels: [...lay.labels, ...labels] },
      lay.grain
    );
  }
  const { y, way } = lay.endAt(a.edge ?? 'hung-off');
  const yarn = mainYarn(pieceAt(d.made, a.piece).fabric);
  const cross: SketchLine[] =
    a.how === 'stitch'
      ? [hairline([[-16, way * 8], [16, way * 8]], { strong: true, thickMm: 3 }), hairline([[0, way * 8 - 12], [0, way * 8 + 12]], { strong: true, thickMm: 3 })] // prettier-ignore
      : [knot([0, y + way * 14], 10, yarn)];
  return parts({ shapes: lay.shapes, lines: [...lay.lines, ...cross], labels: [...lay.labels, ...numbered(f.count > 1 ? [[-18, y + way * 26], [18, y + way * 26]] : [[18, y + way * 20]])] }, lay.grain); // prettier-ignore
};

/** A tail worked in: through rows one way and back, or between two layers and out again. */
export const weave: DrawAct<'weave'> = (a, f, d) => {
  const yarn = f.groups[0] ? d.made.fabric.yarns.indexOf(f.groups[0].yarn) : null;
  const [w, h] = [120, 46];
  if (a.how === 'inside') {
    return parts({
      shapes: [sheet(0, 0, w, 10, '', 0.9), sheet(0, h - 10, w, 10, '', 0.9)],
      lines: [
        { points: [[-14, -16], [6, 5], [24, 23], [70, 23], [92, 5], [104, -14]], yarn, thickMm: 3 }, // prettier-ignore
        hairline([[98, -22], [112, -8]], { strong: true }), // prettier-ignore
        hairline([[112, -22], [98, -8]], { strong: true }) // prettier-ignore
      ],
      labels: [...numbered([[-2, -22], [48, 16], [122, -10]]), { at: [w + 8, h - 2], text: d.say.words.draw.parts.inner, anchor: 'start' }, { at: [w + 8, 9], text: d.say.words.draw.parts.outer, anchor: 'start' }] // prettier-ignore
    });
  }
  const rows = Array.from({ length: 5 }, (_, r) => Array.from({ length: 12 }, (_, i): Point => [i * 10, r * 11 + (i % 2 ? 4 : -4)])); // prettier-ignore
  return parts({
    lines: [
      ...rows.map((points) => hairline(points)),
      { points: [[-16, 22], ...Array.from({ length: 10 }, (_, i): Point => [i * 10 + 5, 22 + (i % 2 ? 5 : -5)]), [104, 33], ...Array.from({ length: 6 }, (_, i): Point => [94 - i * 10, 33 + (i % 2 ? 5 : -5)])], yarn, thickMm: 3 }, // prettier-ignore
      ...arrow([40, 56], [88, 56], '')
    ],
    labels: numbered([[-16, 12], [112, 26], [38, 50]]) // prettier-ignore
  });
};
