import type { Clamped } from '../../../plan';
import { type GarmentChoice, SHOULDER_GROUPS } from './options';
import { type ArmLine, steepest, typedArm } from './arm-line';
import { SEAM_STITCH, usable } from '../panel';
import { bandsOf } from './bands';
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
  /** Stitches that go one by one after those held, and where. */
  readonly decreased: number;
  readonly arm: ArmLine;
  /** Single stitches of an armhole that the measures or counts ask for, whatever was typed as its line. */
  readonly singles: number;
  readonly back: Rise;
  readonly front: Rise;
  /** The back goes onto the ring in one. */
  readonly onePiece: boolean;
  /** Stitches a half would have on a ring without end, as typed or as the measures ask. */
  readonly asked: number;
  /** Stitches of a half that the measures ask for, without panels under the arms. */
  readonly needs: number;
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

/**
 * Rows from the underarm that the shaping needs: the single stitches, then the groups of a shoulder, every other row
 * at the
 * same edge. The first group may go where nothing else does, so seven groups take twelve rows.
 */
function leastRise(
  { line, held, groups }: { readonly line: ArmLine; readonly held: number; readonly groups: number },
  rule: Ring['slopes']
): number {
  const single = line.at.at(-1) ?? 0;
  // As older editions had it, where a piece may hang on the machine.
  if (rule === 'longest-first') return Math.max(single + 2, groups > 0 ? 2 * groups + 2 : 0);
  if (groups === 0) return single + 2;
  const first = single > 0 ? single + 2 : held > 0 ? 2 : 0;
  return first + 2 * (groups - 1);
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
  const most = usable(ring, o.mode);
  const own = o.sizeBy === 'counts';
  const bands = bandsOf(o, ring);
  const roundMm = Math.max(0, o.chestMm + o.easeMm - bands.roundMm);
  const needs = Math.max(6, Math.round((roundMm / 4) * wales)) + 2 * SEAM_STITCH;
  const asked = own ? o.halfStitches : needs;
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
  const { held, decreased: singles } = straight ? { held: 0, decreased: 0 } : own ? asTyped() : asMeasured();
  const rows = (mm: number): number => even(rowsFor(ring, mm), 4);
  const typed = (n: number): number => (ring.evenCounts ? even(n, 4) : n);
  const bodyRows = o.sizeBy === 'measures' ? rows(Math.max(20, o.lengthMm - o.armholeMm)) : typed(o.backRows);
  const armRows = o.sizeBy === 'measures' ? rows(o.armholeMm) : Math.min(typed(o.armRows), typed(o.frontArmRows));
  // Below a shoulder that slopes; a row is left for the far edge.
  const lastRow = armRows - (o.shoulders === 'sloped' ? 2 * (own ? o.shoulderGroups : SHOULDER_GROUPS) + 1 : 1);
  // A line that was typed is kept: what it takes is what the top has less.
  const room = Math.max(0, half - held - LEAST_TOP);
  const line =
    straight || !o.armSlope
      ? steepest(singles, o.armMethod)
      : typedArm(o.armSlope, bodyRows, o.armMethod, { stitches: room, lastRow });
  const decreased = line.takes;
  const top = half - held - decreased;
  const byRows = o.sizeBy !== 'measures';
  // Of the neck, too, the centre seam (or the middle of a back in one) takes a stitch from each half.
  const asNeck = Math.min(top - 3, Math.max(1, Math.round(((o.neckMm + bands.neckMm) / 2) * wales) + SEAM_STITCH));
  const shoulder = byRows ? kept.within('shoulderStitches', o.shoulderStitches, 3, top - 1, 'stitches') : top - asNeck;
  const sloped = o.shoulders === 'sloped';
  const groups = own && sloped ? kept.within('shoulderGroups', o.shoulderGroups, 1, shoulder, 'stitches') : SHOULDER_GROUPS; // prettier-ignore
  const least = leastRise(
    { line, held, groups: sloped && (own || ring.slopes === 'spread') ? groups : 0 },
    ring.slopes
  );
  const arm = Math.max(least, rows(o.armholeMm));
  const body = bodyRows;
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
    arm: line,
    singles,
    back: rise(o.backRows, 'armRows'),
    front: rise(o.frontRows, 'frontArmRows'),
    onePiece: 2 * (half - SEAM_STITCH) <= most && side === 0,
    asked,
    needs,
    clamped: kept.clamped
  };
}
