// npm run shots: retakes docs/screenshots from the demo data, one picture of each main view.
import { mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { CHROMIUM_ARGS } from './browser.mjs';
import { buildIfStale } from './build.mjs';
import { ensureChromium, installPackages, root } from './install.mjs';
import { serve } from './serve.mjs';

/** Name of the picture, address, width, height, theme. */
const VIEWS = [
  ['bench', '/', 1280, 800, 'light'],
  ['plan', '/project/demo-lantern', 1280, 800, 'light'],
  ['plan-finding', '/project/demo-fog', 1280, 800, 'light'],
  ['plan-narrow', '/project/demo-school', 390, 844, 'light'],
  ['crank', '/project/demo-lantern/crank', 1280, 800, 'light'],
  ['crank-lamp', '/project/demo-lantern/crank', 1280, 800, 'dark'],
  ['finish', '/project/demo-first/finish', 1280, 800, 'light'],
  ['log', '/log', 1280, 800, 'light'],
  ['machines', '/machines', 1280, 800, 'light'],
  ['yarns', '/yarns', 1280, 800, 'light'],
  ['swatches', '/swatches', 1280, 1020, 'light'],
  ['stand-ins', '/stand-ins', 1280, 800, 'light'],
  ['measures', '/measures', 1280, 800, 'light'],
  ['convert', '/convert', 1280, 800, 'light']
];

installPackages();
buildIfStale();
const executablePath = ensureChromium();
const { chromium } = await import('@playwright/test');
const folder = join(root, 'docs', 'screenshots');
rmSync(folder, { recursive: true, force: true });
mkdirSync(folder, { recursive: true });
const server = await serve({ port: 0, demo: true, quiet: true });
const browser = await chromium.launch({ executablePath, args: CHROMIUM_ARGS });
try {
  for (const [name, path, width, height, colorScheme] of VIEWS) {
    const context = await browser.newContext({ viewport: { width, height }, colorScheme });
    const page = await context.newPage();
    await page.goto(server.url + path);
    await page.locator('h1, [data-testid=crank]').first().waitFor();
    await page.evaluate(() => document.fonts.ready);
    await page.waitForTimeout(400);
    await page.screenshot({ path: join(folder, `${name}.png`) });
    await context.close();
    console.log(`docs/screenshots/${name}.png`);
  }
} finally {
  await browser.close();
  server.stop();
}
