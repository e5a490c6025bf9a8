// npm run torture: what must not break, many times over. Prints what it counted; ends with 1 where anything was lost or a figure
// was missed. With --short each round runs for a few seconds, so that a broken one is seen. Names of rounds choose some of them.
import { run, root } from './install.mjs';
import { join } from 'node:path';
import { ensureChromium } from './install.mjs';
import { buildIfStale } from './build.mjs';
import { A_FEW, bundle, YEARS } from './torture/bundle.mjs';
import { crank } from './torture/crank.mjs';
import { duels } from './torture/duels.mjs';
import { kills } from './torture/kills.mjs';
import { requests } from './torture/requests.mjs';
import { smallDisk } from './torture/small-disk.mjs';
import { updates } from './torture/updates.mjs';

process.env.TOMBLE_CHROMIUM = ensureChromium();
const args = process.argv.slice(2);
const short = args.includes('--short');
const asked = args.filter((name) => !name.startsWith('-'));
const vitest = join(root, 'node_modules', '.bin', 'vitest');
const tests = (/** @type {string[]} */ files, /** @type {Record<string, string>} */ env) =>
  run(vitest, ['run', ...files, '--testTimeout=3000000'], env) === 0;

/** @type {[string, () => Promise<boolean | null> | boolean][]} */
const rounds = [
  // Their short forms are unit tests.
  [
    'files',
    () => short || tests(['tests/hostile-files.test.ts', 'src/lib/store/backup.test.ts'], { TORTURE: '34000' })
  ],
  ['bundles', () => short || tests(['src/lib/formats/bundle/hostile.test.ts'], { TORTURE: '2000' })],
  ['tabs', () => short || tests(['src/lib/store/tabs.test.ts'], { TORTURE_TABS: '1000' })],
  ['threads', () => short || tests(['tests/server'], {})],
  ['kills', () => kills(Number(process.env.KILLS ?? (short ? 4 : 200)))],
  ['duels', () => duels(Number(process.env.DUELS ?? (short ? 3 : 60)))],
  ['disk', () => smallDisk()],
  ['crank', () => crank(Number(process.env.ROWS ?? (short ? 40 : 10_000)))],
  ['updates', () => updates(short)],
  ['bundle', () => bundle(short ? A_FEW : YEARS)],
  ['requests', () => requests(Number(process.env.REQUESTS ?? (short ? 400 : 20_000)))]
];
const unknown = asked.filter((name) => !rounds.some(([round]) => round === name));
if (unknown.length > 0) {
  console.error(`A round must be one of ${rounds.map(([name]) => name).join(', ')}; received ${unknown.join(', ')}.`);
  process.exit(1);
}
await buildIfStale();
const ended = [];
for (const [name, round] of rounds) {
  if (asked.length > 0 && !asked.includes(name)) continue;
  console.log(`\n== ${name}`);
  const began = performance.now();
  /** @type {boolean | null} */
  let held = false;
  try {
    held = await round();
  } catch (error) {
    // A round that breaks off has not held.
    console.error(error);
  }
  const word = held === null ? 'left out' : held ? 'held' : 'BROKEN';
  console.log(`== ${name}: ${word} after ${((performance.now() - began) / 1000).toFixed(0)} s`);
  ended.push({ name, word });
}
console.log(`\n${ended.map(({ name, word }) => `${name} ${word}`).join(', ')}`);
process.exit(ended.some(({ word }) => word === 'BROKEN') ? 1 : 0);
