// A second version is truly built, and the browser test of updates goes from the first to it and back.
import { cpSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { root, run } from '../install.mjs';

/** What a build is made of. */
const SOURCES = ['src', 'static', 'scripts', 'svelte.config.js', 'vite.config.ts', 'package.json', 'tsconfig.json'];

/** @returns {boolean} whether nothing was mixed and nothing lost */
export function updates() {
  const folder = mkdtempSync(join(tmpdir(), 'tomble-second-'));
  try {
    for (const source of SOURCES) cpSync(join(root, source), join(folder, source), { recursive: true });
    symlinkSync(join(root, 'node_modules'), join(folder, 'node_modules'));
    // Another version of the application: a word of its frame is another one, so its parts have other names.
    const frame = join(folder, 'src', 'routes', '+layout.svelte');
    writeFileSync(frame, readFileSync(frame, 'utf8').replace('Opening the cupboard', 'Opening the new cupboard'));
    const vite = join(root, 'node_modules', 'vite', 'bin', 'vite.js');
    const env = { NODE_ENV: 'production' };
    if (run(process.execPath, [vite, 'build', folder, '--logLevel', 'warn'], env, folder) !== 0) return false;
    cpSync(join(root, 'build', 'plan-worker.mjs'), join(folder, 'build', 'plan-worker.mjs'));
    const playwright = join(root, 'node_modules', '.bin', 'playwright');
    return run(playwright, ['test', 'offline'], { TOMBLE_SECOND: folder }) === 0;
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}
