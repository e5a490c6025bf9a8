import { shownOnly } from '$lib/core/kit/text';
import { type Fill, fix, type Ink, type Scene, type Shape } from '$lib/draw/scene';
import { tileOf } from '$lib/draw/texture';

/** Inks on white paper. */
const PAPER: Readonly<Record<Ink, string>> = {
  text: '#12302f',
  quiet: '#5b6d6c',
  line: '#9db1ae',
  paper: '#ffffff',
  accent: '#c98a12',
  none: 'none'
};

const escape = (text: string): string =>
  shownOnly(text).replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c] ?? c);

const paint = (fill: Fill): string =>
  'ink' in fill ? PAPER[fill.ink] : 'hex' in fill ? fill.hex : `url(#knit-${fill.knit})`;

function shapeSvg(shape: Shape): string {
  if (shape.shape === 'text') {
    const weight = shape.bold ? ' font-weight="700"' : '';
    return `<text x="${fix(shape.x)}" y="${fix(shape.y)}" font-size="${shape.size}" text-anchor="${shape.anchor}" fill="${PAPER[shape.ink]}"${weight}>${escape(shape.text)}</text>`;
  }
  const stroke = shape.stroke ? ` stroke="${paint(shape.stroke)}" stroke-width="${shape.width ?? 1}"` : '';
  const dash = shape.dash ? ` stroke-dasharray="${shape.dash}"` : '';
  const opacity = shape.opacity === undefined ? '' : ` opacity="${shape.opacity}"`;
  const title = shape.title ? `<title>${escape(shape.title)}</title>` : '';
  return `<path d="${shape.d}" fill="${paint(shape.fill)}"${stroke}${dash}${opacity}>${title}</path>`;
}

/**
 * A scene as a standalone SVG file, the same shapes the screen draws.
 *
 * @example sceneSvg(scene).startsWith('<svg') // true
 */
export function sceneSvg(scene: Scene): string {
  const patterns = scene.textures.map((texture) => {
    const tile = tileOf(texture);
    const strokes = tile.strokes
      .map((s) => `<path d="${s.d}" stroke="${s.colour}" stroke-width="${fix(s.width)}" fill="none"/>`)
      .join('');
    return `<pattern id="knit-${texture.yarn}" width="${tile.width}" height="${tile.height}" y="${texture.originY}" patternUnits="userSpaceOnUse"><rect width="${tile.width}" height="${tile.height}" fill="${tile.ground}"/>${strokes}</pattern>`;
  });
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${scene.width} ${scene.height}" width="${scene.width}" height="${scene.height}" font-family="sans-serif" role="img">`,
    `<title>${escape(scene.label)}</title>`,
    `<defs>${patterns.join('')}</defs>`,
    ...scene.shapes.map(shapeSvg),
    '</svg>\n'
  ].join('\n');
}
