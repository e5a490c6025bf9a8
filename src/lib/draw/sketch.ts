import { through } from './paths';
import type { Yarn } from '$lib/core/kit';
import type { Sketch, SketchLabel, SketchLine, SketchShape } from '$lib/core/read';
import { type Scene, type Shape, type Texture } from './scene';

/** Room round the drawing, px. */
const PAD = 10;

/** Size of the words, px. */
const TEXT = 12;

/** Width of a letter in the text face, px; on the wide side, so that nothing is cut. */
const LETTER = 6.6;

/** Shapes smaller than this are drawn in plain colour: a texture in a dot is noise. */
const PLAIN_BELOW = 16;

interface Box {
  x0: number;
  y0: number;
  x1: number;
  y1: number;
}

function bounds(sketch: Sketch): Box {
  const box: Box = { x0: Infinity, y0: Infinity, x1: -Infinity, y1: -Infinity };
  const add = ([x, y]: readonly [number, number], by = 0): void => {
    box.x0 = Math.min(box.x0, x - by);
    box.x1 = Math.max(box.x1, x + by);
    box.y0 = Math.min(box.y0, y - by);
    box.y1 = Math.max(box.y1, y + by);
  };
  for (const shape of sketch.shapes) for (const point of shape.points) add(point);
  for (const line of sketch.lines) for (const point of line.points) add(point, line.thickMm / 2);
  return Number.isFinite(box.x0) ? box : { x0: 0, y0: 0, x1: 1, y1: 1 };
}

/** How far a label reaches left and right of its point, px. */
function reach(label: SketchLabel): readonly [number, number] {
  const w = label.text.length * LETTER;
  const dx = (label.shift?.[0] ?? 0) * TEXT;
  return label.anchor === 'start' ? [-dx, w + dx] : label.anchor === 'end' ? [w - dx, dx] : [w / 2 - dx, w / 2 + dx];
}

/** Scale and shift that put the drawing with its words into the frame. */
function frame(sketch: Sketch, width: number, height: number) {
  const box = bounds(sketch);
  const [w, h] = [Math.max(box.x1 - box.x0, 1), Math.max(box.y1 - box.y0, 1)];
  let margin = { left: PAD, right: PAD, top: PAD, bottom: PAD };
  let scale = 1;
  // Words keep their size while the drawing shrinks, so two rounds settle how much they stand out.
  for (let round = 0; round < 3; round++) {
    scale = Math.min(
      Math.max(1, width - margin.left - margin.right) / w,
      Math.max(1, height - margin.top - margin.bottom) / h
    );
    const out = { left: 0, right: 0, top: 0, bottom: 0 };
    for (const label of sketch.labels) {
      const [left, right] = reach(label);
      const [x, y] = [(label.at[0] - box.x0) * scale, (label.at[1] - box.y0) * scale + (label.shift?.[1] ?? 0) * TEXT];
      out.left = Math.max(out.left, left - x);
      out.right = Math.max(out.right, x + right - w * scale);
      out.top = Math.max(out.top, TEXT - y);
      out.bottom = Math.max(out.bottom, y + 4 - h * scale);
    }
    margin = { left: PAD + out.left, right: PAD + out.right, top: PAD + out.top, bottom: PAD + out.bottom };
  }
  scale = Math.min(
    Math.max(1, width - margin.left - margin.right) / w,
    Math.max(1, height - margin.top - margin.bottom) / h
  );
  const dx = margin.left + (width - margin.left - margin.right - w * scale) / 2 - box.x0 * scale;
  const dy = margin.top + (height - margin.top - margin.bottom - h * scale) / 2 - box.y0 * scale;
  const needed = h * scale + margin.top + margin.bottom;
  return { needed, scale, px: (x: number) => x * scale + dx, py: (y: number) => y * scale + dy, dy };
}

type Frame = ReturnType<typeof frame>;

const path = (points: readonly (readonly [number, number])[], f: Frame, closed = false): string =>
  through(points.map(([x, y]) => [f.px(x), f.py(y)]), closed); // prettier-ignore

function areaShape(shape: SketchShape, f: Frame, yarns: readonly Yarn[]): Shape {
  const xs = shape.points.map(([x]) => x);
  const small = (Math.max(...xs) - Math.min(...xs)) * f.scale < PLAIN_BELOW;
  const yarn = shape.yarn === null ? undefined : yarns[shape.yarn];
  return {
    shape: 'path',
    d: path(shape.points, f, true),
    fill: yarn ? (small ? { hex: yarn.colour.hex } : { knit: shape.yarn! }) : { ink: 'paper' },
    stroke: yarn ? { hex: '#00000055' } : { ink: 'line' },
    width: yarn ? 0.7 : 1.2,
    title: shape.title,
    ...(shape.solid === undefined || shape.solid >= 1 ? {} : { opacity: shape.solid })
  };
}

function lineShapes(line: SketchLine, f: Frame, yarns: readonly Yarn[]): Shape[] {
  const d = path(line.points, f);
  const yarn = line.yarn === null ? undefined : yarns[line.yarn];
  const titled = line.title === undefined ? {} : { title: line.title };
  if (!yarn) {
    const width = line.thickMm > 0 ? Math.max(2, line.thickMm * f.scale) : line.strong ? 2.2 : 1;
    return [
      {
        shape: 'path',
        d,
        fill: { ink: 'none' },
        stroke: { ink: line.strong ? 'text' : 'quiet' },
        width,
        ...(line.dashed ? { dash: '5 4' } : {}),
        ...titled
      }
    ];
  }
  const width = Math.max(1.8, line.thickMm * f.scale);
  // A dark edge keeps a pale yarn visible on pale paper.
  return [
    { shape: 'path', d, fill: { ink: 'none' }, stroke: { ink: 'line' }, width: width + 1.4 },
    { shape: 'path', d, fill: { ink: 'none' }, stroke: { hex: yarn.colour.hex }, width, ...titled }
  ];
}

/**
 * A sketch of the core as a picture of a size: to scale within itself, words at a size that can be read.
 *
 * @param words whether the labels are drawn; small pictures leave them out
 * @param snug the picture may be lower than asked where the drawing is
 */
export function sketchScene(
  sketch: Sketch,
  yarns: readonly Yarn[],
  width: number,
  most: number,
  words = true,
  snug = false
): Scene {
  const shown = words ? sketch : { ...sketch, labels: [] };
  const height = snug ? Math.min(most, Math.ceil(frame(shown, width, most).needed)) : most;
  const f = frame(shown, width, height);
  const used = new Set(shown.shapes.flatMap((shape) => (shape.yarn === null ? [] : [shape.yarn])));
  const textures = yarns.flatMap((yarn, i): Texture[] =>
    used.has(i)
      ? [
          {
            yarn: i,
            hex: yarn.colour.hex,
            stitchPx: shown.stitchMm * f.scale,
            rowPx: shown.rowMm * f.scale,
            originY: f.dy
          }
        ]
      : []
  );
  return {
    width,
    height,
    label: shown.label,
    textures,
    shapes: [
      ...shown.shapes.map((shape) => areaShape(shape, f, yarns)),
      ...shown.lines.flatMap((line) => lineShapes(line, f, yarns)),
      ...shown.labels.map((label): Shape => ({
        shape: 'text',
        x: f.px(label.at[0]) + (label.shift?.[0] ?? 0) * TEXT,
        y: f.py(label.at[1]) + (label.shift?.[1] ?? 0) * TEXT,
        text: label.text,
        size: TEXT,
        anchor: label.anchor,
        ink: 'text'
      }))
    ]
  };
}
