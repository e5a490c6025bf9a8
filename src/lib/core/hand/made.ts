import type { Executed } from '../knit';
import { work, type Worked } from './work';

/** A plan that was run by the machine and by the hands: what every reading is read from. */
export interface Made extends Executed {
  readonly worked: Worked;
}

/** Lets hands work on what was knitted. @example make(execute(kit, brief, plan)).worked.left // [] */
export const make = (run: Executed): Made => ({ ...run, worked: work(run) });
