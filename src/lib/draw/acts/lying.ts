import { isOutside, type Run, type State } from '$lib/core/hand';
import { lengthMmOf, mainYarn } from '$lib/core/knit';
import { grain, halfWidth, layPanel, layRows, pieceAt, type Point, type Sketch, type SketchLabel, type SketchLine, type SketchShape, tubeHalf } from '$lib/core/read'; // prettier-ignore
import type { Edge } from '$lib/core/plan';
import { type Desk, partOf } from './drawing';
import { curl, hairline, moved, sheet } from './pictures';

/** A piece as it lies on the table in a state, and where its edges are. */
export interface Lying {
  readonly shapes: SketchShape[];
  readonly lines: SketchLine[];
  readonly labels: SketchLabel[];
  readonly half: number;
  readonly lengthMm: number;
  /** Height of the edge that hangs doubled because its first row was lifted; 0 where none does. */
  readonly doubledMm: number;
  readonly grain: Pick<Sketch, 'stitchMm' | 'rowMm'>;
  /** Height of a place after so many work rows; the last row lies at the top. */
  readonly yAt: (row: number) => number;
  /** Height of an end of the piece, and the way out from there. */
  readonly endAt: (edge: Edge) => { readonly y: number; readonly way: 1 | -1 };
}

/** Longest a piece is drawn, in widths: a scarf at its true shape would be a thread. */
const LONGEST = 2.2;

/** Height of a strip of waste in a drawing, as a share of the width. */
const WASTE = 0.22;

const standing = (s: State, id: number, edge: 'cast-on' | 'hung-off'): Run[] =>
  s.runs.filter((r) => r.part === id && r.run === edge && !r.cut);

/** How an end of a tube looks: drawn to a point, or straight. */
const endLook = (runs: readonly Run[]): 'open' | 'drawn' | 'straight' =>
  runs.some((r) => r.hold === 'drawn') ? 'drawn' : runs.some((r) => r.hold === 'joined') ? 'straight' : 'open';

/** The last row lies at the top, the cast-on at the foot; or both at the top. */
const endsOf =
  (foot: number): Lying['endAt'] =>
  (edge) =>
    edge === 'cast-on' && foot > 0 ? { y: foot, way: 1 } : { y: 0, way: -1 };

/** What lies at one end: waste, live loops, a thread, a seam, an edge. */
function endMarks(
  runs: readonly Run[],
  y: number,
  half: number,
  out: 1 | -1,
  d: Desk,
  yarn: number
): Pick<Lying, 'shapes' | 'lines' | 'labels'> {
  const shapes: SketchShape[] = [];
  const lines: SketchLine[] = [];
  const labels: SketchLabel[] = [];
  const { words, talk } = d.say;
  const waste = runs.some((r) => r.waste > 0);
  if (waste) {
    const h = half * 2 * WASTE;
    shapes.push(sheet(-half, out < 0 ? y - h : y, 2 * half, h, words.draw.waste(talk), 0.7));
    labels.push({ at: [-half - 10, y + (out * h) / 2 + 4], text: words.draw.waste(talk), anchor: 'end' });
  }
  const [first] = runs;
  if (!first) return { shapes, lines, labels };
  const line = (more: Partial<SketchLine>): void => void lines.push(hairline([[-half, y], [half, y]], more)); // prettier-ignore
  switch (first.hold) {
    case 'open':
    case 'left':
      for (let i = 0; i < 12; i++) {
        const x = -half + (2 * half * (i + 0.5)) / 12;
        lines.push({ points: [[x - half * 0.05, y], [x, y + out * half * 0.12], [x + half * 0.05, y]], yarn, thickMm: 2 }); // prettier-ignore
      }
      break;
    case 'thread':
    case 'gathered':
      lines.push({ points: Array.from({ length: 25 }, (_, i): Point => [-half + (2 * half * i) / 24, y + (i % 2 ? 4 : -4)]), yarn: null, thickMm: 2, strong: true, title: words.draw.parts.thread }); // prettier-ignore
      break;
    case 'joined':
      line({ strong: true, title: words.draw.parts.seam });
      break;
    case 'bound':
      lines.push({ points: Array.from({ length: 25 }, (_, i): Point => [-half + (2 * half * i) / 24, y + out * (i % 2 ? 6 : 1)]), yarn, thickMm: 3 }); // prettier-ignore
      break;
    case 'rehung':
    case 'fold':
      line({ dashed: true });
      break;
    case 'woven':
    case 'wrapped':
      line({});
      break;
    case 'drawn':
    case 'edge':
    case 'rungs':
    case 'sewn':
    case 'run':
      break;
  }
  return { shapes, lines, labels };
}

