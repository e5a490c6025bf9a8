import type { RimPart } from '../plan';
import { noted } from '../quantity';
import { edgeSize } from './edge';
import { type Executed, mainGauge } from '../knit';

/** What a garment measures where it meets the body, all read off the fabric, in mm at rest. */
export interface GarmentSizes {
  /** Straight across at the back, the bands taken off. */
  readonly neckMm: number;
  readonly shoulderMm: number;
  readonly armholeMm: number;
  readonly sleeveMm: number | null;
  /** Once round the body at the hem, seams taken off and the bands in front added. */
  readonly roundMm: number;
  readonly frontRows: number;
  readonly backRows: number;
}

/** Length of a rim: its edges, less the stitches that go into seams. */
function rimMm(run: Pick<Executed, 'fabric' | 'gauges' | 'plan'>, parts: readonly RimPart[]): number {
  // A piece the ring refused has no edges; the refusal is said, and what was knitted is measured.
  const knitted = parts.filter(({ edge }) => run.fabric.pieces[edge.piece]);
  return knitted.reduce((sum, { edge, inSeams = 0, times = 1 }) => {
    const inSeam = (10 * inSeams) / mainGauge(run, edge.piece).wales.value;
    return sum + times * Math.max(0, edgeSize(run, edge).mm - inSeam);
  }, 0);
}

/**
 * Measures the neck, shoulder, armhole and sleeve of a garment of panels.
 *
 * @returns null for anything else
 */
export const garmentSizes = (run: Executed): GarmentSizes | null =>
  run.notes.garment ? measured(run.fabric, run.gauges, run.plan, run.notes.garment) : null;

/** Once for the same fabric: judges and figures ask for the same ones. */
const measured = noted(
  (
    fabric: Executed['fabric'],
    gauges: Executed['gauges'],
    plan: Executed['plan'],
    rims: NonNullable<Executed['notes']['garment']>
  ): GarmentSizes => {
    const run = { fabric, gauges, plan };
    const rows = (piece: number): number => {
      const knitted = run.fabric.pieces[piece];
      return knitted ? knitted.work.count : 0;
    };
    return {
      neckMm: Math.max(0, rimMm(run, rims.neck) - 2 * rims.bands.mm),
      shoulderMm: rimMm(run, rims.shoulder),
      armholeMm: rimMm(run, rims.armhole),
      sleeveMm: rims.sleeve && rimMm(run, rims.sleeve),
      // Closed, one band lies on the other.
      roundMm: rimMm(run, rims.round.parts) + (rims.bands.fronts === 'closed' ? 1 : 2) * rims.bands.mm,
      frontRows: rows(rims.front),
      backRows: rows(rims.back)
    };
  }
);
