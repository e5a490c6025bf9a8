/** A place on a picture, as shares of its width and height. */
export interface Spot {
  readonly x: number;
  readonly y: number;
}

type Rgb = [number, number, number];

/** How far to either side of the line is looked, as a share of the shorter side: the shadows between stitches even out. */
const BROAD = 0.02;

/**
 * Colours of a picture at equal steps along a line, each the mean of a short stroke across it.
 *
 * @param data red, green, blue and opacity of every pixel, 0 to 255
 * @param steps how many colours
 * @returns red, green and blue of each step, from one end to the other
 * @example lineOf(data, 100, 80, { x: 0.1, y: 0.5 }, { x: 0.9, y: 0.5 }, 200).length // 200
 */
export function lineOf(
  data: Uint8ClampedArray,
  width: number,
  height: number,
  from: Spot,
  to: Spot,
  steps: number
): Rgb[] {
  const [dx, dy] = [(to.x - from.x) * width, (to.y - from.y) * height];
  const long = Math.hypot(dx, dy) || 1;
  const half = Math.max(1, Math.round((BROAD * Math.min(width, height)) / 2));
  return Array.from({ length: steps }, (_, i): Rgb => {
    const share = (i + 0.5) / steps;
    const [cx, cy] = [from.x * width + dx * share, from.y * height + dy * share];
    const sum: Rgb = [0, 0, 0];
    let seen = 0;
    for (let off = -half; off <= half; off++) {
      // Which pixel the place lies in; the very edge belongs to the last one.
      const [px, py] = [cx - (dy / long) * off, cy + (dx / long) * off];
      if (px < 0 || py < 0 || px > width || py > height) continue;
      const x = Math.min(width - 1, Math.floor(px));
      const y = Math.min(height - 1, Math.floor(py));
      const at = 4 * (y * width + x);
      for (const k of [0, 1, 2] as const) sum[k] += data[at + k]!;
      seen += 1;
    }
    return seen ? [sum[0] / seen, sum[1] / seen, sum[2] / seen] : sum;
  });
}
