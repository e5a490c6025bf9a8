import type { Pulse } from '$lib/store/events';
import { type CrankEvent, Fold, type Progress } from '$lib/store/records/crank-event';

/** Whether two records are of the same event: by its key, or by its number where it is from before there were keys. */
const isSame = (a: CrankEvent, b: CrankEvent | undefined): boolean => (a.key ? a.key === b?.key : a.id === b?.id);

/** What happened at the crank of one project as a window knows it, and where that leads: both grow by one with every press. */
export class History {
  #events: CrankEvent[] = [];
  #fold = new Fold();

  get events(): readonly CrankEvent[] {
    return this.#events;
  }

  get progress(): Progress {
    return this.#fold.progress;
  }

  /** Adds what happened just now. */
  add(event: CrankEvent): void {
    this.#events.push(event);
    this.#fold.add(event.what);
  }

  /** Takes what is kept in the place of what was known. */
  take(events: readonly CrankEvent[]): void {
    this.#events = [...events];
    this.#fold = events.reduce((fold, event) => fold.add(event.what), new Fold());
  }

  /**
   * Whether what is kept is what is known here. The last event alone does not say so: a backup that was merged may have put others
   * between.
   */
  matches({ count, last }: Pulse): boolean {
    return count === this.#events.length && (last === undefined || isSame(last, this.#events.at(-1)));
  }
}
