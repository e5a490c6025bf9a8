import { through } from '../paths';
import type { ScaleLinear } from 'd3-scale';
import type { Shape } from '../scene';

/** Room of a chart. */
export interface Room {
  readonly width: number;
  readonly height: number;
}

/** Room around the field of a chart: for the numbers beside it and below. */
export const MARGIN = { left: 52, right: 14, top: 14, bottom: 30 } as const;

export const LETTERS = 12;

/** Lines across with their numbers, the zero line stronger. */
export function grid(y: ScaleLinear<number, number>, right: number, say: (n: number) => string, count = 5): Shape[] {
  return y.ticks(count).flatMap((tick): Shape[] => [
    { shape: 'path', d: through([[MARGIN.left, y(tick)], [right, y(tick)]]), fill: { ink: 'none' }, stroke: { ink: 'line' }, width: tick === 0 ? 1.5 : 0.6 }, // prettier-ignore
    { shape: 'text', x: MARGIN.left - 6, y: fixed(y(tick) + 4), text: say(tick), size: LETTERS, anchor: 'end', ink: 'quiet' } // prettier-ignore
  ]);
}

/** A word below the field. */
export const below = (x: number, height: number, text: string, anchor: 'start' | 'middle' | 'end' = 'middle'): Shape => ({ shape: 'text', x: fixed(x), y: height - 10, text, size: LETTERS, anchor, ink: 'quiet' }); // prettier-ignore

export const fixed = (n: number): number => Math.round(n * 100) / 100;