/** Tails that hang at either end, those inside dashed. */
function tailCurls(s: State, id: number, half: number, lengthMm: number, d: Desk): SketchLine[] {
  const made: SketchLine[] = [];
  // Folded into itself, both ends lie at the top.
  const { form, body } = s.parts[id]!;
  const foot = form === 'lined' ? -26 : lengthMm;
  // Both tails of a tube hang at the line where rows begin, which lies at the left fold.
  const spots = { 'cast-on': [foot, body === 'tube' && form !== 'lined' ? -1 : 1], 'hung-off': [-26, -1] } as const;
  for (const edge of ['cast-on', 'hung-off'] as const) {
    const [y, way] = spots[edge];
    const own = s.tails.filter(
      (t) => t.part === id && t.where.at === edge && (t.fate === 'loose' || t.fate === 'string')
    );
    own.slice(0, 3).forEach((tail, i) => {
      const yarn = d.made.fabric.yarns.indexOf(tail.yarn);
      const line = curl([way * half * (0.9 - i * 0.22), y], way, yarn, d.say.words.draw.parts.tail);
      made.push(isOutside(s.parts[id]!, tail) ? line : { ...line, yarn: null, thickMm: 0, dashed: true });
    });
  }
  return made;
}

/** The purl side is bumps, not columns: short level strokes tell it. */
const bumps = (half: number, lengthMm: number): SketchLine[] =>
  Array.from({ length: 60 }, (_, i) => {
    const [col, row] = [i % 6, Math.floor(i / 6)];
    const x = -half * 0.9 + (half * 1.8 * (col + (row % 2) * 0.5)) / 6;
    const y = lengthMm * (0.04 + (0.92 * row) / 10);
    return hairline([[x, y], [x + half * 0.16, y]], { strong: true }); // prettier-ignore
  });

/** Height of a turned-up brim in a drawing, as a share of the hat. */
const BRIM = 0.24;

/** The turned-up brim: the rows of the inner layer that lie next to the fold, the fold at its upper edge. */
function upturned(
  d: Desk,
  piece: number,
  half: number,
  lengthMm: number,
  count: number,
  firstOut: boolean
): SketchShape[] {
  const fold = Math.floor(count / 2);
  const rows = Math.max(1, Math.round((BRIM * count) / 2));
  return layRows(d.made, piece, {
    origin: [0, lengthMm * (1 - BRIM)],
    lengthMm: lengthMm * BRIM,
    half: () => half * 1.06,
    rows: firstOut ? { from: fold, to: fold + rows } : { from: fold - rows, to: fold },
    lastFirst: !firstOut
  });
}

