import type { Ahead } from '$lib/core/read';

/** Rows after which a reminder that was put off comes again. */
const LATER_ROWS = 3;

/** What makes a cue the same cue: its kind and its row. */
const keyOf = (cue: Pick<Ahead, 'kind' | 'row'>): string => `${cue.kind} ${cue.row}`;

/** What was heard of, and what was put off: a reminder stays in view until it is one or the other. */
export class Reminders {
  #heard = $state.raw<ReadonlySet<string>>(new Set());
  #later = $state.raw<readonly { readonly cue: Ahead; readonly at: number }[]>([]);

  /** Reminders that are due after so many rows: those of this row, and those that were put off until now. */
  due(now: readonly Ahead[], rows: number): Ahead[] {
    const again = this.#later.filter(({ at }) => at <= rows).map(({ cue }) => cue);
    const waits = new Set(this.#later.map(({ cue }) => keyOf(cue)));
    return [...again, ...now.filter((cue) => !this.#heard.has(keyOf(cue)) && !waits.has(keyOf(cue)))];
  }

  acknowledge(cue: Ahead): void {
    this.#heard = new Set([...this.#heard, keyOf(cue)]);
    this.#later = this.#later.filter((l) => keyOf(l.cue) !== keyOf(cue));
  }

  putOff(cue: Ahead, rows: number): void {
    const rest = this.#later.filter((l) => keyOf(l.cue) !== keyOf(cue));
    this.#later = [...rest, { cue, at: rows + LATER_ROWS }];
  }
}
