import type { Executed } from '../knit';
import type { Act } from '../plan';

/** How often an act on one piece is done: once for each copy of it. */
export function copiesOf(run: Executed, act: Act): number {
  return 'piece' in act ? (run.plan.pieces[act.piece]?.copies ?? 1) : 1;
}
