import { extent } from 'd3-array';
import { scaleLinear, scaleTime } from 'd3-scale';
import { type Compared, offBy, within } from '$lib/core/log';
import type { Scene, Shape } from '../scene';

import { disc, through } from '../paths';
import { below, grid, MARGIN, type Room } from './chart';

/** A figure of one finished piece on its day. */
export interface OffPoint extends Compared {
  readonly name: string;
  readonly at: Date;
}

/** What a chart says of its data, by those who word it. */
export interface OffWords {
  readonly label: string;
  readonly percent: (n: number) => string;
  readonly day: (at: Date) => string;
  readonly point: (point: OffPoint) => string;
}

/** How far every figure came from its plan, piece by piece: a bar for the range that was planned, a dot for what came out. */
export function offPlanScene(points: readonly OffPoint[], { width, height }: Room, words: OffWords): Scene {
  const known = points.filter((p) => p.planned > 0);
  const [first, last] = extent(known, (p) => p.at.getTime());
  const span = [first ?? 0, last ?? 0] as const;
  const share = (p: OffPoint, mm: number): number => 100 * (mm / p.planned - 1);
  const [low, high] = extent(known.flatMap((p) => [share(p, p.low), share(p, p.high), 100 * offBy(p)!]));
  const x = scaleTime(span[0] === span[1] ? [span[0] - 1, span[1] + 1] : span, [
    MARGIN.left + 16,
    width - MARGIN.right - 16
  ]);
  const y = scaleLinear([Math.min(-5, low ?? 0), Math.max(5, high ?? 0)], [height - MARGIN.bottom, MARGIN.top]).nice();
  const shapes: Shape[] = grid(y, width - MARGIN.right, words.percent);
  for (const p of known) {
    const at = x(p.at);
    shapes.push({ shape: 'path', d: through([[at, y(share(p, p.low))], [at, y(share(p, p.high))]]), fill: { ink: 'none' }, stroke: { ink: 'quiet' }, width: 5, opacity: 0.35 }); // prettier-ignore
  }
  for (const p of known) {
    // Where no range was kept nobody can say that it lies outside.
    const inside = p.low === p.high || within(p);
    shapes.push({ shape: 'path', d: disc(x(p.at), y(100 * offBy(p)!), 5), fill: inside ? { ink: 'text' } : { ink: 'accent' }, stroke: { ink: 'text' }, width: 1.5, title: words.point(p) }); // prettier-ignore
  }
  if (known.length > 0) {
    shapes.push(below(x(span[0]), height, words.day(new Date(span[0])), span[0] === span[1] ? 'middle' : 'start'));
    if (span[0] !== span[1]) shapes.push(below(x(span[1]), height, words.day(new Date(span[1])), 'end'));
  }
  return { width, height, label: words.label, textures: [], shapes };
}
