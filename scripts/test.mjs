// npm test: everything that must hold, on a fresh machine too. Stops at the first thing that fails.
import { existsSync } from 'node:fs';
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ensureChromium, installPackages, root } from './install.mjs';

installPackages();
const chromium = ensureChromium();
const bin = (/** @type {string} */ name) => join(root, 'node_modules', '.bin', name);

/** Stages after one another; stages that stand side by side run at the same time. @typedef {[string, string, string[]]} Stage */
/** @type {Stage[][][]} */
const lines = [
  [[['Prepare', bin('svelte-kit'), ['sync']]]],
  // Unit tests keep one processor busy; the other one meanwhile looks at everything that is not run, and builds.
  [
    [['Unit tests', bin('vitest'), ['run']]],
    [
      ['Format', bin('prettier'), ['--check', '--log-level', 'warn', '.']],
      ['Lint', bin('eslint'), ['.', '--max-warnings', '0']],
      ['Types', bin('svelte-check'), ['--tsconfig', './tsconfig.json', '--fail-on-warnings']],
      ['Floors of the house', bin('depcruise'), ['--config', '.dependency-cruiser.cjs', 'src']],
      ['Unused files and packages', bin('knip'), []],
      ['Build', bin('vite'), ['build']],
      ['Build of the threads', process.execPath, ['scripts/worker.mjs']]
    ]
  ],
  [[['Browser tests', bin('playwright'), ['test']]]]
];

/**
 * Runs one stage and says how it went. What stages that run together print is shown when each ends.
 *
 * @param {Stage} stage title, program, arguments
 * @param {boolean} alone whether its words may be shown as they come
 * @returns {Promise<number>} its exit code
 */
async function stageRun([title, program, args], alone) {
  if (!existsSync(program)) {
    console.error(`${title}: ${program} is missing`);
    return 1;
  }
  if (alone) console.log(`\n== ${title}`);
  const started = Date.now();
  const env = { ...process.env, TOMBLE_CHROMIUM: chromium, CI: process.env.CI ?? '1' };
  const child = spawn(program, args, { cwd: root, env, stdio: alone ? 'inherit' : ['ignore', 'pipe', 'pipe'] });
  /** @type {Buffer[]} */
  const said = [];
  for (const stream of [child.stdout, child.stderr]) stream?.on('data', (part) => said.push(part));
  const code = await new Promise((done) => {
    child.once('error', () => done(1));
    child.once('close', (ended) => done(ended ?? 1));
  });
  if (!alone) console.log(`\n== ${title}\n${Buffer.concat(said).toString().trim()}`);
  console.log(`== ${title}: ${code === 0 ? 'good' : 'failed'} after ${((Date.now() - started) / 1000).toFixed(0)} s`);
  return code;
}

/**
 * Runs stages after one another, as far as all is good.
 *
 * @param {Stage[]} stages
 * @param {boolean} alone
 */
async function inTurn(stages, alone) {
  for (const stage of stages) {
    const code = await stageRun(stage, alone);
    if (code !== 0) return code;
  }
  return 0;
}

for (const line of lines) {
  const codes = await Promise.all(line.map((stages) => inTurn(stages, line.length === 1)));
  const bad = codes.find((code) => code !== 0);
  if (bad !== undefined) process.exit(bad);
}
