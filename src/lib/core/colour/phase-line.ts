import { type Lab, labDifference, labOfRgb } from '../kit/colour';

/** How a yarn lies on the line its colours are read along. */
export const LAID = ['wraps', 'cake-out', 'cake-in'] as const;
/** Wrapped on a card or laid out straight; a cake from its hole to its rim; a cake from its rim to its hole. */
export type Laid = (typeof LAID)[number];

/** One phase read off a line. */
export interface ReadPhase {
  readonly hex: string;
  readonly metres: number;
}

/** Red, green and blue, 0 to 255. */
export type Rgb = readonly [number, number, number];

/** Colours nearer than this are one phase: dye and shadow vary by as much (CIEDE2000; own estimate, no source). */
const ONE_PHASE = 14;

/** Stretches shorter than this share of the line are no phase but a shadow, a knot or a blend (own estimate, no source). */
const SHORTEST = 0.02;

interface Stretch {
  readonly from: number;
  readonly to: number;
  readonly sum: Rgb;
}

const mean = ({ from, to, sum }: Stretch): Rgb => sum.map((c) => c / (to - from)) as unknown as Rgb;
const labOfStretch = (s: Stretch): Lab => labOfRgb(mean(s));
const joined = (a: Stretch, b: Stretch): Stretch => ({
  from: a.from,
  to: b.to,
  sum: [a.sum[0] + b.sum[0], a.sum[1] + b.sum[1], a.sum[2] + b.sum[2]]
});

/**
 * Joins neighbours, the two that are most alike first, each difference weighed by the shorter of both, until all that are left
 * differ plainly and none is a mere blend.
 */
function stretches(line: readonly Rgb[]): Stretch[] {
  let parts = line.map((rgb, i): Stretch => ({ from: i, to: i + 1, sum: rgb }));
  const least = Math.max(1, Math.round(SHORTEST * line.length));
  const apart = (a: Stretch, b: Stretch): { difference: number; cost: number } => {
    const difference = labDifference(labOfStretch(a), labOfStretch(b));
    return { difference, cost: difference * Math.sqrt(Math.min(a.to - a.from, b.to - b.from)) };
  };
  let gaps = parts.slice(1).map((part, i) => apart(parts[i]!, part));
  const isShort = (s: Stretch): boolean => s.to - s.from < least;
  for (;;) {
    // The cheapest join of all that may be joined: alike colours, or a stretch too short to be a phase.
    let best = -1;
    gaps.forEach((gap, i) => {
      const may = gap.difference < ONE_PHASE || isShort(parts[i]!) || isShort(parts[i + 1]!);
      if (may && (best < 0 || gap.cost < gaps[best]!.cost)) best = i;
    });
    if (best < 0) return parts;
    const one = joined(parts[best]!, parts[best + 1]!);
    parts = [...parts.slice(0, best), one, ...parts.slice(best + 2)];
    gaps = [
      ...gaps.slice(0, Math.max(0, best - 1)),
      ...(best > 0 ? [apart(parts[best - 1]!, one)] : []),
      ...(best + 1 < parts.length ? [apart(one, parts[best + 1]!)] : []),
      ...gaps.slice(best + 2)
    ];
  }
}

/** The hole of a cake as a share of its width. */
const MOST_HOLE = 0.9;

/**
 * The phases of a yarn from the colours along a line across it. On a cake a ring further out holds more yarn than one of the
 * same width further in: lengths go by the square of the distance from the middle. Metres are shared out, none is lost.
 *
 * @param line colours at equal steps, from where the yarn begins
 * @param metres of yarn along the whole line
 * @param hole share of the cake's width that its hole takes, 0 to 0.9; no matter for wraps
 * @returns phases in the order they come; their metres add up to those given
 * @throws RangeError where there is no colour or no yarn
 * @example phasesAlong([[90, 40, 20], [90, 40, 20], [20, 60, 90], [20, 60, 90]], 'wraps', 40).length // 2
 */
export function phasesAlong(line: readonly Rgb[], laid: Laid, metres: number, hole = 0): ReadPhase[] {
  if (line.length === 0) throw new RangeError('the line must cross the yarn; received no colours');
  if (!(metres > 0)) throw new RangeError(`metres must be above 0; received ${metres}`);
  const inner = Math.min(MOST_HOLE, Math.max(0, hole));
  const area = (share: number): number => {
    const r = inner + (1 - inner) * share;
    return (r * r - inner * inner) / (1 - inner * inner);
  };
  /** Share of the yarn before a place on the line. */
  const before = (share: number): number =>
    laid === 'wraps' ? share : laid === 'cake-out' ? area(share) : 1 - area(1 - share);
  return stretches(line).map((s) => ({
    hex: `#${mean(s).map((c) => Math.round(c).toString(16).padStart(2, '0')).join('')}`, // prettier-ignore
    metres: metres * (before(s.to / line.length) - before(s.from / line.length))
  }));
}