/** A tube whose first rows hang doubled: the outer half of them below its single rows, the fold at the foot. */
function doubledTube(
  d: Desk,
  s: State,
  piece: number,
  of: {
    readonly half: number;
    readonly lengthMm: number;
    readonly doubledMm: number;
    readonly lifted: number;
    readonly count: number;
    readonly shape: (y: number) => number;
    readonly tails: boolean;
  }
): Lying {
  const { half, lengthMm, doubledMm, lifted, count, shape, tails } = of;
  const { part, id } = partOf(s, piece);
  const rows = pieceAt(d.made, piece).fabric;
  const top = lengthMm - doubledMm;
  const wide = half * 1.05;
  const single = layRows(d.made, piece, {
    origin: [0, 0],
    lengthMm: top,
    half: shape,
    rows: { from: lifted, to: count },
    lastFirst: true
  });
  const edge = layRows(d.made, piece, {
    origin: [0, top],
    lengthMm: doubledMm,
    half: () => wide,
    rows: { from: Math.floor(lifted / 2), to: lifted },
    lastFirst: true
  });
  const yarn = mainYarn(rows);
  const marks = [
    endMarks(standing(s, id, 'hung-off'), 0, half, -1, d, yarn),
    endMarks(standing(s, id, 'cast-on'), top, half * 0.92, 1, d, yarn)
  ];
  const fold = [
    [
      [-wide, top],
      [wide, top]
    ],
    [
      [-wide, lengthMm],
      [wide, lengthMm]
    ]
  ] as const;
  const purl = part?.layers[0]!.face === 'purl';
  const yAt = (row: number): number => {
    if (row > lifted) return top * (1 - (row - lifted) / Math.max(1, count - lifted));
    // Down within as far as the fold, and up again outside.
    const into = row / (lifted / 2);
    return into <= 1 ? top + doubledMm * into : lengthMm - doubledMm * (into - 1);
  };
  return {
    shapes: [...single, ...edge, ...marks.flatMap((m) => m.shapes)],
    lines: [
      ...fold.map((points) => hairline(points, { strong: true })),
      ...marks.flatMap((m) => m.lines),
      // The doubled edge shows its knit side on both faces.
      ...(purl ? bumps(half, top) : []),
      ...(tails ? tailCurls(s, id, half, lengthMm, d) : [])
    ],
    labels: [
      ...marks.flatMap((m) => m.labels),
      { at: [-half - 10, top / 2], text: part ? d.say.words.draw.out[part.layers[0]!.face] : '', anchor: 'end' }
    ],
    half,
    lengthMm,
    doubledMm,
    grain: grain(d.made, piece),
    yAt,
    endAt: (at) => (at === 'cast-on' ? { y: top, way: 1 } : { y: 0, way: -1 })
  };
}

