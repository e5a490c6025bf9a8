// npm run demo: install, build if stale, serve with the demo data, print the address.
import { buildIfStale } from './build.mjs';
import { installPackages } from './install.mjs';
import { serve } from './serve.mjs';

installPackages();
await buildIfStale();
const port = Number(process.env.PORT ?? 4173);
const server = await serve({ port, demo: true, quiet: true });
const taken = new URL(server.url).port === String(port) ? '' : `\nPort ${port} is taken, so another one is used.`;
console.log(`${taken}\nTomble is at ${server.url}\nStop it with Ctrl+C.`);
for (const signal of ['SIGINT', 'SIGTERM']) process.once(signal, server.stop);
process.exitCode = await server.ended;
