import type { Figure } from '../quantity';
import { about } from '../quantity';
import { garmentSizes } from './garment';
import type { Made } from '../hand';
import type { Sizes } from './size';
import type { NamedFigure } from './worn';
import type { YarnUse } from './yarn-use';

/** What measures are read from. */
interface Readable extends Made {
  readonly sizes: Sizes;
  readonly yarnUse: readonly YarnUse[];
}

/** Where a garment is measured that has no figure of its own. */
type GarmentPlace = 'neck' | 'shoulder' | 'armhole' | 'sleeve';

/** One thing that can be measured on a finished piece, with what the plan says of it. */
export type Measurable = { readonly code: string; readonly planned: Figure } & (
  | { readonly of: 'length' | 'width'; readonly piece: number }
  | { readonly of: 'finished'; readonly named: NamedFigure }
  | { readonly of: 'garment'; readonly place: GarmentPlace }
  | { readonly of: 'weight' }
);

/** More pieces than that are not measured one by one: a blanket is one thing. */
const MOST_PIECES = 8;

/** Waste comes off again; all other yarn stays in the piece. */
const COMES_OFF = 'waste rows';

/** Grams of the finished piece: its yarn without the waste. */
function weightOf({ yarnUse }: Pick<Readable, 'yarnUse'>): Figure | null {
  const stays = yarnUse.map((use) => {
    const kept = use.parts.reduce((sum, part) => sum + (part.what === COMES_OFF ? 0 : part.metres), 0);
    return { use, share: use.metres.value > 0 ? kept / use.metres.value : 0 };
  });
  const sum = (of: (figure: Figure) => number): number =>
    stays.reduce((all, { use, share }) => all + of(use.grams) * share, 0);
  const value = sum((f) => f.value);
  const [first] = yarnUse;
  if (!first || value < 0.5) return null;
  return { ...first.grams, value, low: sum((f) => f.low), high: sum((f) => f.high) };
}

/** The measures of a garment, as wide as its gauge is sure. */
function garmentMeasures(run: Readable): Measurable[] {
  const sizes = garmentSizes(run);
  const width = run.sizes.pieces[0]?.girthMm;
  if (!sizes || !width) return [];
  const spread = (width.high - width.low) / 2 / Math.max(1, width.value);
  const places: readonly [GarmentPlace, number | null][] = [
    ['neck', sizes.neckMm],
    ['shoulder', sizes.shoulderMm],
    ['armhole', sizes.armholeMm],
    ['sleeve', sizes.sleeveMm]
  ];
  return places.flatMap(([place, mm]) =>
    mm ? [{ code: place, of: 'garment', place, planned: about(mm, spread, 'mm', width.basis, width.because) }] : []
  );
}

/**
 * Everything that can be measured on a finished piece with a tape and a scale: each of its pieces, what the finished thing
 * measures, where a garment meets the body, and what it weighs. What is stretch or area is worked out and not measured.
 *
 * @example measurablesOf(hat).map((m) => m.code) // ['p0.length', 'p0.width', 'flat-brim-down', 'flat-brim-up', …, 'grams']
 */
export function measurablesOf(run: Readable): Measurable[] {
  const found: Measurable[] = [];
  if (run.sizes.pieces.length <= MOST_PIECES) {
    run.sizes.pieces.forEach((size, piece) => {
      if (size.rows === 0) return;
      found.push({ code: `p${piece}.length`, of: 'length', piece, planned: size.lengthMm });
      found.push({ code: `p${piece}.width`, of: 'width', piece, planned: size.flatWidthMm });
    });
  }
  for (const named of run.sizes.finished) {
    // What was chosen is no result.
    if (named.figure.unit === 'mm' && named.figure.basis !== 'chosen')
      found.push({ code: named.code, of: 'finished', named, planned: named.figure });
  }
  found.push(...garmentMeasures(run));
  const weight = weightOf(run);
  if (weight) found.push({ code: 'grams', of: 'weight', planned: weight });
  return found;
}
