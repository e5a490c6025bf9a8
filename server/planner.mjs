// A pool of threads that plan, so that one costly plan keeps nobody else waiting.
import { createHash } from 'node:crypto';
import { availableParallelism } from 'node:os';
import { resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import { LRUCache } from 'lru-cache';
import PQueue from 'p-queue';
import { Piscina } from 'piscina';

/** Longest that one plan may take; the largest a knitter asks for takes a tenth of it. */
const LONGEST_MS = 5000;
/** Requests that may wait for a thread; more are asked to come again. */
const MOST_WAITING = 64;
/** Seconds after which to come again. */
const COME_AGAIN = 2;

/** Answers that are kept for those who ask the same again: letters of them all together, and how long, ms. */
const MOST_KEPT = 32_000_000;
const KEPT_FOR_MS = 10 * 60_000;

/** @typedef {{ status: number, body: string, retryAfter?: number, ms?: number, again?: true }} Answer */

/** @param {number} status @param {string} reason */
const refused = (status, reason, retryAfter = 0) => ({
  status,
  body: JSON.stringify({ faults: [{ path: '', reason }] }),
  ...(retryAfter ? { retryAfter } : {})
});

/**
 * @param {string} build folder of the built application
 * @returns {{ plan: (text: string) => Promise<Answer>, end: () => Promise<void> }}
 */
export function planner(build) {
  const most = Math.max(1, availableParallelism() - 1);
  // Who waits, waits here: the time a plan may take begins when a thread takes it up.
  const waiting = new PQueue({ concurrency: most });
  // The first thread begins with the server, and is warm when it is asked for something.
  const pool = new Piscina({
    filename: pathToFileURL(resolve(build, 'plan-worker.mjs')).href,
    minThreads: 1,
    maxThreads: most,
    idleTimeout: 60_000,
    resourceLimits: { maxOldGenerationSizeMb: 512 }
  });
  // The same request has the same answer: one memo, by all of what was asked, in memory only.
  /** @type {LRUCache<string, Answer>} */
  const kept = new LRUCache({ maxSize: MOST_KEPT, maxEntrySize: MOST_KEPT / 8, sizeCalculation: ({ body }) => body.length, ttl: KEPT_FOR_MS }); // prettier-ignore
  /** What is being planned, for those who ask the same meanwhile. @type {Map<string, Promise<Answer>>} */
  const flying = new Map();

  /** @param {string} text @returns {Promise<Answer>} */
  async function made(text) {
    if (waiting.size >= MOST_WAITING)
      return refused(
        503,
        `The service plans at most ${MOST_WAITING} requests at once; received more. Come again.`,
        COME_AGAIN
      );
    try {
      return await waiting.add(() => pool.run(text, { signal: AbortSignal.timeout(LONGEST_MS) }));
    } catch (error) {
      if (error instanceof Error && (error.name === 'AbortError' || error.name === 'TimeoutError'))
        return refused(
          503,
          `A plan must be made within ${LONGEST_MS} ms; this one was given up. Ask for less, or come again.`,
          COME_AGAIN
        );
      console.error(error);
      return refused(503, 'The plan could not be made. Come again.', COME_AGAIN);
    }
  }
  return {
    async plan(text) {
      const key = createHash('sha256').update(text).digest('base64');
      const known = kept.get(key) ?? flying.get(key);
      if (known) return known;
      const answer = made(text);
      flying.set(key, answer);
      try {
        const { status, body } = await answer;
        if (status === 200) kept.set(key, { status, body, again: true });
        return await answer;
      } finally {
        flying.delete(key);
      }
    },
    end: async () => pool.destroy()
  };
}
