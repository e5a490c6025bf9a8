// A pool of threads that plan, so that one costly plan keeps nobody else waiting.
import { createHash } from 'node:crypto';
import { availableParallelism } from 'node:os';
import { MessageChannel } from 'node:worker_threads';
import { resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import { LRUCache } from 'lru-cache';
import PQueue from 'p-queue';
import { Piscina } from 'piscina';

/** Longest that one plan may take once a thread has taken it up; the largest a knitter asks for takes a tenth of it. */
const LONGEST_MS = 5000;
/** Longest that a request waits for a thread: several of them would have to begin anew. */
const LONGEST_WAIT_MS = 60_000;
/** Requests that may wait for a thread; more are asked to come again. */
const MOST_WAITING = 64;
/** Memory for what is soon thrown away, of each thread, MB. */
const YOUNG_MB = 64;
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
 * Plans in a thread. The time a plan may take begins when a thread that is warm has taken it up; one that takes longer is ended.
 *
 * @param {Piscina} pool
 * @param {string} text
 * @param {number} longestMs
 * @returns {Promise<Answer>}
 */
async function inThread(pool, text, longestMs) {
  const { port1: here, port2: there } = new MessageChannel();
  const giveUp = new AbortController();
  let clock = setTimeout(() => giveUp.abort(), LONGEST_WAIT_MS);
  here.once('message', () => {
    clearTimeout(clock);
    clock = setTimeout(() => giveUp.abort(), longestMs);
  });
  try {
    return await pool.run({ text, begun: there }, { transferList: [there], signal: giveUp.signal });
  } finally {
    clearTimeout(clock);
    here.close();
  }
}

/**
 * @param {string} build folder of the built application
 * @param {number} longestMs longest that one plan may take in a thread
 * @returns {{ plan: (text: string) => Promise<Answer>, end: () => Promise<void> }}
 */
export function planner(build, longestMs = LONGEST_MS) {
  const most = Math.max(1, availableParallelism() - 1);
  // Who waits, waits here.
  const waiting = new PQueue({ concurrency: most });
  // One thread more than plan at once is kept warm: it goes on where another one had to be ended, while that begins anew.
  const pool = new Piscina({
    filename: pathToFileURL(resolve(build, 'plan-worker.mjs')).href,
    minThreads: most + 1,
    maxThreads: most + 1,
    // A young generation that holds what one plan throws away: collecting it took a fifth of a large one.
    resourceLimits: { maxOldGenerationSizeMb: 512, maxYoungGenerationSizeMb: YOUNG_MB }
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
      return await waiting.add(() => inThread(pool, text, longestMs));
    } catch (error) {
      if (error instanceof Error && (error.name === 'AbortError' || error.name === 'TimeoutError'))
        return refused(
          503,
          `A plan must be made within ${longestMs} ms; this one was given up. Ask for less, or come again.`,
          COME_AGAIN
        );
      console.error(`A thread that plans has ended: ${error instanceof Error ? error.message : String(error)}`);
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
