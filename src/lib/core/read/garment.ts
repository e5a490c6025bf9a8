import type { RimPart } from '../plan';
import { edgeSize } from './edge';
import { type Executed, mainGauge, rowRuns, workSpan } from '../knit';

/** What a garment measures where it meets the body, all read off the fabric, in mm at rest. */
export interface GarmentSizes {
  readonly neckMm: number;
  readonly shoulderMm: number;
  readonly armholeMm: number;
  readonly sleeveMm: number | null;
  /** Once round the body at the hem, seams taken off. */
  readonly roundMm: number;
  readonly frontRows: number;
  readonly backRows: number;
}

/** Length of a rim: its edges, less the stitches that go into seams. */
export function rimMm(run: Executed, parts: readonly RimPart[]): number {
  return parts.reduce((sum, { edge, inSeams = 0, times = 1 }) => {
    const inSeam = (10 * inSeams) / mainGauge(run, edge.piece).wales.value;
    return sum + times * Math.max(0, edgeSize(run, edge).mm - inSeam);
  }, 0);
}

/** Measured already in one execution: its gauges are made anew with every one. Judges and figures ask for the same ones. */
const measured = new WeakMap<Executed['gauges'], GarmentSizes>();

/**
 * Measures the neck, shoulder, armhole and sleeve of a garment of panels.
 *
 * @returns null for anything else
 */
export function garmentSizes(run: Executed): GarmentSizes | null {
  const rims = run.notes.garment;
  if (!rims) return null;
  const known = measured.get(run.gauges);
  if (known) return known;
  const rows = (piece: number): number => workSpan(rowRuns(run.fabric.pieces[piece]!)).count;
  const sizes: GarmentSizes = {
    neckMm: rimMm(run, rims.neck),
    shoulderMm: rimMm(run, rims.shoulder),
    armholeMm: rimMm(run, rims.armhole),
    sleeveMm: rims.sleeve && rimMm(run, rims.sleeve),
    roundMm: rimMm(run, rims.round.parts),
    frontRows: rows(rims.front),
    backRows: rows(rims.back)
  };
  measured.set(run.gauges, sizes);
  return sizes;
}
