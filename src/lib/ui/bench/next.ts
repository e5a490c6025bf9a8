import { type Track, workCount } from '$lib/core/read';
import { paths } from '../paths';

/** Where a card on the bench leads. */
export interface Next {
  readonly href: string;
  readonly label: string;
}

/**
 * What is done next with a project. As long as its plan is not made nobody knows whether it is finished: then it only goes on.
 *
 * @param rows rows cranked so far in all
 * @param track what there is to crank; null while the plan is made, or where it cannot be
 */
export function nextOf(id: string, rows: number, track: Track | null): Next {
  if (rows === 0) return { href: paths.plan(id), label: 'Open the plan' };
  if (!track) return { href: paths.crank(id), label: 'To the crank' };
  if (rows >= track.rows) return { href: paths.finish(id), label: 'Finish it' };
  return { href: paths.crank(id), label: `Crank row ${workCount(track, rows) + 1}` };
}
