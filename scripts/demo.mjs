// npm run demo: install, build if stale, serve with the demo data, print the address.
import { buildIfStale } from './build.mjs';
import { installPackages } from './install.mjs';
import { serve } from './serve.mjs';

installPackages();
await buildIfStale();
const server = await serve({ port: Number(process.env.PORT ?? 4173), demo: true, quiet: true });
console.log(`\nTomble is at ${server.url}\nStop it with Ctrl+C.`);
for (const signal of ['SIGINT', 'SIGTERM']) process.once(signal, server.stop);
process.exitCode = await server.ended;
