import { defineConfig } from '@playwright/test';
import { CHROMIUM_ARGS, chromiumPath } from './scripts/browser.mjs';

/** Two servers of the same build: one as a new knitter finds it, one with the demo village. */
// Below the ports that systems lend to outgoing connections (32768 and up on Linux): one of those may be taken at any moment.
const PLAIN = 24731;
const DEMO = 24732;

const server = (port: number, demo: boolean) => ({
  command: 'node server/index.mjs',
  url: `http://127.0.0.1:${port}/api/health`,
  reuseExistingServer: false,
  env: {
    HOST: '127.0.0.1',
    PORT: String(port),
    ORIGIN: `http://127.0.0.1:${port}`,
    BODY_SIZE_LIMIT: '4M',
    TOMBLE_DEMO: demo ? '1' : '0'
  }
});

export default defineConfig({
  testDir: 'tests/e2e',
  fullyParallel: true,
  workers: 2,
  retries: 0,
  forbidOnly: true,
  // Long enough for a busy machine: nothing here is a claim about speed.
  timeout: 120_000,
  expect: { timeout: 20_000 },
  reporter: [['list']],
  outputDir: 'test-results',
  use: {
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath: chromiumPath, args: CHROMIUM_ARGS },
    actionTimeout: 20_000,
    trace: 'off',
    // Each visit would fetch all that works offline in the background: what works offline is tested where it is asked for.
    serviceWorkers: 'block'
  },
  webServer: [server(PLAIN, false), server(DEMO, true)],
  projects: [
    { name: 'new', testMatch: '**/*.new.spec.ts', use: { baseURL: `http://127.0.0.1:${PLAIN}` } },
    { name: 'demo', testMatch: '**/*.demo.spec.ts', use: { baseURL: `http://127.0.0.1:${DEMO}` } }
  ]
});
