// A second version is truly built, and the browser test of updates goes from the first to it and back.
import { cpSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { root, run } from '../install.mjs';

/** What a build is made of. */
const SOURCES = ['src', 'static', 'scripts', 'svelte.config.js', 'vite.config.ts', 'package.json', 'tsconfig.json'];

/**
 * @param {boolean} short only sees that a second version could be built: that the sources are all there and changed
 * @returns {Promise<boolean>} whether nothing was mixed and nothing lost
 */
export async function updates(short) {
  const folder = mkdtempSync(join(tmpdir(), 'tomble-second-'));
  try {
    for (const source of SOURCES) cpSync(join(root, source), join(folder, source), { recursive: true });
    symlinkSync(join(root, 'node_modules'), join(folder, 'node_modules'));
    // Another version of the application: a word of its frame is another one, so its parts have other names.
    const frame = join(folder, 'src', 'routes', '+layout.svelte');
    const [before, after] = ['Opening the cupboard', 'Opening the new cupboard'];
    const text = readFileSync(frame, 'utf8');
    if (!text.includes(before)) throw new Error(`${frame} must say "${before}"`);
    writeFileSync(frame, text.replace(before, after));
    if (short) {
      const { resolveConfig } = await import('vite');
      const { plugins } = await resolveConfig({ root: folder, configFile: join(folder, 'vite.config.ts'), logLevel: 'error' }, 'build'); // prettier-ignore
      return plugins.some(({ name }) => name === 'fewer-files');
    }
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
