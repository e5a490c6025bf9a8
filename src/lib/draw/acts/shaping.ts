import { lengthMmOf } from '$lib/core/knit';
import { circle, grain, layPanel, pieceAt, type Point, type SketchLine } from '$lib/core/read';
import { type DrawAct, yarnAt } from './drawing';
import { front } from './front';
import { lying } from './lying';
import { across, arrow, hairline, moved, sheet } from './pictures';
import { parts } from './put';

export const waist: DrawAct<'waist'> = (a, f, d) => {
  const lay = lying(d, d.after(), a.piece);
  if (f.row === null) {
    const reach = lay.half * 0.62;
    const cut = (side: 1 | -1): SketchLine => hairline([[side * lay.half, reach], [side * (lay.half - reach), 0]], { strong: true, dashed: true }); // prettier-ignore
    return parts({ shapes: lay.shapes, lines: [...lay.lines, cut(-1), cut(1)], labels: lay.labels }, lay.grain);
  }
  const mark = across(lay.half, lay.yAt(f.row), d.say.words.draw.row(f.row, d.say.talk));
  return parts({ shapes: lay.shapes, lines: [...lay.lines, { ...mark.line, yarn: yarnAt(d, a.yarn), thickMm: 3 }], labels: [...lay.labels, mark.label] }, lay.grain); // prettier-ignore
};

export const fill: DrawAct<'fill'> = (a, f, d) => {
  const lay = lying(d, d.before, a.piece, false);
  const tufts = Array.from({ length: 7 }, (_, i) => ({ points: circle(-lay.half * 0.5 + (lay.half * (i % 3)) / 2, lay.lengthMm * (0.9 - 0.11 * i), lay.half * 0.18, 12), yarn: null, title: '', solid: 0.75 })); // prettier-ignore
  return parts({
    shapes: [...lay.shapes, ...tufts],
    lines: [...lay.lines, ...arrow([0, -34], [0, lay.lengthMm * 0.18], d.say.words.draw.parts.open)],
    labels: [...lay.labels, { at: [lay.half + 12, lay.lengthMm * 0.9], text: d.say.talk.len(f.girthMm), anchor: 'start' }]
  }, lay.grain); // prettier-ignore
};

/** Pieces drawn side by side at most. */
const SHOWN = 4;

export const block: DrawAct<'block'> = (_a, f, d) => {
  const shown = f.pieces.slice(0, SHOWN).map((p) => layPanel(d.made, p));
  const [first] = shown;
  const step = Math.max(...shown.map((lay) => lay.widthMm)) * 1.2;
  const foot = first!.heightMm + 12;
  return parts(
    {
      shapes: shown.flatMap((lay, i) => moved(lay.shapes, i * step, first!.heightMm - lay.heightMm)),
      lines: [
        ...shown.map((lay, i) => hairline([[i * step, foot], [i * step + lay.widthMm, foot]], { strong: true })), // prettier-ignore
        ...shown.flatMap((lay, i) => pins(lay.widthMm, lay.heightMm, i * step, first!.heightMm - lay.heightMm))
      ],
      labels: [
        { at: [first!.widthMm / 2, foot], shift: [0, 1.3], text: d.say.talk.len(f.widthMm), anchor: 'middle' },
        { at: [(shown.length - 1) * step + shown.at(-1)!.widthMm, first!.heightMm / 2], shift: [0.6, 0.3], text: d.say.talk.len(f.heightMm), anchor: 'start' } // prettier-ignore
      ]
    },
    grain(d.made, f.pieces[0]!)
  );
};

/** Pins at the corners of a piece that is blocked. */
const pins = (w: number, h: number, x: number, y: number): SketchLine[] =>
  ([[0, 0], [w, 0], [w, h], [0, h]] as Point[]).map(([px, py]) => hairline([[px + x - 4, py + y - 8], [px + x, py + y]], { strong: true })); // prettier-ignore

export const latch: DrawAct<'latch'> = (a, f, d) => {
  const piece = pieceAt(d.made, a.piece).fabric;
  const shown = Math.min(f.groups, 2);
  const every = Math.max(2, piece.floats.after[0]! - piece.firstPin + 1);
  const wide = (every + f.columns) * 9;
  const shapes = Array.from({ length: shown + 1 }, (_, g) => Array.from({ length: every }, (_, i) => sheet(g * wide + i * 9, 0, 7, 60, d.say.words.draw.pin(piece.firstPin + g * every + i, d.say.talk), 0.9))).flat(); // prettier-ignore
  const floats = Array.from({ length: shown }, (_, g) => [12, 24, 36, 48].map((y) => hairline([[g * wide + every * 9 - 2, y], [(g + 1) * wide, y]], { strong: true }))).flat(); // prettier-ignore
  const up = arrow([every * 9 + 6, 74], [every * 9 + 6, 4], d.say.words.draw.parts.here);
  return parts({ shapes, lines: [...floats, ...up], labels: [{ at: [(every + f.columns / 2) * 9, 84], text: d.say.talk.many(f.columns, 'column', 'columns'), anchor: 'middle' }, { at: [every * 9 + 14, 58], text: '1', anchor: 'start' }, { at: [every * 9 + 14, 18], text: '2', anchor: 'start' }] }); // prettier-ignore
};

