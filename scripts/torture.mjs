// npm run torture: what must not break, many times over. Prints what it counted; ends with 1 where anything was lost.
import { run, root } from './install.mjs';
import { join } from 'node:path';
import { ensureChromium } from './install.mjs';
import { buildIfStale } from './build.mjs';
import { bundle } from './torture/bundle.mjs';
import { crank } from './torture/crank.mjs';
import { kills } from './torture/kills.mjs';
import { requests } from './torture/requests.mjs';
import { smallDisk } from './torture/small-disk.mjs';
import { updates } from './torture/updates.mjs';

process.env.TOMBLE_CHROMIUM = ensureChromium();
const asked = process.argv.slice(2);
const wanted = (/** @type {string} */ name) => asked.length === 0 || asked.includes(name);
const vitest = join(root, 'node_modules', '.bin', 'vitest');

/** @type {[string, () => Promise<boolean> | boolean][]} */
const rounds = [
  [
    'files',
    () =>
      run(vitest, ['run', 'tests/hostile-files.test.ts', 'src/lib/store/backup.test.ts', '--testTimeout=3000000'], {
        TORTURE: '34000'
      }) === 0
  ],
  [
    'tabs',
    () => run(vitest, ['run', 'src/lib/store/tabs.test.ts', '--testTimeout=3000000'], { TORTURE_TABS: '1000' }) === 0
  ],
  ['kills', () => kills(Number(process.env.KILLS ?? 200))],
  ['disk', () => smallDisk()],
  ['crank', () => crank(Number(process.env.ROWS ?? 10_000))],
  ['updates', () => updates()],
  ['bundle', () => bundle()],
  ['requests', () => requests(Number(process.env.REQUESTS ?? 20_000))]
];
await buildIfStale();
let good = true;
for (const [name, round] of rounds) {
  if (!wanted(name)) continue;
  console.log(`\n== ${name}`);
  const held = await round();
  console.log(`== ${name}: ${held ? 'held' : 'BROKEN'}`);
  good &&= held;
}
process.exit(good ? 0 : 1);
