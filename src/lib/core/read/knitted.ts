import type { Yarn } from '../kit';
import { trackOf } from './track';

/** How a plan differs from what hangs on the machine, at the first row where it does. */
export type Departure =
  | { readonly what: 'machine' | 'pins' | 'shape' | 'piece'; readonly row: number }
  | { readonly what: 'yarn'; readonly row: number; readonly knitted: string; readonly planned: string }
  | { readonly what: 'shorter'; readonly row: number; readonly rows: number };

type Planned = Parameters<typeof trackOf>[0] & { readonly yarns: readonly Yarn[] };

/**
 * Whether a changed plan still is what was knitted so far: the same pins of the same machine, and in every knitted row the same
 * yarn over the same stitches. What hangs on the machine cannot be knitted anew by changing a plan.
 *
 * @param before the plan as it was knitted
 * @param rows cranked so far, over all pieces
 * @returns the first row that differs, counted over all pieces from 1, or null
 * @example departure(plan, changed, 41)?.what // 'machine'
 */
export function departure(before: Planned, after: Planned, rows: number): Departure | null {
  const [was, is] = [trackOf(before), trackOf(after)];
  for (const [i, leg] of was.legs.entries()) {
    if (leg.offset >= rows) break;
    const now = is.legs[i];
    const at = leg.offset + 1;
    if (!now) return { what: 'piece', row: at };
    const [knitted, planned] = [before.fabric.pieces[leg.piece]!, after.fabric.pieces[now.piece]!];
    const [own, other] = [before.plan.pieces[leg.piece]!, after.plan.pieces[now.piece]!];
    if (own.machineId !== other.machineId) return { what: 'machine', row: at };
    if (own.from !== other.from || own.to !== other.to || own.mode !== other.mode || knitted.pins !== planned.pins)
      return { what: 'pins', row: at };
    const done = Math.min(leg.rows, rows - leg.offset);
    for (let r = 0; r < done; r++) {
      const row = leg.offset + r + 1;
      if (r >= planned.rows) return { what: 'shorter', row, rows: is.rows };
      const [a, b] = [before.yarns[knitted.yarn[r]!]!.id, after.yarns[planned.yarn[r]!]!.id];
      if (a !== b) return { what: 'yarn', row, knitted: a, planned: b };
      if (knitted.low[r] !== planned.low[r] || knitted.high[r] !== planned.high[r] || knitted.purpose[r] !== planned.purpose[r]) return { what: 'shape', row }; // prettier-ignore
    }
  }
  return null;
}
