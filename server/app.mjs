// The built application as it is served: answers packed, and every file with a word on how long it may be kept.
import { createServer } from 'node:http';
import { resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import compression from 'compression';
import { planner } from './planner.mjs';

/** Who sends slowly, or nothing, keeps no place: time for all of a request, half of it for its head, ms. */
const SENDING_MS = Number(process.env.TOMBLE_SENDING_MS ?? 20_000);
/** What is still being answered when the server stops has so long to end, ms. */
const ENDING_MS = 30_000;

/** @typedef {import('node:http').IncomingMessage} Request */
/** @typedef {import('node:http').ServerResponse} Response */

/**
 * Serves the built application until it is told to stop.
 *
 * @param {string} build its folder
 * @param {string} host
 * @param {number} port 0 takes a free one
 * @returns {Promise<void>} ends when it listens; fails with what stood in the way
 */
export async function start(build, host, port) {
  // The route of the service has a limit of its own with a clear answer.
  process.env.BODY_SIZE_LIMIT = 'Infinity';
  /** @type {{ handler: (req: Request, res: Response, next: () => void) => void }} */
  const { handler } = await import(pathToFileURL(resolve(build, 'handler.js')).href);
  const packed = compression();
  const { plan, end } = planner(build);
  let stopping = false;

  const server = createServer({ connectionsCheckingInterval: SENDING_MS / 20 }, (request, response) => {
    // The route of the service finds the threads here.
    Object.assign(request, { plan });
    if (stopping) response.setHeader('connection', 'close');
    // Asked again at every visit, and answered in a few bytes while it is the same. Files whose names tell their content say
    // for themselves that they may be kept for ever.
    response.setHeader('cache-control', 'no-cache');
    response.setHeader('x-content-type-options', 'nosniff');
    // These two are about pages; what a page is built of does without them.
    if (!request.url?.startsWith('/_app/immutable/')) {
      response.setHeader('referrer-policy', 'no-referrer');
      response.setHeader('cross-origin-opener-policy', 'same-origin');
    }
    packed(/** @type {any} */ (request), /** @type {any} */ (response), () =>
      handler(request, response, () => {
        response.statusCode = 404;
        response.end('Not found');
      })
    );
  });
  server.headersTimeout = SENDING_MS / 2;
  server.requestTimeout = SENDING_MS;
  await new Promise((done, failed) => {
    server.once('error', failed);
    server.listen({ host, port }, () => done(undefined));
  }).catch(async (error) => {
    await end();
    throw error;
  });
  const address = server.address();
  console.log(`Tomble is at http://${host}:${typeof address === 'object' && address ? address.port : port}`);

  for (const signal of ['SIGTERM', 'SIGINT']) {
    process.once(signal, () => {
      // Nobody new is let in; what is being answered is answered, and its connection ends with the answer.
      stopping = true;
      server.close(() => void end().finally(() => process.exit(0)));
      server.closeIdleConnections();
      setTimeout(() => process.exit(0), ENDING_MS).unref();
    });
  }
}
