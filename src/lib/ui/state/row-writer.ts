import type { TombleDb } from '$lib/store/db';
import { jot, recordAll, strike } from '$lib/store/journal';
import type { CrankEvent } from '$lib/store/records/crank-event';
import type { Shelf } from '$lib/store/shelf';

/** What a writer of rows needs of its page. */
interface Page {
  readonly db: () => TombleDb;
  /** Where rows are jotted down until the data base has them. */
  readonly shelf: () => Shelf;
  /** Adds a write to those of the page, in their order. */
  readonly queue: (work: () => Promise<unknown>) => void;
  /** Goes on with the writes, where one had failed. */
  readonly goOn: () => void;
  /** Ends when what was changed last is on the screen. */
  readonly painted: () => Promise<unknown>;
  /** Is told of rows that are on the disk. */
  readonly onkept: (count: number) => void | Promise<void>;
}

/**
 * Keeps what happens at the crank. Each event is jotted down at once; all that came up while the data base was busy is written
 * together, so that a quick crank on a slow machine is not written row by row for minutes.
 */
export class RowWriter {
  readonly #page: Page;
  #waiting: CrankEvent[] = [];
  /** Every event that waits is jotted down. */
  #safe = true;

  constructor(page: Page) {
    this.#page = page;
  }

  /** Keeps an event; nothing that waits is lost when writing fails: it is written when the queue is tried again. */
  add(event: CrankEvent): void {
    this.#safe = jot(this.#page.shelf(), event) && this.#safe;
    this.#waiting.push(event);
    if (this.#waiting.length === 1) this.#page.queue(() => this.#write());
    else this.#page.goOn();
  }

  async #write(): Promise<void> {
    // The number that moves comes first, where the rows are safe already.
    if (this.#safe) await this.#page.painted();
    const batch = this.#waiting;
    // They went with those before them, when writing had failed and was tried again.
    if (batch.length === 0) return;
    [this.#waiting, this.#safe] = [[], true];
    try {
      await recordAll(this.#page.db(), batch);
    } catch (error) {
      // What came meanwhile has its own turn in the queue after this one.
      this.#waiting = [...batch, ...this.#waiting];
      this.#safe = false;
      throw error;
    }
    const shelf = this.#page.shelf();
    for (const event of batch) strike(shelf, event);
    await this.#page.onkept(batch.length);
  }
}
