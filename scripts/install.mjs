// Installs what is missing, with Node's own modules only: nothing else is there yet on a fresh machine.
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';

export const root = dirname(dirname(fileURLToPath(import.meta.url)));

/**
 * Runs a program in the project and shows what it prints.
 *
 * @param {string} program name or path
 * @param {string[]} args its arguments
 * @param {NodeJS.ProcessEnv} [env] more environment
 * @param {string} [cwd] where it runs; the project's own folder if not said
 * @returns {number} its exit code
 */
export function run(program, args, env = {}, cwd = root) {
  const done = spawnSync(program, args, { cwd, stdio: 'inherit', env: { ...process.env, ...env } });
  if (done.error) console.error(`${program} could not be started: ${done.error.message}`);
  return done.status ?? 1;
}

/** Installs the packages of the lock file unless exactly these are installed already. */
export function installPackages() {
  const lock = createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex');
  const stamp = join(root, 'node_modules', '.tomble-lock');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return;
  console.log('Installing the packages of the lock file …');
  if (run('npm', ['ci', '--no-audit', '--no-fund']) !== 0) {
    console.error('The packages could not be installed. Is the npm registry reachable?');
    process.exit(1);
  }
  mkdirSync(dirname(stamp), { recursive: true });
  writeFileSync(stamp, lock);
}

/** Path of the browser that the browser tests drive; Debian's package is installed when there is none. */
export function ensureChromium() {
  const path = process.env.TOMBLE_CHROMIUM ?? '/usr/bin/chromium';
  if (existsSync(path)) return path;
  console.log("Installing Debian's Chromium …");
  const sudo = process.getuid?.() === 0 ? [] : ['sudo'];
  const apt = (/** @type {string[]} */ ...args) => {
    const [program, ...rest] = [...sudo, 'apt-get', ...args];
    return run(program ?? 'apt-get', rest, { DEBIAN_FRONTEND: 'noninteractive' });
  };
  if (
    apt('update', '-qq') !== 0 ||
    apt('install', '-y', '-qq', '--no-install-recommends', 'chromium') !== 0 ||
    !existsSync(path)
  ) {
    console.error('Chromium is missing and could not be installed; install it or set TOMBLE_CHROMIUM to its path.');
    process.exit(1);
  }
  return path;
}

if (process.argv[1] && import.meta.url === pathToFileURL(process.argv[1]).href) installPackages();
