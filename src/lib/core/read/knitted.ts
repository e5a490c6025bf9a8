import type { Yarn } from '../kit';
import { type Counted, countedRow, tensionOfFeed } from '../knit';
import { trackOf, workCount } from './track';

/** How a plan differs from what hangs on the machine, at the first row where it does. */
export interface Departure {
  readonly what: 'machine' | 'pins' | 'shape' | 'piece' | 'yarn' | 'tension' | 'shorter';
  /** The row over all pieces, waste and all, from 1. */
  readonly row: number;
  /** The same row as hands count it in its piece. */
  readonly counted: Counted;
  /** Rows of the work that are knitted, and those the plan would have in all. */
  readonly done: number;
  readonly planned: number;
  /** Id of the machine it hangs on. */
  readonly machineId: string;
  /** Ids of the yarn the row is knitted in and of the one the plan would say; null where they are the same. */
  readonly yarns: { readonly knitted: string; readonly planned: string } | null;
}

type Planned = Parameters<typeof trackOf>[0] & { readonly yarns: readonly Yarn[] };

/** Hole and fingers of a row of a piece. */
function tightness({ fabric }: Planned, p: number, row: number): string {
  const piece = fabric.pieces[p]!;
  const { hole, fingers } = tensionOfFeed(piece, piece.feed[row]!, fabric.yarns.length);
  return `${hole} ${fingers}`;
}

/**
 * Whether a changed plan still is what was knitted so far: the same pins of the same machine, and in every knitted row the same
 * yarn, as tight, over the same stitches. What hangs on the machine cannot be knitted anew by changing a plan.
 *
 * @param before the plan as it was knitted
 * @param rows cranked so far, over all pieces
 * @returns the first row that differs, or null
 * @example departure(plan, changed, 41)?.what // 'machine'
 */
export function departure(before: Planned, after: Planned, rows: number): Departure | null {
  const [was, is] = [trackOf(before), trackOf(after)];
  for (const [i, leg] of was.legs.entries()) {
    if (leg.offset >= rows) break;
    const knitted = before.fabric.pieces[leg.piece]!;
    const from = (what: Departure['what'], r: number, yarns: Departure['yarns'] = null): Departure => ({
      what,
      row: leg.offset + r + 1,
      counted: countedRow(knitted, r + 1),
      done: workCount(was, rows),
      machineId: before.plan.pieces[leg.piece]!.machineId,
      planned: is.workRows,
      yarns
    });
    const now = is.legs[i];
    if (!now) return from('piece', 0);
    const planned = after.fabric.pieces[now.piece]!;
    const [own, other] = [before.plan.pieces[leg.piece]!, after.plan.pieces[now.piece]!];
    if (own.machineId !== other.machineId) return from('machine', 0);
    if (own.from !== other.from || own.to !== other.to || own.mode !== other.mode || knitted.pins !== planned.pins)
      return from('pins', 0);
    for (let r = 0; r < Math.min(leg.rows, rows - leg.offset); r++) {
      if (r >= planned.rows) return from('shorter', r);
      const [a, b] = [before.yarns[knitted.yarn[r]!]!.id, after.yarns[planned.yarn[r]!]!.id];
      if (a !== b) return from('yarn', r, { knitted: a, planned: b });
      if (tightness(before, leg.piece, r) !== tightness(after, now.piece, r)) return from('tension', r);
      if (knitted.low[r] !== planned.low[r] || knitted.high[r] !== planned.high[r] || knitted.purpose[r] !== planned.purpose[r]) return from('shape', r); // prettier-ignore
    }
  }
  return null;
}