/** A piece as it lies: bands of its rows, its ends as they are, its tails. */
export function lying(d: Desk, s: State, piece: number, tails = true): Lying {
  const { made } = d;
  const { part, id } = partOf(s, piece);
  const size = grain(made, piece);
  if (part && part.body !== 'tube') {
    const lay = layPanel(made, piece);
    const half = Math.max(lay.widthMm, 12) / 2;
    return {
      shapes: moved(lay.shapes, -lay.widthMm / 2, 0),
      lines: tails ? tailCurls(s, id, half, lay.heightMm, d) : [],
      labels: [],
      half,
      lengthMm: lay.heightMm,
      doubledMm: 0,
      grain: size,
      yAt: lay.yAt,
      endAt: endsOf(lay.heightMm)
    };
  }
  const half = Math.max(halfWidth(made, piece), 16);
  const whole = Math.max(lengthMmOf(made, piece), half);
  const lined = part?.form === 'lined';
  const lengthMm = Math.min(lined ? whole / 2 : whole, 2 * half * LONGEST);
  const rows = pieceAt(made, piece).fabric;
  const count = [...rows.purpose].filter((p) => p === 0).length;
  const yarn = mainYarn(rows);
  // Folded into itself, one half shows: its end at the top, the fold at the foot.
  const firstOut = lined && part?.layers[0]!.half === 'first';
  const [top, bottom] = firstOut
    ? [standing(s, id, 'cast-on'), standing(s, id, 'hung-off')]
    : [standing(s, id, 'hung-off'), standing(s, id, 'cast-on')];
  const looks = lined ? (['open', endLook(top)] as const) : ([endLook(bottom), endLook(top)] as const);
  const shape = tubeHalf(half, lengthMm, [looks[1], looks[0]]);
  // The first rows lie doubled: half of them within, their waste on the lifted row at the top of the edge.
  const lifted = rows.doubled[0] ? rows.doubled[0].to - rows.doubled[0].from + 1 : 0;
  const doubledMm = lifted > 0 && !lined ? (lengthMm * lifted) / 2 / (count - lifted / 2) : 0;
  if (doubledMm > 0) return doubledTube(d, s, piece, { half, lengthMm, doubledMm, lifted, count, shape, tails });
  const shapes = layRows(made, piece, {
    origin: [0, 0],
    lengthMm,
    half: shape,
    rows: firstOut ? { from: 0, to: Math.floor(count / 2) } : { from: lined ? Math.floor(count / 2) : 0, to: count },
    lastFirst: !firstOut
  });
  const marks = [endMarks(top, 0, half, -1, d, yarn), ...(lined ? [] : [endMarks(bottom, lengthMm, half, 1, d, yarn)])];
  const yAt = (row: number): number => {
    if (!lined) return lengthMm * (1 - row / Math.max(1, count));
    return lengthMm * (firstOut ? row / (count / 2) : 1 - (row - count / 2) / (count / 2));
  };
  const lines = marks.flatMap((m) => m.lines);
  if (lined) {
    lines.push(hairline([[-half * 0.86, lengthMm], [-half * 0.86, lengthMm * 0.16], [half * 0.86, lengthMm * 0.16], [half * 0.86, lengthMm]], { dashed: true, title: d.say.words.draw.parts.inside })); // prettier-ignore
  }
  if (part?.layers[0]!.face === 'purl') lines.push(...bumps(half, lengthMm));
  if (part?.brim && lined) shapes.push(...upturned(d, piece, half, lengthMm, count, firstOut));
  return {
    shapes: [...shapes, ...marks.flatMap((m) => m.shapes)],
    lines: [...lines, ...(tails ? tailCurls(s, id, half, lengthMm, d) : [])],
    labels: [
      ...marks.flatMap((m) => m.labels),
      { at: [-half - 10, lengthMm / 2], text: part ? d.say.words.draw.out[part.layers[0]!.face] : '', anchor: 'end' }
    ],
    half,
    lengthMm,
    doubledMm: 0,
    grain: size,
    yAt,
    // Folded into itself, both ends lie at the top.
    endAt: endsOf(lined ? 0 : lengthMm)
  };
}

/** A few rows are drawn at least so wide, as a share of the other way. */
const NARROWEST = 0.2;

/** Both layers of a closed tube as it lies lengthwise: a box, its ends left and right, rungs where loops ran down. */
export function lengthwise(d: Desk, s: State, piece: number) {
  const { made } = d;
  const { part } = partOf(s, piece);
  const high = 2 * Math.max(halfWidth(made, piece), 16);
  const along = Math.min(Math.max(lengthMmOf(made, piece), high * NARROWEST), high * 3.4);
  const rows = pieceAt(made, piece).fabric;
  const count = [...rows.purpose].filter((p) => p === 0).length;
  const shapes = layRows(made, piece, { origin: [0, high / 2], turn: 90, lengthMm: along, half: () => high / 2 });
  const lines: SketchLine[] = [];
  if (part && part.ran.length > 0) {
    for (const y of [0, high]) {
      for (let i = 0; i < 40; i++) {
        const x = (along * (i + 0.5)) / 40;
        lines.push(hairline([[x, y - 5], [x, y + 5]], { title: d.say.words.draw.parts.rungs })); // prettier-ignore
      }
    }
  }
  const xAt = (row: number): number => (along * row) / Math.max(1, count);
  return { shapes, lines, high, along, xAt, count, grain: grain(made, piece) };
}
