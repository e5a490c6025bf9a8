import { withJoinsTied } from './kinds/shared/hands';
import { joinBy } from './join-by';
import type { CrankFault } from './knit';
import type { Act, Brief, Plan } from './plan';

/** What making up has to mend first, of what went wrong at the crank; what went wrong in waste goes with it. */
function mendingActs(plan: Plan, faults: readonly CrankFault[]): Act[] {
  const seen = new Set<string>();
  return faults.flatMap(({ kind, piece, copy, pin, row }): Act[] => {
    const key = `${piece} ${copy} ${pin} ${row}`;
    if (kind !== 'dropped' || seen.has(key)) return [];
    seen.add(key);
    return inWork(plan, piece, row) ? [{ do: 'latchUp', piece, copy, pin, row }] : [];
  });
}

/** Whether a row of a piece is one of its work, by the operations. */
function inWork(plan: Plan, piece: number, row: number): boolean {
  let last = 0;
  const knitted = plan.pieces[piece]?.operations.find((op) => op.op === 'knit' && (last += op.rows) >= row);
  return knitted?.op === 'knit' && knitted.purpose === 'work';
}

/**
 * The acts with the tails of new balls tied: once the piece was stretched, where the plan ties no joins of it anyway.
 */
function withBallsTied(plan: Plan, brief: Brief, faults: readonly CrankFault[]): readonly Act[] {
  const inside = (piece: number, row: number): boolean => inWork(plan, piece, row) && inWork(plan, piece, row + 1);
  const pieces = new Set(faults.flatMap((f) => (f.kind === 'new-ball' && inside(f.piece, f.row) ? [f.piece] : [])));
  return [...pieces].reduce<readonly Act[]>((acts, piece) => {
    return withJoinsTied(acts, piece, plan.pieces[piece]!.mode === 'tube', joinBy(brief));
  }, plan.acts);
}

/**
 * The acts of a plan with what went wrong at the crank put right: dropped stitches are latched up first, and new balls are
 * tied where joins are.
 *
 * @param faults what went wrong; none leaves the plan as it is
 * @example mended(plan, brief, []) === plan
 */
export function mended(plan: Plan, brief: Brief, faults: readonly CrankFault[]): Plan {
  if (faults.length === 0) return plan;
  return { ...plan, acts: [...mendingActs(plan, faults), ...withBallsTied(plan, brief, faults)] };
}
