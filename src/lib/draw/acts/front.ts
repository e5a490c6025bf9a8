import { grain, layPanel, type PanelLay, type Point, type SketchLine, type SketchShape } from '$lib/core/read';
import type { Desk } from './drawing';

/** A panel as it is looked at: its knit side up, so that its low pins are at the right (craft 1.1). */
export interface Front {
  readonly lay: PanelLay;
  readonly shapes: SketchShape[];
  readonly grain: ReturnType<typeof grain>;
  /** A point so far in from the edge of one side, above a work row. */
  readonly at: (side: 'low' | 'high', inMm: number, row: number) => Point;
}

/** Lays a panel out with its knit side up. */
export function front(d: Desk, piece: number): Front {
  const lay = layPanel(d.made, piece);
  const flip = ([x, y]: Point): Point => [lay.widthMm - x, y];
  return {
    lay,
    shapes: lay.shapes.map((shape) => ({ ...shape, points: shape.points.map(flip) })),
    grain: grain(d.made, piece),
    at: (side, inMm, row) => [side === 'high' ? inMm : lay.widthMm - inMm, lay.yAt(row + 1)]
  };
}

/** The four sides of a rectangle from its lower left corner, as heavy lines. */
export const outlined = ([x, y]: Point, wide: number, high: number): SketchLine => ({
  points: [
    [x, y - high],
    [x, y],
    [x + wide, y],
    [x + wide, y - high]
  ],
  yarn: null,
  thickMm: 3,
  strong: true
});
