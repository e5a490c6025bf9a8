// npm run bench: speed as ratios measured in one run on this machine; the table goes to docs/speed.md.
import { cpSync, readFileSync, writeFileSync } from 'node:fs';
import { cpus, totalmem } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { CHROMIUM_ARGS } from './browser.mjs';
import { buildIfStale } from './build.mjs';
import { ensureChromium, installPackages, root, run } from './install.mjs';
import { serve } from './serve.mjs';

installPackages();
const executablePath = ensureChromium();
const only = process.argv[2];
const asked = (/** @type {string} */ name) => !only || only === name;
const started = Date.now();

/** @typedef {{ what: string, least: number, median: number, limit: number | null, unit?: string }} Measure */
/** @type {Measure[]} */
const table = [];
const show = (/** @type {number} */ value, unit = '') => `${value.toFixed(2)}${unit ? ` ${unit}` : ''}`;
const verdict = (/** @type {Measure} */ { least, limit }) => (limit === null ? '' : least <= limit ? 'good' : 'over');
/** @param {Measure[]} measures */
function report(measures) {
  for (const m of measures) {
    table.push(m);
    const most = m.limit === null ? '' : `  at most ${m.limit}: ${verdict(m)}`;
    console.log(`${show(m.least, m.unit).padStart(12)} ${show(m.median, m.unit).padStart(12)}  ${m.what}${most}`);
  }
}

/** The core as it ships: in one file, by the same builder. */
async function core() {
  const { build } = await import('vite');
  const outDir = join(root, '.svelte-kit', 'bench');
  await build({
    configFile: false,
    root,
    logLevel: 'error',
    resolve: { alias: { $lib: join(root, 'src', 'lib') } },
    ssr: { noExternal: true },
    build: {
      ssr: join(root, 'bench', 'core', 'index.ts'),
      outDir,
      emptyOutDir: true,
      rollupOptions: { output: { entryFileNames: 'core.mjs' } }
    }
  });
  return import(pathToFileURL(join(outDir, 'core.mjs')).href);
}

/** A page with nothing on it, in the same framework. */
function blank() {
  const folder = join(root, 'bench', 'blank');
  const vite = join(root, 'node_modules', 'vite', 'bin', 'vite.js');
  if (run(process.execPath, [vite, 'build', '--logLevel', 'error'], { NODE_ENV: 'production' }, folder) !== 0)
    throw new Error('the blank page could not be built');
  // The server keeps a thread for plans ready, also where none is asked for.
  cpSync(join(root, 'build', 'plan-worker.mjs'), join(folder, 'build', 'plan-worker.mjs'));
  return folder;
}

await buildIfStale();
const { planMeasures, hatRequest, leftoverMeasures } = await core();
console.log('       least       median');
if (asked('plan')) report(planMeasures());
if (asked('leftovers')) report(leftoverMeasures(await (await import('highs')).default()));
const { chromium } = await import('@playwright/test');
const folder = asked('weight') ? blank() : null;
const fresh = await serve({ port: 0, demo: false, quiet: true });
const village = await serve({ port: 0, demo: true, quiet: true });
const nothing = folder ? await serve({ port: 0, quiet: true, folder }) : null;
const browser = await chromium.launch({ executablePath, args: CHROMIUM_ARGS });
try {
  if (asked('service')) report(await (await import('../bench/browser/service.mjs')).service(fresh.url, hatRequest()));
  if (nothing)
    report(await (await import('../bench/browser/weight.mjs')).weights(browser, fresh.url, village.url, nothing.url));
  if (asked('projects'))
    report(await (await import('../bench/browser/many-projects.mjs')).manyProjects(browser, village.url));
  if (asked('edit')) report(await (await import('../bench/browser/edit.mjs')).edits(browser, village.url));
  if (asked('crank')) report(await (await import('../bench/browser/crank.mjs')).cranks(browser, village.url));
  if (asked('drag')) report(await (await import('../bench/browser/drag.mjs')).drags(browser, village.url));
  if (asked('find')) report(await (await import('../bench/browser/find.mjs')).finding(browser, fresh.url));
  if (asked('stash')) report(await (await import('../bench/browser/stash.mjs')).scrolling(browser, fresh.url));
} finally {
  const version = browser.version();
  await browser.close();
  for (const server of [fresh, village, nothing]) server?.stop();
  if (!only) {
    const { version: vite } = JSON.parse(readFileSync(join(root, 'node_modules', 'vite', 'package.json'), 'utf8'));
    const lines = table.map((m) => {
      const most = m.limit === null ? '' : show(m.limit, m.unit);
      return `| ${m.what} | ${show(m.least, m.unit)} | ${show(m.median, m.unit)} | ${most} | ${verdict(m)} |`;
    });
    writeFileSync(
      join(root, 'docs', 'speed.md'),
      `# How fast it is

Measured by \`npm run bench\` on ${new Date().toISOString().slice(0, 10)}: ${cpus().length} x ${cpus()[0]?.model.trim()}, ${Math.round(totalmem() / 2 ** 30)} GiB, Node ${process.versions.node}, Chromium ${version}, Vite ${vite}; ${Math.round((Date.now() - started) / 60_000)} minutes.

Each line compares two things that were timed in turns in one run, so that a slow moment of the machine meets both. _Least_
compares their shortest times, which is what the limit holds; _usual_ compares their medians. The core is measured as it ships,
in one file; pages are the built application in the browser. \`npm run bench -- plan\` measures one group: plan, service, weight, projects, edit, crank, drag, find, stash, leftovers.

| what | least | usual | at most | |
| --- | ---: | ---: | ---: | --- |
${lines.join('\n')}
`
    );
    run(process.execPath, [join(root, 'node_modules', 'prettier', 'bin', 'prettier.cjs'), '--write', 'docs/speed.md']);
  }
}
process.exitCode = table.every((m) => verdict(m) !== 'over') ? 0 : 1;
