// npm run bench: speed as ratios measured in one run on this machine; no milliseconds are kept, because machines differ.
import { join } from 'node:path';
import { installPackages, root } from './install.mjs';

installPackages();
const { createServer } = await import('vite');
const server = await createServer({
  configFile: false,
  root,
  logLevel: 'error',
  server: { middlewareMode: true, hmr: false, ws: false },
  appType: 'custom',
  optimizeDeps: { noDiscovery: true },
  resolve: { alias: { $lib: join(root, 'src', 'lib') } }
});
let over = 0;
try {
  const { planRatios } = await server.ssrLoadModule('/bench/plan.ts');
  for (const { what, ratio, limit } of planRatios()) {
    const word = limit === null ? '' : ratio <= limit ? `at most ${limit}: good` : `at most ${limit}: OVER`;
    if (limit !== null && ratio > limit) over++;
    console.log(`${ratio.toFixed(2).padStart(8)}  ${what}${word ? `  (${word})` : ''}`);
  }
} finally {
  await server.close();
}
process.exitCode = over === 0 ? 0 : 1;
