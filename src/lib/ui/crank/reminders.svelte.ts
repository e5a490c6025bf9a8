import type { Ahead } from '$lib/core/read';

/** Rows after which a reminder that was put off comes again. */
const LATER_ROWS = 3;

/** What makes a cue the same cue: its kind and its row. */
const same = (a: Pick<Ahead, 'kind' | 'row'>, b: Pick<Ahead, 'kind' | 'row'>): boolean => a.kind === b.kind && a.row === b.row; // prettier-ignore

/** What was heard of, and what was put off: a reminder stays in view until it is one or the other. */
export class Reminders {
  #heard = $state.raw<readonly Ahead[]>([]);
  #later = $state.raw<readonly { readonly cue: Ahead; readonly at: number }[]>([]);

  /** What was called out and is in view still. */
  #called: readonly Ahead[] = [];

  /** Reminders that are due after so many rows: those of this row, and those that were put off until now. */
  due(now: readonly Ahead[], rows: number): Ahead[] {
    const again = this.#later.filter(({ at }) => at <= rows).map(({ cue }) => cue);
    const told = [...this.#heard, ...this.#later.map(({ cue }) => cue)];
    return [...again, ...now.filter((cue) => !told.some((other) => same(cue, other)))];
  }

  /** Of the reminders in view those that were not called out yet; what was put off is called once more. */
  uncalled(told: readonly Ahead[]): Ahead[] {
    const fresh = told.filter((cue) => !this.#called.some((other) => same(cue, other)));
    this.#called = [...told];
    return fresh;
  }

  acknowledge(cue: Ahead): void {
    this.#heard = [...this.#heard, cue];
    this.#later = this.#later.filter((l) => !same(l.cue, cue));
  }

  putOff(cue: Ahead, rows: number): void {
    this.#later = [...this.#later.filter((l) => !same(l.cue, cue)), { cue, at: rows + LATER_ROWS }];
  }
}
