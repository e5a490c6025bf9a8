import quantize from 'quantize';

/** Pixels more transparent than this are no part of the picture. */
const CLEAR = 128;

const hexOf = (rgb: readonly number[]): string =>
  `#${rgb.map((c) => Math.round(c).toString(16).padStart(2, '0')).join('')}`;

/**
 * The main colours of a picture by median cut, the commonest first.
 *
 * @param data red, green, blue and opacity of every pixel, 0 to 255
 * @param count colours at most
 * @example paletteOf(new Uint8ClampedArray([255, 0, 0, 255, 255, 0, 0, 255]), 3) // ['#ff0000']
 */
export function paletteOf(data: Uint8ClampedArray, count: number): string[] {
  const pixels: [number, number, number][] = [];
  const seen = new Map<string, number>();
  for (let i = 0; i + 3 < data.length; i += 4) {
    if (data[i + 3]! < CLEAR) continue;
    const pixel: [number, number, number] = [data[i]!, data[i + 1]!, data[i + 2]!];
    pixels.push(pixel);
    seen.set(hexOf(pixel), (seen.get(hexOf(pixel)) ?? 0) + 1);
  }
  if (pixels.length === 0) return [];
  // So few colours need no cutting.
  if (seen.size <= count) return [...seen].sort((a, b) => b[1] - a[1]).map(([hex]) => hex);
  const map = quantize(pixels, Math.max(2, count));
  if (!map) return [];
  // The mean of what fell into a box, not its middle: the middle of a box at the edge lies outside of all colours.
  const boxes = new Map<string, { pixels: number; sum: [number, number, number] }>();
  for (const pixel of pixels) {
    const name = map.map(pixel).join();
    const box = boxes.get(name) ?? { pixels: 0, sum: [0, 0, 0] };
    boxes.set(name, { pixels: box.pixels + 1, sum: [box.sum[0] + pixel[0], box.sum[1] + pixel[1], box.sum[2] + pixel[2]] }); // prettier-ignore
  }
  const found = [...boxes.values()].sort((a, b) => b.pixels - a.pixels);
  return found.slice(0, count).map(({ pixels: n, sum }) => hexOf(sum.map((c) => c / n)));
}
