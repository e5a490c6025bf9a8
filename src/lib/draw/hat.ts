import { through } from './paths';
import type { Yarn } from '$lib/core/kit';
import type { HatOutline, WornBand } from '$lib/core/read';
import { fix, frontArc, type Scene, type Shape, type Texture } from './scene';

/** How much of a circle seen from a little above shows as height. */
const TILT = 0.13;

/** Radius of the dome and depth below its crown, in mm, at an arc distance: half a sphere, then straight down. */
function profile(arcMm: number, radiusMm: number): { r: number; z: number } {
  const angle = arcMm / radiusMm;
  if (angle >= Math.PI / 2) return { r: radiusMm, z: radiusMm + (arcMm - (Math.PI / 2) * radiusMm) };
  return { r: radiusMm * Math.sin(angle), z: radiusMm * (1 - Math.cos(angle)) };
}

/** Steps of a silhouette; enough that no corner shows at any size used. */
const STEPS = 32;

interface Frame {
  readonly scale: number;
  readonly cx: number;
  readonly top: number;
}

/** Outline from the lower edge on the left, over the crown, to the right, down to an arc distance. */
function silhouette(hat: HatOutline, arcMm: number, f: Frame): string {
  const points: [number, number][] = [];
  for (let i = -STEPS; i <= STEPS; i++) {
    const { r, z } = profile((Math.abs(i) / STEPS) * arcMm, hat.radiusMm);
    points.push([f.cx + Math.sign(i) * r * f.scale, f.top + z * f.scale]);
  }
  const { r, z } = profile(arcMm, hat.radiusMm);
  const [rx, y] = [r * f.scale, f.top + z * f.scale];
  return `${through(points)}${frontArc(rx, rx * TILT, f.cx - rx, y, 1)}Z`;
}

function depth(hat: HatOutline): number {
  return profile(hat.arcMm, hat.radiusMm).z;
}

function frame(hat: HatOutline, width: number, height: number, pad: number): Frame {
  const tall = depth(hat) + hat.radiusMm * TILT * 1.1;
  const scale = Math.min((width - 2 * pad) / (2.1 * hat.radiusMm), (height - 2 * pad) / tall);
  return { scale, cx: width / 2, top: pad + (height - 2 * pad - tall * scale) / 2 };
}

/** The hat from outside as it is worn: dome, gathered crown, turned-up brim with the lining showing. */
export function hatScene(
  hat: HatOutline,
  yarns: readonly Yarn[],
  stitches: number,
  width: number,
  height: number
): Scene {
  const f = frame(hat, width, height, 14);
  const rows = 64;
  const textures = yarns.map((yarn, i): Texture => ({
    yarn: i,
    hex: yarn.colour.hex,
    stitchPx: (2 * hat.radiusMm * f.scale) / (stitches / 2),
    rowPx: (depth(hat) * f.scale) / rows,
    originY: f.top
  }));
  const shapes: Shape[] = [];
  // Painted from the lower edge upwards: each band covers what lies above it.
  for (const band of [...hat.outer].reverse()) {
    shapes.push({
      shape: 'path',
      d: silhouette(hat, Math.max(band.toMm, 1), f),
      fill: { knit: band.yarn },
      title: bandTitle(band, yarns)
    });
  }
  const crown = f.top + 2;
  for (let i = -4; i <= 4; i++) {
    const length = 16 - Math.abs(i) * 1.2;
    shapes.push({
      shape: 'path',
      d: `M${fix(f.cx)} ${fix(crown)}q${fix(i * 4)} 2 ${fix(i * 7)} ${fix(length)}`,
      fill: { ink: 'none' },
      stroke: { ink: 'text' },
      width: 1,
      opacity: 0.35
    });
  }
  const rx = hat.radiusMm * f.scale * 1.045;
  const floor = f.top + depth(hat) * f.scale;
  const ry = rx * TILT;
  const brimMm = hat.brim.at(-1)?.toMm ?? 0;
  // The fold is the upper edge of the brim; its rows run downwards from there.
  const top = floor - brimMm * f.scale;
  for (const band of hat.brim) {
    const [a, b] = [top + band.fromMm * f.scale, top + band.toMm * f.scale];
    const d = `M${fix(f.cx - rx)} ${fix(a)}V${fix(b)}${frontArc(rx, ry, f.cx + rx, b)}V${fix(a)}${frontArc(rx, ry, f.cx - rx, a, 1)}Z`;
    shapes.push({ shape: 'path', d, fill: { knit: band.yarn }, title: bandTitle(band, yarns) });
  }
  if (hat.brim.length > 0) {
    const edge = `M${fix(f.cx - rx)} ${fix(top)}${frontArc(rx, ry, f.cx + rx, top)}`;
    shapes.push({ shape: 'path', d: edge, fill: { ink: 'none' }, stroke: { hex: '#00000066' }, width: 2.5 });
  }
  return { width, height, label: wornLabel(hat, yarns), textures, shapes };
}

