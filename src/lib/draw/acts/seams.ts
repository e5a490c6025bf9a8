import { mainYarn } from '$lib/core/knit';
import type { Edge, RunName, RunRef } from '$lib/core/plan';
import {
  grain,
  layPanel,
  type PanelLay,
  pieceAt,
  type Point,
  type SketchLabel,
  type SketchLine,
  type SketchShape
} from '$lib/core/read';
import { type Desk, type DrawAct, yarnAt } from './drawing';
import { front, outlined } from './front';
import { lengthwise, lying } from './lying';
import { arrow, flatEnd, hairline, moved, numbered, openEnd } from './pictures';
import { locked, pouch } from './folds';
import { parts } from './put';

/** An edge of a panel as a heavy line on its outline. */
function edgeLine(d: Desk, ref: RunRef, lay: PanelLay, dx: number, dy: number): SketchLine {
  const piece = pieceAt(d.made, ref.piece).fabric;
  const first = Math.max(0, piece.purpose.indexOf(0));
  const last = piece.purpose.lastIndexOf(0);
  const points: Point[] = [];
  if (ref.run === 'held') {
    const y = lay.yAt((ref.rows?.from ?? 1) + 1) + dy;
    const x = ref.side === 'low' ? 0 : lay.widthMm;
    points.push([x + dx, y], [x + dx + (ref.side === 'low' ? 1 : -1) * lay.widthMm * 0.3, y]);
  } else if (ref.run === 'side') {
    const to = Math.min(ref.rows?.to ?? last - first + 1, last - first + 1);
    const from = ref.rows?.from ?? 1;
    const pinAt = (row: number): number => (ref.side === 'low' ? piece.low[first + row - 1]! : piece.high[first + row - 1]! + 1); // prettier-ignore
    for (let row = from; row <= to; row++) {
      const pin = pinAt(row);
      // Along a straight stretch its two ends are enough.
      if (row > from && row < to && pin === pinAt(row - 1) && pin === pinAt(row + 1)) continue;
      points.push([lay.xAt(pin) + dx, lay.yAt(row) + dy]);
    }
  } else {
    const row = ref.run === 'cast-on' ? first : last;
    const y = ref.run === 'cast-on' ? lay.heightMm : 0;
    const [low, high] = [ref.pins?.from ?? piece.low[row]!, ref.pins?.to ?? piece.high[row]!];
    points.push([lay.xAt(low) + dx, y + dy], [lay.xAt(high + 1) + dx, y + dy]);
  }
  return { points, yarn: null, thickMm: 9, strong: true, title: d.say.talk.label(ref.piece) };
}

/** Panels side by side, the edges that meet drawn heavily, numbered in order. */
function panels(d: Desk, refs: readonly RunRef[]): ReturnType<DrawAct<'join'>> {
  // Two copies of one piece are two pieces on the table.
  const same = (a: RunRef, b: RunRef): boolean => a.piece === b.piece && a.copy === b.copy;
  const pieces = refs
    .filter((ref, i) => refs.findIndex((other) => same(ref, other)) === i)
    .filter(({ piece }) => pieceAt(d.made, piece).planned.mode !== 'tube')
    .slice(0, 4);
  const lays = pieces.map(({ piece }) => layPanel(d.made, piece));
  const tall = Math.max(...lays.map((lay) => lay.heightMm));
  const shapes: SketchShape[] = [];
  const lines: SketchLine[] = [];
  const labels: SketchLabel[] = [];
  let x = 0;
  pieces.forEach((of, i) => {
    const lay = lays[i]!;
    const dy = tall - lay.heightMm;
    shapes.push(...moved(lay.shapes, x, dy));
    for (const ref of refs) if (same(ref, of)) lines.push(edgeLine(d, ref, lay, x, dy));
    labels.push({
      at: [x + lay.widthMm / 2, tall],
      text: d.say.talk.label(of.piece),
      anchor: 'middle',
      shift: [0, 1.4]
    });
    x += lay.widthMm + Math.max(60, lay.widthMm * 0.25);
  });
  return parts({ shapes, lines, labels }, grain(d.made, (pieces[0] ?? refs[0]!).piece));
}

