import type { Clamped } from '../../../plan';
import { type GarmentChoice, SHOULDER_GROUPS } from './options';
import { SEAM_STITCH, usable } from '../panel';
import { even, type Ring, rowsFor } from '../tube';

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
  /** Groups a sloped shoulder is held in. */
  readonly groups: number;
  readonly neck: number;
  readonly held: number;
  readonly decreased: number;
  readonly back: Rise;
  readonly front: Rise;
  /** The back goes onto the ring in one. */
  readonly onePiece: boolean;
  /** Stitches a half would have on a ring without end. */
  readonly asked: number;
  /** What was typed and cannot be knitted as it stands. */
  readonly clamped: readonly Clamped[];
}

/** Counts as they were typed, made possible, with what had to give way. */
class Kept {
  readonly clamped: Clamped[] = [];

  /** A typed count within its room. */
  within(option: string, asked: number, least: number, most: number, of: Clamped['of']): number {
    const given = Math.max(least, Math.min(most, asked));
    if (given !== asked)
      this.clamped.push({ piece: 0, option, asked, given, of, why: given > asked ? 'needs' : 'room' });
    return given;
  }
}

/** Stitches of halves and of the panels under the arms: what the ring cannot give goes into those. */
function widths(o: GarmentChoice, asked: number, most: number, kept: Kept) {
  if (o.sizeBy === 'counts') {
    const half = Math.min(o.halfStitches, most);
    const sides = o.sideStitches > 0 ? o.sidePanels : 0;
    return { half, sides, side: sides > 0 ? kept.within('sideStitches', o.sideStitches, 2 * SEAM_STITCH + 1, most, 'stitches') : 0 }; // prettier-ignore
  }
  const half = Math.min(asked, most);
  const sides = asked > half ? o.sidePanels : 0;
  return { half, sides, side: sides > 0 ? Math.min(most, Math.ceil((2 * (asked - half)) / sides) + 2 * SEAM_STITCH) : 0 }; // prettier-ignore
}

/** Fewest stitches of half a back above the armhole: a shoulder and one of the neck. */
const LEAST_TOP = 4;

/**
 * Whole stitches and rows from the measures, or from the counts where the knitter gave those.
 *
 * @param ring with the gauge of the yarn on it
 */
export function countsOf(o: GarmentChoice, ring: Ring): Counts {
  const kept = new Kept();
  const wales = ring.gauge.wales.value / 10;
  const most = usable(ring.machine, o.mode);
  const own = o.sizeBy === 'counts';
  const asked = own ? o.halfStitches : Math.max(6, Math.round(((o.chestMm + o.easeMm) / 4) * wales)) + 2 * SEAM_STITCH;
  const { half, side, sides } = widths(o, asked, most, kept);
  const across = Math.max(LEAST_TOP, Math.round((o.crossBackMm / 2) * wales) + SEAM_STITCH);
  const straight = o.armholes === 'straight';
  // Held at once first, then the single ones: what is left is the top.
  const asTyped = () => {
    const heldMost = Math.max(0, half - LEAST_TOP);
    const held = kept.within('heldStitches', o.heldStitches, 0, heldMost, 'stitches');
    return { held, decreased: kept.within('singles', o.singles, 0, heldMost - held, 'stitches') };
  };
  const asMeasured = () => {
    const away = half - Math.min(half, across);
    const held = away >= 3 ? Math.ceil(away / 2) : 0;
    return { held, decreased: away - held };
  };
  const { held, decreased } = straight ? { held: 0, decreased: 0 } : own ? asTyped() : asMeasured();
  const top = half - held - decreased;
  const byRows = o.sizeBy !== 'measures';
  // Of the neck, too, the centre seam (or the middle of a back in one) takes a stitch from each half.
  const asNeck = Math.min(top - 3, Math.max(1, Math.round((o.neckMm / 2) * wales) + SEAM_STITCH));
  const shoulder = byRows ? kept.within('shoulderStitches', o.shoulderStitches, 3, top - 1, 'stitches') : top - asNeck;
  const sloped = o.shoulders === 'sloped';
  const groups = own && sloped ? kept.within('shoulderGroups', o.shoulderGroups, 1, shoulder, 'stitches') : SHOULDER_GROUPS; // prettier-ignore
  const rows = (mm: number): number => even(rowsFor(ring, mm), 4);
  const typed = (n: number): number => (ring.evenCounts ? even(n, 4) : n);
  const least = Math.max(2 * decreased + 2, own && sloped ? 2 * groups + 2 : 0);
  const arm = Math.max(least, rows(o.armholeMm));
  const body = rows(Math.max(20, o.lengthMm - o.armholeMm));
  const rise = (bodyRows: number, option: 'armRows' | 'frontArmRows'): Rise =>
    byRows
      ? { body: typed(bodyRows), arm: kept.within(option, typed(o[option]), least, Infinity, 'rows') }
      : { body, arm };
  return {
    half,
    side,
    sides,
    most: (panels) => 4 * (half - 2 * SEAM_STITCH) + 2 * panels * (most - 2 * SEAM_STITCH),
    shoulder,
    groups,
    neck: top - shoulder,
    held,
    decreased,
    back: rise(o.backRows, 'armRows'),
    front: rise(o.frontRows, 'frontArmRows'),
    onePiece: 2 * (half - SEAM_STITCH) <= most && side === 0,
    asked,
    clamped: kept.clamped
  };
}
