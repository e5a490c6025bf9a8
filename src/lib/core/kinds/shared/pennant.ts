import {
  castOn,
  chainOff,
  type Clamped,
  type Operation,
  shapedRows,
  type Slope,
  slopeEvents,
  trySlope,
  yarnAfter
} from '../../plan';
import { type PanelMode, pinsFor, stitchesFor, usable } from './panel';
import { begun, even, type Ring, rowsFor } from './tube';

/** Stitches left at the point of a pennant: two are chained into one. */
const POINT = 2;

/** A pennant as a panel decreased evenly at both edges down to a point. */
export interface PennantShape {
  readonly pins: { readonly from: number; readonly to: number };
  readonly operations: readonly Operation[];
  readonly slope: Slope;
  readonly asked: number;
  readonly given: number;
  readonly stitches: number;
  readonly rows: number;
  /** Rows asked for; its decreases may need more. */
  readonly askedRows: number;
  readonly widthMm: number;
  readonly heightMm: number;
}

/** How big a pennant is to be: by its measures, or by counts that were typed. */
export type PennantSize =
  { readonly widthMm: number; readonly heightMm: number } | { readonly stitches: number; readonly rows: number };

/**
 * What could not be given as it was asked: an odd width, or too few rows for its decreases.
 *
 * @param at piece, and the options that asked: for stitches only where they were typed, for a height or for rows
 */
export function pennantClamped(
  shape: PennantShape,
  at: { piece: number; stitches: string | null; rows: string }
): Clamped[] {
  const { piece } = at;
  const odd = at.stitches !== null && shape.given % 2 !== 0 && shape.asked <= shape.given;
  return [
    ...(odd ? [{ piece, option: at.stitches!, asked: shape.given, given: shape.stitches, of: 'stitches', why: 'even' } as const] : []), // prettier-ignore
    ...(shape.askedRows < shape.rows ? [{ piece, option: at.rows, asked: shape.askedRows, given: shape.rows, of: 'rows', why: 'needs' } as const] : []) // prettier-ignore
  ];
}

/** Works a pennant out: an even width, so that both edges lose alike, and at least the rows that its decreases need. */
export function pennantShape(ring: Ring, size: PennantSize, mode: PanelMode): PennantShape {
  const counted = 'stitches' in size;
  const { asked, given } = counted
    ? { asked: size.stitches, given: Math.min(size.stitches, usable(ring, mode)) }
    : stitchesFor(ring, size.widthMm, mode);
  const stitches = Math.max(4, 2 * Math.floor(given / 2));
  const each = (stitches - POINT) / 2;
  const askedRows = counted ? size.rows : even(rowsFor(ring, size.heightMm));
  const rows = Math.max(askedRows, 2 * each + 2);
  // The far edge comes a row later, so the last row is left for it.
  const tried = trySlope(each, rows - 1, ring.slopes);
  if (!tried.ok) throw new RangeError(`a pennant of ${stitches} stitches needs ${2 * each} rows; received ${rows}`);
  const { slope } = tried;
  // Below four stitches nothing can be fashioned: the last one at each edge goes simply.
  const last = slope.at.length - 1;
  const events = (['low', 'high'] as const).flatMap((side) =>
    slopeEvents(slope, side, 0).map((event, i) =>
      i === last && event.op.op === 'decrease' ? { ...event, op: { ...event.op, method: 'simple' as const } } : event
    )
  );
  const yarn = ring.yarn.id;
  const before = begun(ring, [castOn(yarn, 'e-wrap')]);
  return {
    pins: pinsFor(ring.machine, mode, stitches),
    operations: [
      ...before,
      ...shapedRows('Pennant', yarn, rows, events, yarnAfter(before)),
      chainOff(yarn, (10 * POINT) / ring.gauge.wales.value)
    ],
    slope,
    asked,
    given,
    stitches,
    rows,
    askedRows,
    widthMm: (10 * stitches) / ring.gauge.wales.value,
    heightMm: (10 * rows) / ring.gauge.courses.value
  };
}
