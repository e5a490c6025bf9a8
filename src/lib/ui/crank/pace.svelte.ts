import { minutesLeft, rowsAMinute, rowsPerMinute } from '$lib/core/read';
import type { ProjectState } from '../state/project.svelte';
import type { CrankStand } from './stand.svelte';

/** Rows that one's pace is read from, at the most. */
const LOOKED_BACK = 60;

/** How fast one cranks, and what that leaves. */
export class CrankPace {
  constructor(
    private readonly at: ProjectState,
    private readonly stand: CrankStand
  ) {}

  /** When the last rows were done, the latest last: a look back that does not grow with the piece. */
  times = (most: number): number[] => {
    const { events } = this.at;
    const found: number[] = [];
    for (let i = events.length - 1; i >= 0 && found.length < most; i--) {
      const event = events[i]!;
      if (event.what.do === 'row') found.push(Date.parse(event.at));
    }
    return found.reverse();
  };

  /** Minutes that are left, read from the steps of the plan; what the hand does now counts for the kind of work it does now. */
  minutes = $derived.by(() => {
    const { result, track, rows, leg, inPiece } = this.stand;
    const told = rowsPerMinute(this.times(Math.min(LOOKED_BACK, inPiece)));
    const toAndFro = Boolean(leg?.turns);
    const piece = result?.plan.pieces[leg?.piece ?? 0];
    const planned = result && piece ? rowsAMinute(result.kit.habits, !toAndFro, piece.to - piece.from + 1) : null;
    const pace = told === null || planned === null ? null : { faster: told / planned, toAndFro };
    return minutesLeft(track, rows, pace);
  });
}
