// Starts the built server on the loopback address, on the wished port or a free one.
import { spawn } from 'node:child_process';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { root } from './install.mjs';

/**
 * Tries to listen on a port for a moment.
 *
 * @param {number} port 0 asks for any free one
 * @returns {Promise<number | undefined>} the port, or undefined when it is taken
 */
function free(port) {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(undefined));
    probe.listen(port, '127.0.0.1', () => {
      const address = probe.address();
      probe.close(() => resolve(typeof address === 'object' && address ? address.port : undefined));
    });
  });
}

/**
 * Starts the server and waits until it answers.
 *
 * @param {{ port?: number, demo?: boolean, quiet?: boolean, folder?: string }} wish
 * @returns {Promise<{ url: string, stop: () => void, ended: Promise<number> }>}
 */
export async function serve({ port = 4173, demo = true, quiet = false, folder = root } = {}) {
  let chosen = await free(port);
  for (let next = port + 1; chosen === undefined; next++) chosen = await free(next);
  if (chosen !== port && !quiet) console.log(`Port ${port} is taken: port ${chosen} is used.`);
  const url = `http://127.0.0.1:${chosen}`;
  const child = spawn(process.execPath, [join(root, 'server', 'index.mjs'), join(folder, 'build')], {
    cwd: root,
    stdio: quiet ? ['ignore', 'ignore', 'inherit'] : 'inherit',
    env: {
      ...process.env,
      HOST: '127.0.0.1',
      PORT: String(chosen),
      ORIGIN: url,
      // The plan route has a limit of its own with a clear answer, so the adapter's must lie above it.
      BODY_SIZE_LIMIT: '4M',
      TOMBLE_DEMO: demo ? '1' : '0'
    }
  });
  /** @type {Promise<number>} */
  const ended = new Promise((resolve) => child.once('exit', (code) => resolve(code ?? 0)));
  const until = Date.now() + 30_000;
  while (Date.now() < until && child.exitCode === null) {
    try {
      // Any answer will do: a blank page has no word of its health.
      if ((await fetch(`${url}/api/health`)).status < 500)
        return { url, stop: () => void child.kill('SIGTERM'), ended };
    } catch {
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
  }
  child.kill('SIGTERM');
  throw new Error(`the server did not answer on ${url}`);
}
