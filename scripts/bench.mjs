// npm run bench: speed as ratios measured in one run on this machine; no milliseconds are kept, because machines differ.
import { join } from 'node:path';
import { buildIfStale } from './build.mjs';
import { ensureChromium, installPackages, root } from './install.mjs';

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
/** @param {{ what: string, ratio: number, limit: number | null }[]} ratios */
function report(ratios) {
  for (const { what, ratio, limit } of ratios) {
    if (limit !== null && ratio > limit) over++;
    const word = limit === null ? '' : `  (at most ${limit}: ${ratio <= limit ? 'good' : 'OVER'})`;
    console.log(`${ratio.toFixed(2).padStart(8)}  ${what}${word}`);
  }
}
try {
  const { planRatios } = await server.ssrLoadModule('/bench/plan.ts');
  report(planRatios());
} finally {
  await server.close();
}
buildIfStale();
const { scrollRatios } = await import('./bench-scroll.mjs');
report(await scrollRatios(ensureChromium()));
process.exitCode = over === 0 ? 0 : 1;
