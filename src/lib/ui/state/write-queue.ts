/** How long one write may take before it is said to be slow, ms. */
const PATIENCE_MS = 500;

/**
 * Writes one after the other. One that fails stays first and holds up those behind it, so that nothing is kept out of its
 * order and nothing is lost: it is tried again with the next one, or when asked.
 */
export class WriteQueue {
  #works: (() => Promise<unknown>)[] = [];
  #running = false;
  /** What the browser said when the first of the queue could not be kept; null while writing goes well. */
  refused: unknown = null;
  /** The first of the queue has taken long: something else holds the data base. */
  slow = false;
  readonly #onchange: (queue: WriteQueue) => void;

  /** @param onchange is called when writing is refused, goes well again, or takes long */
  constructor(onchange: (queue: WriteQueue) => void = () => undefined) {
    this.#onchange = onchange;
  }

  /** Writes that are not done, the one under way among them. */
  get length(): number {
    return this.#works.length;
  }

  /** Adds a write and begins with it when its turn comes. */
  add(work: () => Promise<unknown>): void {
    this.#works.push(work);
    this.run();
  }

  /** Goes on writing, from the first that is not done. */
  run(): void {
    if (!this.#running) void this.#work();
  }

  #now({ refused = this.refused, slow = this.slow }: { refused?: unknown; slow?: boolean }): void {
    if (refused === this.refused && slow === this.slow) return;
    [this.refused, this.slow] = [refused, slow];
    this.#onchange(this);
  }

  async #timed(work: () => Promise<unknown>): Promise<void> {
    const patience = setTimeout(() => this.#now({ slow: true }), PATIENCE_MS);
    try {
      await work();
    } finally {
      clearTimeout(patience);
      this.#now({ slow: false });
    }
  }

  async #work(): Promise<void> {
    this.#running = true;
    try {
      for (let first = this.#works[0]; first; first = this.#works[0]) {
        await this.#timed(first);
        this.#works.shift();
        this.#now({ refused: null });
      }
    } catch (error) {
      this.#now({ refused: error });
    }
    this.#running = false;
  }
}
