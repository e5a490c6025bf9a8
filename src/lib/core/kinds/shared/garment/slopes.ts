import { type ShapingEvent, type Slope, trySlope } from '../../../plan';
import { even, type Ring, rowsFor } from '../tube';
import { type Counts, type Rise, riseOf } from './counts';
import type { GarmentChoice } from './options';

/** Whole groups of a shoulder, the larger ones first. */
function groupsOf({ shoulder, groups }: Pick<Counts, 'shoulder' | 'groups'>): number[] {
  const each = Math.floor(shoulder / groups);
  return Array.from({ length: groups }, (_, i) => each + (i < shoulder - each * groups ? 1 : 0)).filter((n) => n > 0);
}

/** How many groups a shoulder is held in. */
export const shoulderGroups = (c: Pick<Counts, 'shoulder' | 'groups'>): number => groupsOf(c).length;

/**
 * The last row at whose end the yarn stands at the armhole: with an odd number of rows from the underarm to the shoulder it is
 * the one before the last.
 */
export const lastAtArm = (rows: Rise): number => riseOf(rows) - (rows.arm % 2);

/** Underarm and shoulder of the low edge; on the high edge all of it comes one row later, when the yarn is there. */
export function armEvents(
  c: Counts,
  rows: Rise,
  sloped: boolean,
  side: 'low' | 'high',
  later: { readonly underarm: 0 | 1; readonly shoulder: 0 | 1 }
) {
  const events: ShapingEvent[] = [];
  if (c.held > 0) events.push({ row: rows.body + later.underarm, op: { op: 'hold', side, stitches: c.held } });
  for (let i = 1; i <= c.decreased; i++) {
    events.push({ row: rows.body + 2 * i, op: { op: 'decrease', side, stitches: 1, method: 'full-fashioned' } });
  }
  if (!sloped) return events;
  const groups = groupsOf(c);
  const end = lastAtArm(rows);
  groups.forEach((stitches, i) => {
    events.push({ row: end - 2 * (groups.length - 1 - i) + later.shoulder, op: { op: 'hold', side, stitches } });
  });
  return events;
}

/** The V of a front: how deep it was asked, whether that comes out, and the slope that is knitted. */
export interface Neck {
  readonly depth: number;
  readonly tried: ReturnType<typeof trySlope>;
  readonly slope: Slope | null;
  /** Rows of the front before the slope begins. */
  readonly from: number;
}

/** The neck of a front: decreases at the centre edge up to the shoulder. */
export function neckOf(o: GarmentChoice, c: Counts, ring: Ring): Neck {
  const all = riseOf(c.front);
  const depth = Math.min(all - 2, even(rowsFor(ring, o.neckDepthMm)));
  const tried = trySlope(c.neck, depth);
  // The V begins where the yarn then stands at the centre edge: an odd rise asks for an odd depth.
  const wish = Math.max(depth, 2 * c.neck);
  const odd = (c.front.arm - wish) % 2 !== 0;
  const whole = !odd ? wish : wish - 1 >= 2 * c.neck ? wish - 1 : wish + 1;
  const used = whole <= all ? trySlope(c.neck, whole) : null;
  const slope = used?.ok ? used.slope : null;
  return { depth, tried, slope, from: slope ? all - whole : all };
}
