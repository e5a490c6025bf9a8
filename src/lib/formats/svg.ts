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

/** Text for XML and HTML, without letters that neither may hold. */
export const escapeXml = (text: string): string =>
  shownOnly(text).replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c] ?? c);

const paint = (fill: Fill, prefix: string): string =>
  'ink' in fill ? PAPER[fill.ink] : 'hex' in fill ? fill.hex : `url(#${prefix}knit-${fill.knit})`;

function shapeSvg(shape: Shape, prefix: string): string {
  if (shape.shape === 'text') {
    const weight = shape.bold ? ' font-weight="700"' : '';
    return `<text x="${fix(shape.x)}" y="${fix(shape.y)}" font-size="${shape.size}" text-anchor="${shape.anchor}" fill="${PAPER[shape.ink]}"${weight}>${escapeXml(shape.text)}</text>`;
  }
  const stroke = shape.stroke ? ` stroke="${paint(shape.stroke, prefix)}" stroke-width="${shape.width ?? 1}"` : '';
  const dash = shape.dash ? ` stroke-dasharray="${shape.dash}"` : '';
  const opacity = shape.opacity === undefined ? '' : ` opacity="${shape.opacity}"`;
  const title = shape.title ? `<title>${escapeXml(shape.title)}</title>` : '';
  return `<path d="${shape.d}" fill="${paint(shape.fill, prefix)}"${stroke}${dash}${opacity}>${title}</path>`;
}

/** How a picture is set where it does not stand alone. */
interface SvgSetting {
  /** The font of its letters. */
  readonly font?: string;
  /** Begins the names of its patterns: one page may hold many pictures. */
  readonly prefix?: string;
}

/**
 * A scene as a standalone SVG file, the same shapes the screen draws.
 *
 * @example sceneSvg(scene).startsWith('<svg') // true
 */
export function sceneSvg(scene: Scene, { font = 'sans-serif', prefix = '' }: SvgSetting = {}): string {
  const patterns = scene.textures.map((texture) => {
    const tile = tileOf(texture);
    const strokes = tile.strokes
      .map((s) => `<path d="${s.d}" stroke="${s.colour}" stroke-width="${fix(s.width)}" fill="none"/>`)
      .join('');
    return `<pattern id="${prefix}knit-${texture.yarn}" width="${tile.width}" height="${tile.height}" y="${texture.originY}" patternUnits="userSpaceOnUse"><rect width="${tile.width}" height="${tile.height}" fill="${tile.ground}"/>${strokes}</pattern>`;
  });
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${scene.width} ${scene.height}" width="${scene.width}" height="${scene.height}" font-family="${font}" role="img">`,
    `<title>${escapeXml(scene.label)}</title>`,
    `<defs>${patterns.join('')}</defs>`,
    ...scene.shapes.map((shape) => shapeSvg(shape, prefix)),
    '</svg>\n'
  ].join('\n');
}