function bandTitle(band: WornBand, yarns: readonly Yarn[]): string {
  const yarn = yarns[band.yarn]!;
  return `${yarn.colour.name}: ${PLACE_SHORT[band.place] ?? band.place}`;
}

const PLACE_SHORT: Readonly<Record<string, string>> = {
  crown: 'gathered at the crown',
  outside: 'outside',
  'under-brim': 'under the brim',
  'turned-up': 'on the brim',
  lining: 'inside'
};

function wornLabel(hat: HatOutline, yarns: readonly Yarn[]): string {
  const seen = [...hat.outer.filter((b) => b.place === 'outside'), ...hat.brim];
  return `As worn. Seen from outside: ${seen.map((band) => bandTitle(band, yarns)).join(', ')}`;
}

/** The hat cut through its middle: how the layers lie, thickness exaggerated. */
export function cutScene(hat: HatOutline, yarns: readonly Yarn[], width: number, height: number): Scene {
  const thick = Math.max(5, Math.min(width, height) * 0.032);
  const f = frame(hat, width, height, 14 + 2 * thick);
  const shapes: Shape[] = [];
  // One side of the cut: points along a layer, shifted outwards by so many thicknesses.
  const along = (fromMm: number, toMm: number, out: number, side: 1 | -1): string => {
    const points: [number, number][] = [];
    for (let i = 0; i <= STEPS; i++) {
      const arc = fromMm + ((toMm - fromMm) * i) / STEPS;
      const { r, z } = profile(arc, hat.radiusMm);
      const angle = Math.min(arc / hat.radiusMm, Math.PI / 2);
      const x = r * f.scale + Math.sin(angle) * out * thick;
      const y = z * f.scale - Math.cos(angle) * out * thick;
      points.push([f.cx + side * x, f.top + y]);
    }
    return through(points);
  };
  const layer = (bands: readonly WornBand[], out: number, map: (mm: number) => number): void => {
    for (const band of bands) {
      for (const side of [-1, 1] as const) {
        shapes.push({
          shape: 'path',
          d: along(map(band.fromMm), map(band.toMm), out, side),
          fill: { ink: 'none' },
          stroke: { hex: yarns[band.yarn]!.colour.hex },
          width: thick * 0.82,
          title: bandTitle(band, yarns)
        });
      }
    }
  };
  const brimMm = hat.brim.at(-1)?.toMm ?? 0;
  layer(hat.lining, 0, (mm) => hat.arcMm - mm);
  layer(hat.outer, 1, (mm) => mm);
  layer(hat.under, 2, (mm) => hat.arcMm - mm);
  layer(hat.brim, 3, (mm) => hat.arcMm - brimMm + mm);
  // Where the fabric turns: at the lower edge, and at the fold on top of the brim.
  const turns: [number, number, number, WornBand | undefined][] =
    hat.brim.length > 0
      ? [
          [hat.arcMm, 1, 2, hat.under[0]],
          [hat.arcMm, 0, 3, hat.brim.at(-1)],
          [hat.arcMm - brimMm, 2, 3, hat.brim[0]]
        ]
      : [[hat.arcMm, 0, 1, hat.lining[0]]];
  for (const [arc, inner, outer, band] of turns) {
    if (!band) continue;
    for (const side of [-1, 1] as const) {
      const { r, z } = profile(arc, hat.radiusMm);
      const angle = Math.min(arc / hat.radiusMm, Math.PI / 2);
      const point = (out: number) => ({
        x: f.cx + side * (r * f.scale + Math.sin(angle) * out * thick),
        y: f.top + z * f.scale - Math.cos(angle) * out * thick
      });
      const [a, b] = [point(inner), point(outer)];
      const down = arc === hat.arcMm ? 1 : -1;
      const dip = (outer - inner) * thick * 0.6 * down;
      shapes.push({
        shape: 'path',
        d: `M${fix(a.x)} ${fix(a.y)}C${fix(a.x)} ${fix(a.y + dip)} ${fix(b.x)} ${fix(b.y + dip)} ${fix(b.x)} ${fix(b.y)}`,
        fill: { ink: 'none' },
        stroke: { hex: yarns[band.yarn]!.colour.hex },
        width: thick * 0.82
      });
    }
  }
  return {
    width,
    height,
    label: 'Cut through the middle: outer layer, lining inside it, brim turned up',
    textures: [],
    shapes
  };
}
