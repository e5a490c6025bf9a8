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

/** Longest wait for a frame, ms: a page that is put away while one waits for it paints none. */
const FRAME_MS = 100;

/**
 * Waits until what was changed just now is painted; where nothing is painted, not for long.
 *
 * @example await painted(); await write(row);
 */
export const painted = (): Promise<void> =>
  new Promise((done) => {
    if (document.hidden) return done();
    setTimeout(done, FRAME_MS);
    // The first of the two frames paints the change; the second one begins when that is done.
    requestAnimationFrame(() => requestAnimationFrame(() => done()));
  });

/**
 * Waits until what was changed just now is painted, and then for one's turn. A page that is not shown paints nothing and does
 * not wait.
 *
 * @example await afterPaint(); lists.value = next;
 */
export async function afterPaint(): Promise<void> {
  await painted();
  await turn();
}

/** Pieces of work between two turns: a few plans, a frame or two. */
const BUNCH = 8;

/**
 * Does the same with everything in a list, a few at a time, with room for a frame or a key between them.
 *
 * @param over tells that nobody waits for it any more
 * @returns what came of each, in order; null once it was over
 * @example const plans = await inBunches(projects, (p) => planOf(kit, p), () => gone);
 */
export async function inBunches<T, R>(
  list: readonly T[],
  work: (item: T) => R,
  over: () => boolean
): Promise<R[] | null> {
  const done: R[] = [];
  for (const [i, item] of list.entries()) {
    if (i > 0 && i % BUNCH === 0) await turn();
    if (over()) return null;
    done.push(work(item));
  }
  return done;
}
