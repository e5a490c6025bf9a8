import {
  type EdgeMethod,
  type FittedSlope,
  type ShapingEvent,
  type Slope,
  slopeEvents,
  takesEach,
  trySlope,
  typedSlope
} from '../../../plan';
import { even, type Ring, rowsFor } from '../tube';
import { type Counts, type Rise, riseOf } from './counts';
import type { GarmentChoice } from './options';

/** Whole groups of a shoulder, the larger ones first. @example groupsOf({ shoulder: 17, groups: 3 }) // [6, 6, 5] */
export function groupsOf({ shoulder, groups }: Pick<Counts, 'shoulder' | 'groups'>): number[] {
  const each = Math.floor(shoulder / groups);
  return Array.from({ length: groups }, (_, i) => each + (i < shoulder - each * groups ? 1 : 0)).filter((n) => n > 0);
}

/** How many groups a shoulder is held in. */
export const shoulderGroups = (c: Pick<Counts, 'shoulder' | 'groups'>): number => groupsOf(c).length;

/**
 * The last row at whose end the yarn stands at the armhole: with an odd number of rows from the underarm to the
 * shoulder it is
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
  // At the far edge all comes a row later: nothing may fall on the last row.
  const at = c.arm.at.filter((row) => row < rows.arm);
  events.push(...slopeEvents({ at }, side, rows.body, c.arm.method, c.arm.takes));
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
  /** What was asked for, where it is spread evenly; null for a typed line. */
  readonly tried: ReturnType<typeof trySlope> | null;
  /** A line as it was typed; null where it is spread evenly. */
  readonly typed: FittedSlope | null;
  /** Rows of the work after which it happens; null where nothing is shaped. */
  readonly slope: Slope | null;
  readonly method: EdgeMethod;
  /** Stitches that go, and the row after which the V begins. */
  readonly takes: number;
  readonly from: number;
}

/** Stitches of a shoulder that a typed V leaves at least. */
const LEAST_SHOULDER = 3;

/** A slope with its rows counted from the hem. */
const fromHem = (slope: Slope, row: number): Slope => ({ ...slope, at: slope.at.map((at) => at + row) });

/**
 * The neck of a front: decreases at the centre edge up to the shoulder.
 *
 * @param sloped the back's shoulder is held in groups
 */
export function neckOf(o: GarmentChoice, c: Counts, ring: Ring, sloped: boolean): Neck {
  const all = riseOf(c.front);
  const method = o.neckMethod;
  const each = takesEach(method);
  const times = Math.ceil(c.neck / each);
  if (o.neckSlope) {
    // Three stitches of the shoulder stay, all of one that is held in groups on the back; and nothing falls after the
    // last row at the centre edge.
    const room = sloped ? c.neck : c.shoulder + c.neck - LEAST_SHOULDER;
    const most = Math.floor(room / each);
    const typed = typedSlope(o.neckSlope, all - 1, most);
    const takes = each * typed.slope.stitches;
    return { depth: all - o.neckSlope.from, tried: null, typed, slope: typed.slope, method, takes, from: o.neckSlope.from }; // prettier-ignore
  }
  const byRow = o.neckBy === 'row';
  const depth = byRow ? Math.max(0, all - o.neckRow) : Math.min(all - 2, even(rowsFor(ring, o.neckDepthMm)));
  const tried = trySlope(times, depth, ring.slopes);
  const none = { depth, tried, typed: null, slope: null, method, takes: 0, from: all } as const;
  // The yarn stands at the centre edge after every row that is odd from the underarm: from the other rows all comes a
  // row later.
  if (byRow) {
    const late = (o.neckRow - c.front.body) % 2 === 0 ? 1 : 0;
    const used = trySlope(times, depth - late, ring.slopes);
    return used.ok ? { ...none, slope: fromHem(used.slope, o.neckRow + late), takes: c.neck, from: o.neckRow } : none;
  }
  // The V begins where the yarn then stands at the centre edge: an odd rise asks for an odd depth.
  const wish = Math.max(depth, 2 * times);
  const odd = (c.front.arm - wish) % 2 !== 0;
  const whole = !odd ? wish : wish - 1 >= 2 * times ? wish - 1 : wish + 1;
  const used = whole <= all ? trySlope(times, whole, ring.slopes) : null;
  if (!used?.ok) return none;
  return { ...none, slope: fromHem(used.slope, all - whole - 1), takes: c.neck, from: all - whole - 1 };
}
