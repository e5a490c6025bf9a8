// npm test: everything that must hold, on a fresh machine too. Stops at the first thing that fails.
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { ensureChromium, installPackages, root, run } from './install.mjs';

installPackages();
const chromium = ensureChromium();
const bin = (/** @type {string} */ name) => join(root, 'node_modules', '.bin', name);

/** @type {[string, string, string[]][]} */
const stages = [
  ['Prepare', bin('svelte-kit'), ['sync']],
  ['Format', bin('prettier'), ['--check', '--log-level', 'warn', '.']],
  ['Lint', bin('eslint'), ['.', '--max-warnings', '0']],
  ['Floors of the house', bin('depcruise'), ['--config', '.dependency-cruiser.cjs', 'src']],
  ['Unused files and packages', bin('knip'), []],
  ['Types', bin('svelte-check'), ['--tsconfig', './tsconfig.json', '--fail-on-warnings']],
  ['Unit tests', bin('vitest'), ['run']],
  ['Build', bin('vite'), ['build']],
  ['Build of the threads', process.execPath, ['scripts/worker.mjs']],
  ['Browser tests', bin('playwright'), ['test']]
];
for (const [title, program, args] of stages) {
  if (!existsSync(program)) {
    console.error(`${title}: ${program} is missing`);
    process.exit(1);
  }
  console.log(`\n== ${title}`);
  const started = Date.now();
  const code = run(program, args, { TOMBLE_CHROMIUM: chromium, CI: process.env.CI ?? '1' });
  console.log(`== ${title}: ${code === 0 ? 'good' : 'failed'} after ${((Date.now() - started) / 1000).toFixed(0)} s`);
  if (code !== 0) process.exit(code);
}
