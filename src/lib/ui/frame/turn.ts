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

/**
 * Waits until what was changed just now is painted, and then for one's turn. A page that is not shown paints nothing and does
 * not wait.
 *
 * @example await afterPaint(); lists.value = next;
 */
export async function afterPaint(): Promise<void> {
  if (!document.hidden) {
    // The first of the two frames paints the change; the second one begins when that is done.
    await new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)));
  }
  await turn();
}