/** An end closed flat: both layers, or all four, with the way of the hook through them and the first loops numbered. */
function closing(...[a, f, d]: Parameters<DrawAct<'join'>>): ReturnType<DrawAct<'join'>> {
  const { piece, run } = a.a[0]!;
  const corner = a.across ? (f.path[0] ?? 1) - 1 : undefined;
  const end = flatEnd(d.made, piece, endOf(run), a.across ? 4 : 2, d.say, corner);
  // Through four layers the hook goes from the near one to the far one; through two it goes to and fro between them.
  const [near, far] = a.across ? [-7, end.bottom + 7] : [3, end.bottom - 3];
  const points = f.path.map((pin, i): Point => {
    const { x, front } = end.at(pin);
    if (a.across) return [x, i % 2 ? far : near];
    return [x, front ? near : far];
  });
  const path: SketchLine = {
    points,
    yarn: yarnAt(d, a.yarn) ?? mainYarn(pieceAt(d.made, piece).fabric),
    thickMm: 2.5,
    title: d.say.words.draw.parts.thread
  };
  const first = f.path.slice(0, a.across ? 1 : 2).map((pin): Point => {
    const { x, front } = end.at(pin);
    return [x, front ? -14 : end.bottom + 20];
  });
  const last = f.path.at(-1);
  const goal = last === undefined ? [] : arrow([end.at(last).x + 26, end.bottom / 2], [end.at(last).x + 6, end.bottom / 2], d.say.words.draw.parts.tail); // prettier-ignore
  return parts({
    shapes: end.shapes,
    lines: [...end.lines, path, ...(a.by === 'loops' ? goal : [])],
    labels: [...end.labels, ...(a.by === 'loops' || a.across ? numbered(first) : [])]
  });
}

/** The end of a tube that a run belongs to. */
const endOf = (run: RunName): Edge => (run === 'cast-on' || run === 'first-end' ? 'cast-on' : 'hung-off');

export const join: DrawAct<'join'> = (a, f, d) => {
  const [first] = a.a;
  const piece = first!.piece;
  if (a.by === 'zip') {
    const end = openEnd(d.made, piece, endOf(first!.run), d.say.talk);
    const within = openEnd(d.made, piece, endOf(a.b[0]!.run), d.say.talk);
    const n = end.shapes.length;
    const inner = Array.from({ length: n }, (_, i): SketchShape => ({
      points: [end.at(i - 0.2, end.r - 18), end.at(i + 0.2, end.r - 18), end.at(i + 0.2, end.r - 24), end.at(i - 0.2, end.r - 24)], // prettier-ignore
      yarn: within.yarn,
      title: d.say.words.draw.parts.inner
    }));
    const pairs = Array.from({ length: n }, (_, i) => hairline([end.at(i, end.r), end.at(i, end.r - 21)]));
    return parts({ shapes: [...end.shapes, ...inner], lines: pairs, labels: end.labels });
  }
  if (f.halves || a.across) {
    return closing(a, f, d);
  }
  if (first!.run === 'upper' || first!.run === 'lower') return pouch(d, piece, a.name === 'bag-left' ? 'seam-left' : 'seam-right'); // prettier-ignore
  if (a.name === 'front-twisted') return locked(d, piece, true);
  if (first!.run === 'first-end') {
    const lay = lengthwise(d, d.before, piece);
    return parts({ shapes: lay.shapes, lines: [...lay.lines, hairline([[0, 0], [0, lay.high]], { strong: true, thickMm: 5 }), hairline([[lay.along, 0], [lay.along, lay.high]], { strong: true, thickMm: 5 }), ...arrow([-12, lay.high * 0.5], [-12, -20], ''), ...arrow([lay.along + 12, lay.high * 0.5], [lay.along + 12, -20], '')], labels: [] }, lay.grain); // prettier-ignore
  }
  if (pieceAt(d.made, piece).planned.mode === 'tube' && a.b[0]!.piece === piece) {
    const lay = lying(d, d.before, piece);
    return parts({ shapes: lay.shapes, lines: [...lay.lines, hairline([[-lay.half, 0], [lay.half, 0]], { strong: true, thickMm: 5 }), hairline([[-lay.half, lay.lengthMm], [lay.half, lay.lengthMm]], { strong: true, thickMm: 5 })], labels: lay.labels }, lay.grain); // prettier-ignore
  }
  return panels(d, [...a.a, ...a.b]);
};

