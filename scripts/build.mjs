// Builds the application when any of its sources is newer than what was built.
import { existsSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { root, run } from './install.mjs';
import { buildWorker } from './worker.mjs';

const SOURCES = ['src', 'static', 'svelte.config.js', 'vite.config.ts', 'package-lock.json', 'tsconfig.json'];

/**
 * Time of the newest file below a path, in milliseconds.
 *
 * @param {string} path file or folder
 * @returns {number}
 */
function newest(path) {
  const info = statSync(path);
  if (!info.isDirectory()) return info.mtimeMs;
  return Math.max(info.mtimeMs, ...readdirSync(path).map((name) => newest(join(path, name))));
}

/** Builds unless the build is newer than every source. */
export async function buildIfStale() {
  const built = join(root, 'build', 'index.js');
  const fresh = existsSync(built) && SOURCES.every((source) => newest(join(root, source)) <= statSync(built).mtimeMs);
  if (fresh) return;
  console.log('Building …');
  if (
    run(process.execPath, [join(root, 'node_modules', 'vite', 'bin', 'vite.js'), 'build', '--logLevel', 'warn'], {
      NODE_ENV: 'production'
    }) !== 0
  )
    process.exit(1);
  await buildWorker();
}
