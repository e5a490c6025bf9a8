import { cpSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { test as base, expect } from '@playwright/test';
import { watch } from './watch';
import { serve } from '../../scripts/serve.mjs';

export { expect };

/** A server of this test alone, that can be switched off and can go on with another build at the same address. */
export interface OwnServer {
  readonly url: string;
  /** The server is gone; returns when nothing answers any more. */
  off: () => Promise<void>;
  /** The server is there, with a build. */
  on: (folder: string) => Promise<void>;
}

/** The folder that holds the build under test. */
export const FIRST = resolve(import.meta.dirname, '../..');

/** Puts another word in place of one in every file of text below a folder, and drops what was packed beforehand. */
function renamed(folder: string, from: string, to: string): void {
  for (const name of readdirSync(folder)) {
    const path = join(folder, name);
    if (statSync(path).isDirectory()) renamed(path, from, to);
    else if (/\.(br|gz)$/.test(name)) rmSync(path);
    else if (/\.(m?js|html|css|json|webmanifest)$/.test(name))
      writeFileSync(path, readFileSync(path, 'utf8').replaceAll(from, to));
  }
}

/**
 * A second build. `TOMBLE_SECOND` names one that was truly built (`npm run torture -- updates` does); otherwise the first is
 * taken with another version and with none of its parts at an address they had.
 */
export function secondBuild(): { folder: string; away: () => void } {
  const built = process.env.TOMBLE_SECOND;
  if (built) return { folder: built, away: () => undefined };
  const folder = mkdtempSync(join(tmpdir(), 'tomble-second-'));
  const to = join(folder, 'build');
  cpSync(join(FIRST, 'build'), to, { recursive: true });
  const { version } = JSON.parse(readFileSync(join(to, 'client/_app/version.json'), 'utf8')) as { version: string };
  renamed(to, version, `${version}-second`);
  renamed(to, '_app/', '_bpp/');
  renamed(to, '"_app"', '"_bpp"');
  cpSync(join(to, 'client/_app'), join(to, 'client/_bpp'), { recursive: true });
  rmSync(join(to, 'client/_app'), { recursive: true });
  return { folder, away: () => rmSync(folder, { recursive: true, force: true }) };
}

/** The browser test of a server that comes and goes: nothing uncaught, and no request but to that server. */
export const test = base.extend<{ server: OwnServer; watched: void }>({
  // eslint-disable-next-line no-empty-pattern -- the runner reads the names of what a fixture needs from its pattern
  server: async ({}, use) => {
    const start = (folder: string, port: number) => serve({ port, folder, demo: true, quiet: true });
    // A port that was free once is used for every build.
    let running = await start(FIRST, 0);
    const port = Number(new URL(running.url).port);
    const off = async (): Promise<void> => {
      running.stop();
      await running.ended;
    };
    await use({
      url: running.url,
      off,
      on: async (folder) => {
        running = await start(folder, port);
      }
    });
    await off();
  },
  baseURL: async ({ server }, use) => use(server.url),
  watched: [
    async ({ context, baseURL }, use) => {
      // That the server is gone is told by the browser itself.
      const heard = watch(context, baseURL, /Failed to load resource|ERR_CONNECTION_REFUSED/);
      await use();
      expect(heard).toEqual([]);
    },
    { auto: true }
  ]
});
