/**
 * Writes one after the other. One that fails stays first and holds up those behind it, so that nothing is kept out of its
 * order and nothing is lost: it is tried again with the next one, or when asked.
 */
export class WriteQueue {
  #works: (() => Promise<unknown>)[] = [];
  #running = false;
  /** What the browser said when the first of the queue could not be kept; null while writing goes well. */
  refused = $state.raw<unknown>(null);

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

  async #work(): Promise<void> {
    this.#running = true;
    try {
      for (let first = this.#works[0]; first; first = this.#works[0]) {
        await first();
        this.#works.shift();
        this.refused = null;
      }
    } catch (error) {
      this.refused = error;
    }
    this.#running = false;
  }
}
