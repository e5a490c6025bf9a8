/**
 * A picture as data: what the screen draws and what the SVG file holds are the same shapes. Lengths are pixels.
 */
export type Ink = 'text' | 'quiet' | 'line' | 'paper' | 'accent' | 'none';

/** A fill is an ink of the theme, the knitted texture of a yarn, or a colour of its own. */
export type Fill = { readonly ink: Ink } | { readonly knit: number } | { readonly hex: string };

export interface PathShape {
  readonly shape: 'path';
  readonly d: string;
  readonly fill: Fill;
  readonly stroke?: Fill;
  readonly width?: number;
  readonly dash?: string;
  readonly opacity?: number;
  /** It shows a movement: on a screen it may flow the way it was drawn. */
  readonly flow?: boolean;
  /** What it is, for a screen reader and for the title on hover. */
  readonly title?: string;
}

export interface TextShape {
  readonly shape: 'text';
  readonly x: number;
  readonly y: number;
  readonly text: string;
  readonly size: number;
  readonly anchor: 'start' | 'middle' | 'end';
  readonly ink: Ink;
  readonly bold?: boolean;
}

export type Shape = PathShape | TextShape;

/** The knitted texture of one yarn at the size its stitches have in this picture. */
export interface Texture {
  readonly yarn: number;
  readonly hex: string;
  readonly stitchPx: number;
  readonly rowPx: number;
  /** Where a row begins, so that stitches line up with the band. */
  readonly originY: number;
}

export interface Scene {
  readonly width: number;
  readonly height: number;
  readonly label: string;
  readonly textures: readonly Texture[];
  readonly shapes: readonly Shape[];
}

/** A plain ellipse arc along the front, as a path piece. Sweep 0 runs below, from left to right. */
export const frontArc = (rx: number, ry: number, toX: number, toY: number, sweep: 0 | 1 = 0): string =>
  `A${fix(rx)} ${fix(ry)} 0 0 ${sweep} ${fix(toX)} ${fix(toY)}`;

/** Two decimals are finer than any screen and keep files small. */
export const fix = (n: number): string => String(Math.round(n * 100) / 100);
