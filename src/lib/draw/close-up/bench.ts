import type { Look } from '$lib/core/read';
import type { Speech } from '$lib/words';
import type { PathShape, Shape, TextShape } from '../scene';
import { fix } from '../scene';

/** What a close-up is drawn with: where every pin stands, and the colours and words of the plan. */
export interface Bench {
  readonly look: Look;
  readonly width: number;
  readonly height: number;
  /** Distance between two pins, px. */
  readonly step: number;
  /** Colours of the yarns, in the order of the fabric. */
  readonly hexes: readonly string[];
  readonly say: Speech;
  /** Middle of a pin; undefined where it is not shown. */
  readonly x: (pin: number) => number | undefined;
  /** How much lower the arc of the ring is there. */
  readonly sag: (x: number) => number;
  /** How far a pin has risen, px. */
  readonly risen: (pin: number) => number;
}

/** Heights as shares of the picture: numbers outside the ring, pins, the rim they stand on, the fabric in the middle. */
export const AT = { number: 0.09, hook: 0.36, loop: 0.5, rim: 0.56, fabric: 0.64, end: 0.86, tail: 0.9 } as const;

/** How far a pin rises, as a share of the picture: half way, and all the way. */
const RISE = { half: 0.08, full: 0.17 } as const;

/** How far the arc sags at its ends, as a share of the picture. */
const SAG = 0.06;
const MARGIN = 34;

export function benchOf(look: Look, width: number, height: number, hexes: readonly string[], say: Speech): Bench {
  const step = (width - 2 * MARGIN) / look.shown.length;
  const place = new Map(look.shown.map((pin, i) => [pin, MARGIN + (i + 0.5) * step]));
  const up = new Map(look.risen.map(({ pin, by }) => [pin, RISE[by] * height]));
  return {
    look,
    width,
    height,
    step,
    hexes,
    say,
    x: (pin) => place.get(pin),
    sag: (x) => SAG * height * ((2 * x) / width - 1) ** 2,
    risen: (pin) => up.get(pin) ?? 0
  };
}

/** Height of a thing at a place along the arc, px. */
export const y = (b: Bench, x: number, share: number): number => share * b.height + b.sag(x);

/** Thickness of a strand, px. */
export const strand = (b: Bench): number => Math.max(3.5, Math.min(7, b.step * 0.12));

/** Colour of a yarn; the cast-on strip has none of its own. */
const hexOf = (b: Bench, yarn: number | null): { hex: string } | { ink: 'quiet' } =>
  yarn === null ? { ink: 'quiet' } : { hex: b.hexes[yarn] ?? '#888888' };

/** A strand of yarn: its colour with a thin edge, so that light yarn stands out on paper and dark yarn by lamp light. */
export function yarnPath(b: Bench, d: string, yarn: number | null, more: Partial<PathShape> = {}): Shape[] {
  const width = strand(b);
  const none = { ink: 'none' } as const;
  const { title, ...rest } = more;
  return [
    { shape: 'path', d, fill: none, stroke: { ink: 'text' }, width: width + 2, ...rest },
    { shape: 'path', d, fill: none, stroke: hexOf(b, yarn), width, ...rest, ...(title === undefined ? {} : { title }) }
  ];
}

/** A plain line. */
export const line = (d: string, more: Partial<PathShape> = {}): PathShape => ({
  shape: 'path',
  d,
  fill: { ink: 'none' },
  stroke: { ink: 'text' },
  width: 2,
  ...more
});

export const text = (x: number, at: number, words: string, more: Partial<TextShape> = {}): TextShape => ({
  shape: 'text',
  x,
  y: at,
  text: words,
  size: 15,
  anchor: 'middle',
  ink: 'text',
  ...more
});

/** A point of a path. */
export const p = (x: number, at: number): string => `${fix(x)} ${fix(at)}`;
