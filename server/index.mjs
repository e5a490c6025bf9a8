// The built application as it is served: answers packed, and every file with a word on how long it may be kept.
import { createServer } from 'node:http';
import { resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import compression from 'compression';
import { planner } from './planner.mjs';

const { HOST = '127.0.0.1', PORT = '4173' } = process.env;
const build = resolve(process.argv[2] ?? new URL('../build', import.meta.url).pathname);
/** @type {{ handler: (req: import('node:http').IncomingMessage, res: import('node:http').ServerResponse, next: () => void) => void }} */
const { handler } = await import(pathToFileURL(resolve(build, 'handler.js')).href);
const packed = compression();
const { plan, end } = planner(build);

const server = createServer((request, response) => {
  // The route of the service finds the threads here.
  Object.assign(request, { plan });
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
// Who sends slowly, or nothing, keeps no place.
server.headersTimeout = 10_000;
server.requestTimeout = 20_000;
server.listen({ host: HOST, port: Number(PORT) }, () => console.log(`Tomble is at http://${HOST}:${PORT}`));

for (const signal of ['SIGTERM', 'SIGINT']) {
  process.once(signal, () => {
    server.close(() => void end().finally(() => process.exit(0)));
    server.closeIdleConnections();
    // What is still being answered has a moment to end.
    setTimeout(() => process.exit(0), 3000).unref();
  });
}
