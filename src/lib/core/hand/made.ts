import type { Executed } from '../knit';
import { withTailLengths } from './tail-lengths';
import { work, type Worked } from './work';

/** A plan that was run by the machine and by the hands: what every reading is read from. */
export interface Made extends Executed {
  readonly worked: Worked;
}

/**
 * Lets hands work on what was knitted, and leaves every tail of the plan as long as its jobs take.
 *
 * @example make(execute(kit, brief, plan)).worked.left // []
 */
export function make(run: Executed): Made {
  const worked = work(run, { endless: true });
  const pieces = withTailLengths(run, worked.state);
  return { ...run, plan: pieces === run.plan.pieces ? run.plan : { ...run.plan, pieces }, worked };
}
