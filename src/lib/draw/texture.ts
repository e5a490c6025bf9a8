import { formatHex, interpolate, modeOklab, modeRgb, useMode } from 'culori/fn';
import { remembered } from '$lib/core/quantity/remembered';
import type { Texture } from './scene';

useMode(modeRgb);
useMode(modeOklab);

/** Below this height a row is too thin to show its stitches; it is drawn as a line. */
const SMALLEST_STITCH = 2.4;

/** Shade and light of a colour: the tiles of one yarn differ in size alone. */
const tintsOf = remembered((hex: string) => ({
  shade: towards(hex, '#000000', 0.34),
  light: towards(hex, '#ffffff', 0.16)
}));

/** A colour mixed towards black or white, for the shade and the light of a thread. */
function towards(hex: string, to: '#000000' | '#ffffff', share: number): string {
  return formatHex(interpolate([hex, to], 'oklab')(share)) ?? hex;
}

/** One stroke of a texture. */
interface Stroke {
  readonly d: string;
  readonly colour: string;
  readonly width: number;
}

/** The tile that repeats over a band: one stitch wide, one row high, with the legs of the stitch as strokes. */
export interface Tile {
  readonly width: number;
  readonly height: number;
  readonly ground: string;
  readonly strokes: readonly Stroke[];
}

/** Draws one stitch of a yarn: two legs leaning together, shaded below and lit above. */
export function tileOf(texture: Texture): Tile {
  const { stitchPx: w, rowPx: h, hex } = texture;
  const { shade, light } = tintsOf(hex);
  if (h < SMALLEST_STITCH || w < SMALLEST_STITCH) {
    const line: Stroke = { d: `M0 ${h}H${w}`, colour: shade, width: Math.max(0.3, h * 0.25) };
    return { width: w, height: h, ground: hex, strokes: [line] };
  }
  const leg = (x0: number, x1: number): string =>
    `M${x0 * w} ${-0.25 * h}L${x1 * w} ${0.8 * h}M${x0 * w} ${0.75 * h}L${x1 * w} ${1.8 * h}`;
  const thick = Math.min(w * 0.36, h * 0.75);
  return {
    width: w,
    height: h,
    ground: shade,
    strokes: [
      { d: leg(0.12, 0.42) + leg(0.88, 0.58), colour: hex, width: thick },
      { d: leg(0.16, 0.4) + leg(0.84, 0.6), colour: light, width: thick * 0.28 }
    ]
  };
}
