import { extent, group } from 'd3-array';
import { scaleLinear, scaleTime } from 'd3-scale';
import type { Scene, Shape } from '../scene';

import { disc, through } from '../paths';
import { below, fixed, grid, LETTERS, MARGIN, type Room } from './chart';

/** What a swatch or a piece said of the rows of one article. */
export interface GaugePoint {
  readonly article: string;
  readonly hex: string;
  readonly at: Date;
  readonly perCm: number;
  readonly title: string;
}

/** Pixels that two days need beside each other. */
const TWO_DAYS = 180;

/** Room on the right for the names of the articles. */
const NAMES = 120;

/** Rows to a cm over time, a line for each article, its name at its end. */
export function gaugeScene(
  points: readonly GaugePoint[],
  { width, height }: Room,
  words: { readonly label: string; readonly day: (at: Date) => string }
): Scene {
  const [first = 0, last = 0] = extent(points, (p) => p.at.getTime());
  const right = width - NAMES;
  const x = scaleTime(first === last ? [first - 1, last + 1] : [first, last], [MARGIN.left + 8, right - 8]);
  const [low = 1, high = 3] = extent(points, (p) => p.perCm);
  const y = scaleLinear([low - 0.1, high + 0.1], [height - MARGIN.bottom, MARGIN.top]).nice();
  const shapes: Shape[] = grid(y, right, (n) => n.toFixed(2), 5);
  const ends: { y: number; text: string }[] = [];
  for (const [article, own] of group(points, (p) => p.article)) {
    const line = [...own].sort((a, b) => a.at.getTime() - b.at.getTime());
    const d = through(line.map((p) => [x(p.at), y(p.perCm)]));
    if (line.length > 1) shapes.push({ shape: 'path', d, fill: { ink: 'none' }, stroke: { ink: 'quiet' }, width: 1.5 }); // prettier-ignore
    for (const p of line) shapes.push({ shape: 'path', d: disc(x(p.at), y(p.perCm), 5), fill: { hex: p.hex }, stroke: { ink: 'text' }, width: 1.5, title: p.title }); // prettier-ignore
    ends.push({ y: y(line.at(-1)!.perCm), text: article });
  }
  // Names that would lie on each other give way downwards.
  let free = 0;
  for (const end of ends.sort((a, b) => a.y - b.y)) {
    const at = Math.max(end.y, free);
    free = at + LETTERS + 3;
    shapes.push({ shape: 'text', x: right + 2, y: fixed(at + 4), text: end.text.length > 19 ? `${end.text.slice(0, 18)}…` : end.text, size: LETTERS, anchor: 'start', ink: 'text' }); // prettier-ignore
  }
  if (points.length > 0) {
    // Two days are written only where there is room for both.
    const room = x(last) - x(first) > TWO_DAYS;
    if (room || first === last) shapes.push(below(x(first), height, words.day(new Date(first)), 'start'));
    if (first !== last) shapes.push(below(x(last), height, words.day(new Date(last)), 'end'));
  }
  return { width, height, label: words.label, textures: [], shapes };
}
