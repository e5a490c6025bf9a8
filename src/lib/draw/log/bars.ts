import { max } from 'd3-array';
import { scaleBand, scaleLinear } from 'd3-scale';
import type { Fill, Scene, Shape } from '../scene';
import { box } from '../paths';
import { below, fixed, grid, LETTERS, MARGIN, type Room } from './chart';

/** A bar that stands. */
export interface Upright {
  readonly label: string;
  readonly value: number;
  readonly title: string;
}

/** Widest a bar is; few of them stand slim on the left. */
const WIDEST = 44;

/** Bars beside one another, such as the rows of weeks; names stand below as far as there is room. */
export function uprightScene(bars: readonly Upright[], { width, height }: Room, label: string): Scene {
  const right = Math.min(width - MARGIN.right, MARGIN.left + bars.length * WIDEST);
  const x = scaleBand([...bars.keys()], [MARGIN.left, right]).padding(0.2);
  const y = scaleLinear([0, max(bars, (b) => b.value) ?? 1], [height - MARGIN.bottom, MARGIN.top]).nice();
  const every = Math.max(1, Math.ceil((bars.length * 52) / Math.max(1, right - MARGIN.left)));
  const shapes: Shape[] = grid(y, width - MARGIN.right, (n) => String(n), 4);
  bars.forEach(({ value, title }, i) => {
    if (value > 0) shapes.push({ shape: 'path', d: box(x(i)!, y(value), x.bandwidth(), y(0) - y(value)), fill: { ink: 'text' }, opacity: 0.85, title }); // prettier-ignore
  });
  bars.forEach((b, i) => {
    if (i % every === 0) shapes.push(below(x(i)! + x.bandwidth() / 2, height, b.label));
  });
  return { width, height, label, textures: [], shapes };
}

/** A bar that lies, in several parts. */
export interface Lying {
  readonly label: string;
  /** What stands behind it, such as "42 g". */
  readonly said: string;
  readonly parts: readonly { readonly value: number; readonly fill: Fill; readonly title: string }[];
}

const LINE = 26;
/** Share of the width that names take, and room for what stands behind a bar. */
const NAMES = 0.36;
const SAID = 64;

/** Letters that fit into so many pixels; the rest is left to the title. */
const fitting = (text: string, px: number): string => {
  const most = Math.floor(px / (LETTERS * 0.52));
  return text.length > most ? `${text.slice(0, Math.max(1, most - 1))}…` : text;
};

/** Bars below one another with their names, such as grams of yarns: as high as there are bars. */
export function lyingScene(bars: readonly Lying[], width: number, label: string): Scene {
  const from = width * NAMES;
  const sum = (b: Lying): number => b.parts.reduce((all, part) => all + part.value, 0);
  const x = scaleLinear([0, max(bars, sum) ?? 1], [from, width - SAID]);
  const shapes: Shape[] = bars.flatMap((b, i) => {
    const y = i * LINE + 4;
    let done = 0;
    const parts = b.parts.flatMap(({ value, fill, title }): Shape[] => {
      const at = x(done);
      done += value;
      return value > 0 ? [{ shape: 'path', d: box(at, y, x(done) - at, LINE - 8), fill, stroke: { ink: 'text' }, width: 1, title }] : []; // prettier-ignore
    });
    return [
      { shape: 'text', x: fixed(from - 8), y: y + 14, text: fitting(b.label, from - 10), size: LETTERS, anchor: 'end', ink: 'text' }, // prettier-ignore
      ...parts,
      { shape: 'text', x: fixed(x(done) + 6), y: y + 14, text: b.said, size: LETTERS, anchor: 'start', ink: 'text' } // prettier-ignore
    ];
  });
  return { width, height: Math.max(1, bars.length) * LINE + 8, label, textures: [], shapes };
}
