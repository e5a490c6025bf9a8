import type { GarmentChoice } from './options';
import { SEAM_STITCH, usable } from '../panel';
import { even, type Ring, rowsFor } from '../tube';

/** Groups a sloped shoulder is held in (craft 8: several stitches every other row). */
export const SHOULDER_GROUPS = 3;

/** Rows of a piece: from the hem to the underarm, and on to the shoulder. */
export interface Rise {
  readonly body: number;
  readonly arm: number;
}

/** All rows of a piece. */
export const riseOf = (rows: Rise): number => rows.body + rows.arm;

/** All counts of a garment, whole stitches and whole rows. */
export interface Counts {
  /** Stitches of a half back or front, at the hem. */
  readonly half: number;
  /** Stitches of a side panel; 0 when the halves reach round. */
  readonly side: number;
  /** Panels under each arm; 0 when the halves reach round. */
  readonly sides: number;
  /** Stitches once round with so many panels under each arm, as many as the ring can. */
  readonly most: (sides: number) => number;
  readonly shoulder: number;
  readonly neck: number;
  readonly held: number;
  readonly decreased: number;
  readonly back: Rise;
  readonly front: Rise;
  /** The back goes onto the ring in one. */
  readonly onePiece: boolean;
  /** Stitches a half would have on a ring without end. */
  readonly asked: number;
}

/**
 * Whole stitches and rows from the measures, or from the counts where the knitter gave those.
 *
 * @param ring with the gauge of the yarn on it
 */
export function countsOf(o: GarmentChoice, ring: Ring): Counts {
  const wales = ring.gauge.wales.value / 10;
  const most = usable(ring.machine, o.mode);
  const quarter = Math.max(6, Math.round(((o.chestMm + o.easeMm) / 4) * wales));
  const asked = quarter + 2 * SEAM_STITCH;
  // What the ring cannot give goes into side panels under each arm, as many as were chosen.
  const half = Math.min(asked, most);
  const sides = asked > half ? o.sidePanels : 0;
  const net = (stitches: number): number => stitches - 2 * SEAM_STITCH;
  const side = sides > 0 ? Math.min(most, Math.ceil((2 * (asked - half)) / sides) + 2 * SEAM_STITCH) : 0;
  const across = Math.max(4, Math.round((o.crossBackMm / 2) * wales) + SEAM_STITCH);
  const top = o.armholes === 'straight' ? half : Math.min(half, across);
  const byRows = o.sizeBy === 'rows';
  // Of the neck, too, the centre seam (or the middle of a back in one) takes a stitch from each half.
  const asNeck = Math.min(top - 3, Math.max(1, Math.round((o.neckMm / 2) * wales) + SEAM_STITCH));
  const shoulder = byRows ? Math.max(3, Math.min(top - 1, o.shoulderStitches)) : top - asNeck;
  const neck = top - shoulder;
  const away = half - top;
  const held = away >= 3 ? Math.ceil(away / 2) : 0;
  const decreased = away - held;
  const rows = (mm: number): number => even(rowsFor(ring, mm), 4);
  const least = 2 * decreased + 2;
  const arm = Math.max(least, rows(o.armholeMm));
  const body = rows(Math.max(20, o.lengthMm - o.armholeMm));
  return {
    half,
    side,
    sides,
    most: (panels) => 4 * net(half) + 2 * panels * net(most),
    shoulder,
    neck,
    held,
    decreased,
    back: byRows ? { body: even(o.backRows, 4), arm: Math.max(least, even(o.armRows, 4)) } : { body, arm },
    front: byRows ? { body: even(o.frontRows, 4), arm: Math.max(least, even(o.frontArmRows, 4)) } : { body, arm },
    onePiece: 2 * (half - SEAM_STITCH) <= most && side === 0,
    asked
  };
}
