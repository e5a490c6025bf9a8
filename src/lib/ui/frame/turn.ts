let before: Promise<void> = Promise.resolve();

/**
 * Waits for one's turn: work that nobody waits for at once is done a piece at a time, with room for a frame or a key between
 * two pieces.
 *
 * @example await turn(); drawOneMore();
 */
export function turn(): Promise<void> {
  before = before.then(
    () =>
      new Promise((done) =>
        'requestIdleCallback' in globalThis ? requestIdleCallback(() => done(), { timeout: 200 }) : setTimeout(done)
      )
  );
  return before;
}