/**
 * One repeat of ribs, close up: the posts of the round below as upright bars, the yarn in front of some and behind the others.
 *
 * @param at the middle of its near side
 * @param out the way it lies from there
 * @param high height of the edge it belongs to
 */
function postRibs(
  { front, back }: { readonly front: number; readonly back: number },
  [x, y]: Point,
  out: number,
  high: number,
  yarn: number | null,
  d: Desk
) {
  const wide = high * 0.42;
  const n = front + back;
  const left = out > 0 ? x : x - n * wide;
  const post = (i: number): number => left + (i + 0.5) * wide;
  const [top, bottom] = [y - high * 0.42, y + high * 0.42];
  const bar = (i: number): SketchLine => ({
    points: [
      [post(i), top],
      [post(i), bottom]
    ],
    yarn,
    thickMm: high * 0.09
  });
  const names = d.say.words.draw.parts;
  // Behind a post the way of the hook is dashed; in front of one it lies over the bar.
  const way = Array.from({ length: n }, (_, i): SketchLine => {
    const points: Point[] = [
      [post(i) - wide / 2, y + high * 0.1],
      [post(i) - wide * 0.3, y],
      [post(i) + wide * 0.3, y],
      [post(i) + wide / 2, y + high * 0.1]
    ];
    return i < front
      ? { points, yarn: null, thickMm: 4, strong: true, title: names.front }
      : hairline(points, { strong: true, dashed: true, title: names.back });
  });
  const bars = Array.from({ length: n }, (_, i) => bar(i));
  return {
    // The bars that are passed behind lie over the way, those that are passed in front lie under it.
    lines: [...way.slice(front), ...bars, ...way.slice(0, front)],
    labels: [
      { at: [left + (front * wide) / 2, top], shift: [0, -0.5], text: `${front} ${names.front}`, anchor: 'middle' },
      {
        at: [left + (front + back / 2) * wide, bottom],
        shift: [0, 1.2],
        text: `${back} ${names.back}`,
        anchor: 'middle'
      }
    ] satisfies SketchLabel[]
  };
}

export const bind: DrawAct<'bind'> = (a, f, d) => {
  const [first] = a.runs;
  const piece = first!.piece;
  if (pieceAt(d.made, piece).planned.mode !== 'tube') return panels(d, a.runs);
  if (first!.run === 'first-end' || first!.run === 'last-end') {
    // Two flattened ends, front and back of the arm, and the cuff round both as one ring.
    const lay = lengthwise(d, d.before, piece);
    const x = first!.run === 'first-end' ? 0 : lay.along;
    const out = first!.run === 'first-end' ? -1 : 1;
    const ribs = a.ribs ? postRibs(a.ribs, [x + out * 50, lay.high / 2], out, lay.high, yarnAt(d, a.yarn), d) : null;
    const round = Array.from({ length: 33 }, (_, i): Point => {
      const angle = (2 * Math.PI * i) / 32;
      return [x + out * (16 + 9 * Math.cos(angle)), lay.high / 2 + (lay.high / 2) * Math.sin(angle)];
    });
    return parts(
      {
        shapes: lay.shapes,
        lines: [...lay.lines, { points: round, yarn: yarnAt(d, a.yarn), thickMm: 5 }, ...(ribs?.lines ?? [])],
        labels: ribs?.labels ?? []
      },
      lay.grain
    );
  }
  const end = openEnd(d.made, piece, endOf(first!.run), d.say.talk);
  const n = Math.min(Math.max(1, f.stitches), 2 * end.shapes.length);
  const each = end.shapes.length / n;
  const loops = Array.from({ length: n }, (_, i): SketchLine => ({
    points: [end.at(i * each, end.r + 6), end.at((i + 0.5) * each, end.r + 15), end.at((i + 1) * each, end.r + 6)],
    yarn: yarnAt(d, a.yarn),
    thickMm: 2.5
  }));
  return parts({
    shapes: end.shapes,
    lines: loops,
    labels: [
      ...end.labels.map((l) => ({ ...l, at: [l.at[0] * 1.12, l.at[1] * 1.12] as const })),
      ...numbered([end.at(0, end.r - 18), end.at(Math.min(2, end.shapes.length - 1), end.r - 18)])
    ]
  });
};