export const latchUp: DrawAct<'latchUp'> = (a, f, d) => {
  // The column close up, between its neighbours, seen from the purl side: rungs, and the way of the hook.
  const shown = Math.min(8, f.rows);
  const [wide, high] = [16, 9];
  const tall = (shown + 2) * high;
  const columns = [-2, -1, 1, 2].map((i) => sheet(i * wide, 0, wide * 0.8, tall, d.say.words.draw.pin(a.pin + i, d.say.talk), 0.9)); // prettier-ignore
  const rungs = Array.from({ length: shown }, (_, i) => hairline([[-2, (i + 1) * high + 4], [wide * 0.8 + 2, (i + 1) * high + 4]], { strong: true })); // prettier-ignore
  const up = arrow([wide * 0.4, tall + 8], [wide * 0.4, 4], '');
  return parts({ shapes: columns, lines: [...rungs, ...up], labels: [{ at: [wide * 0.4, tall + 22], text: d.say.words.draw.pin(f.pin, d.say.talk), anchor: 'middle' }] }); // prettier-ignore
};

export const rest: DrawAct<'rest'> = (a, f, d) => {
  const lay = lying(d, d.after(), a.pieces[0]!);
  const x = lay.half + 26;
  return parts(
    {
      shapes: lay.shapes,
      lines: [
        ...lay.lines,
        ...arrow([x, lay.lengthMm * 0.4], [x, -6], ''),
        ...arrow([x, lay.lengthMm * 0.6], [x, lay.lengthMm + 6], ''),
        ...arrow([-lay.half * 0.3, lay.lengthMm * 0.5], [-lay.half * 0.9, lay.lengthMm * 0.5], ''),
        ...arrow([lay.half * 0.3, lay.lengthMm * 0.5], [lay.half * 0.9, lay.lengthMm * 0.5], '')
      ],
      labels: [...lay.labels, { at: [x + 10, lay.lengthMm / 2 + 4], text: d.say.talk.len(lengthMmOf(d.made, a.pieces[0]!) || f.lengthMm), anchor: 'start' }] // prettier-ignore
    },
    lay.grain
  );
};

export const fix: DrawAct<'fix'> = (a, f, d) => {
  if (a.along && f.rows) {
    // Buttons beside their rows, at the edge in the middle of the body.
    const own = front(d, a.piece);
    const side = a.along.over.side ?? 'low';
    const r = Math.max(4, a.along.buttonMm / 2);
    const spots = f.rows.map((row) => own.at(side, r * 0.6, row));
    return parts({ shapes: [...own.shapes, ...spots.map(([x, y]) => ({ points: circle(x, y, r, 18), yarn: null, title: '' }))], lines: [], labels: f.rows.map((row, i) => ({ at: [spots[i]![0] + (side === 'high' ? -1 : 1) * (r + 8), spots[i]![1] + 4] as const, text: d.say.words.draw.row(row, d.say.talk), anchor: side === 'high' ? ('end' as const) : ('start' as const) })) }, own.grain); // prettier-ignore
  }
  const lay = lying(d, d.before, a.piece, false);
  const spots: Point[] =
    a.what === 'face' || a.what === 'safety-eyes'
      ? [[-lay.half * 0.35, lay.lengthMm * 0.2], [lay.half * 0.35, lay.lengthMm * 0.2]] // prettier-ignore
      : a.row !== undefined
        ? [[0, lay.lengthMm - (f.atMm ?? 0)]]
        : Array.from({ length: f.count }, (_, i): Point => [-lay.half * 0.82, (lay.lengthMm * (i + 0.5)) / f.count]);
  const mouth: SketchLine[] = a.what === 'face' || a.what === 'safety-eyes' ? [{ points: [[-lay.half * 0.2, lay.lengthMm * 0.29], [0, lay.lengthMm * 0.32], [lay.half * 0.2, lay.lengthMm * 0.29]], yarn: yarnAt(d, a.yarn), thickMm: 3 }] : []; // prettier-ignore
  return parts({ shapes: [...lay.shapes, ...spots.map(([x, y]) => ({ points: circle(x, y, lay.half * 0.08, 14), yarn: null, title: '' }))], lines: [...lay.lines, ...mouth], labels: [] }, lay.grain); // prettier-ignore
};
