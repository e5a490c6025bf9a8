import { type ShapingEvent, type Slope, trySlope } from '../../../plan';
import { even, type Ring, rowsFor } from '../tube';
import { type Counts, type Rise, riseOf, SHOULDER_GROUPS } from './counts';
import type { GarmentChoice } from './options';

/** Whole groups of a shoulder, the larger ones first. */
function groupsOf(shoulder: number): number[] {
  const each = Math.floor(shoulder / SHOULDER_GROUPS);
  return Array.from({ length: SHOULDER_GROUPS }, (_, i) => each + (i < shoulder - each * SHOULDER_GROUPS ? 1 : 0)).filter((n) => n > 0); // prettier-ignore
}

/** How many groups a shoulder of so many stitches is held in. */
export const shoulderGroups = (shoulder: number): number => groupsOf(shoulder).length;

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
  const groups = groupsOf(c.shoulder);
  const end = riseOf(rows);
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
  const used = tried.ok ? tried : trySlope(c.neck, Math.min(all, 2 * c.neck));
  const slope = used.ok ? used.slope : null;
  return { depth, tried, slope, from: slope ? all - Math.max(depth, 2 * c.neck) : all };
}