/** Where a part sits: the thing it is sewn onto, the part beside it, and an arrow from the one to the other. */
export const sewOn: DrawAct<'sewOn'> = (a, f, d) => {
  if (a.place === 'bag-tips') return pouch(d, a.to, 'tips', yarnAt(d, a.yarn));
  if (a.at && f.at) {
    const own = front(d, a.to);
    const part = layPanel(d.made, a.piece);
    const [x, y] = own.at(a.at.side, f.at.inMm, a.at.row);
    const left = a.at.side === 'high' ? x : x - part.widthMm;
    const line = outlined([left, y], part.widthMm, part.heightMm);
    const cloth = { points: [[left, y - part.heightMm], [left, y], [left + part.widthMm, y], [left + part.widthMm, y - part.heightMm]] as Point[], yarn: yarnAt(d, a.yarn), title: d.say.talk.label(a.piece) }; // prettier-ignore
    return parts({ shapes: [...own.shapes, cloth], lines: [line], labels: [{ at: [left + part.widthMm / 2, y - part.heightMm], shift: [0, -0.5], text: d.say.talk.label(a.piece), anchor: 'middle' }] }, own.grain); // prettier-ignore
  }
  const body = lying(d, d.before, a.to, false);
  const part = lying(d, d.before, a.piece, false);
  const x = body.half + Math.max(20, part.half) + 46;
  const spots: readonly Point[] = spotsOf(a.place, body.half, body.lengthMm);
  return parts(
    {
      shapes: [...body.shapes, ...moved(part.shapes, x, 0)],
      lines: [
        ...body.lines,
        ...spots.slice(0, Math.max(1, f.count)).map(([sx, sy]) => hairline([[sx - 7, sy], [sx + 7, sy]], { strong: true, thickMm: 6 })), // prettier-ignore
        ...arrow(
          [x - part.half - 6, part.lengthMm * 0.5],
          [spots[0]![0] + 12, spots[0]![1]],
          d.say.words.draw.parts.here
        )
      ],
      labels: []
    },
    body.grain
  );
};

/** Spots of a place on the body as it lies, its last row at the top. */
function spotsOf(place: string, half: number, lengthMm: number): Point[] {
  const at = (x: number, y: number): Point => [half * x, lengthMm * y];
  switch (place) {
    case 'neck-sides':
      return [at(0.85, 0.48), at(-0.85, 0.48)];
    case 'head-top':
      return [at(0.4, 0.08), at(-0.4, 0.08)];
    case 'head':
    case 'top':
      return [at(0, 0.04)];
    case 'back':
      return [at(0.4, 0.36), at(-0.4, 0.36)];
    case 'belly':
      return [at(0.7, 0.5), at(-0.7, 0.5), at(0.7, 0.8), at(-0.7, 0.8)];
    case 'end':
      return [at(0, 0.98)];
    default:
      return [at(0.45, 0.94), at(-0.45, 0.94), at(0.2, 0.98), at(-0.2, 0.98)];
  }
}
