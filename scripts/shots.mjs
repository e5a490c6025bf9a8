// npm run shots: retakes docs/screenshots from the demo data, one picture of each main view.
import { mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { CHROMIUM_ARGS } from './browser.mjs';
import { buildIfStale } from './build.mjs';
import { ensureChromium, installPackages, root } from './install.mjs';
import { serve } from './serve.mjs';

/** Name of the picture, address, width, height, theme, and what is done before it is taken. */
const VIEWS = [
  ['bench', '/', 1280, 800, 'light'],
  ['choose', '/new', 1280, 1000, 'light'],
  ['plan', '/project/demo-lantern', 1280, 800, 'light'],
  ['plan-narrow', '/project/demo-school', 390, 844, 'light'],
  ['series', '/series', 1280, 1000, 'light', 'series'],
  ['colour', '/project/demo-fog/colour', 1280, 1000, 'light', 'stripes'],
  ['colour-leftovers', '/project/demo-fog/colour', 1280, 1000, 'dark', 'leftovers'],
  ['crank', '/project/demo-lantern/crank', 1280, 800, 'light'],
  ['plan-cardigan', '/new', 1280, 1000, 'light', 'cardigan'],
  ['wide-panel', '/new', 1280, 900, 'light', 'widePanel'],
  ['verdicts', '/new', 900, 1180, 'light', 'verdicts'],
  ['crank-panel', '/project/demo-waistcoat/crank', 1280, 800, 'dark', 'panel'],
  ['finish', '/project/demo-bag/finish', 1280, 1000, 'light'],
  ['log', '/log', 1280, 1000, 'light'],
  ['machines', '/machines', 1280, 800, 'light'],
  ['yarns', '/yarns', 1280, 800, 'light'],
  ['swatches', '/swatches', 1280, 1020, 'light'],
  ['substitute', '/stand-ins', 1280, 800, 'light', 'answered'],
  ['measures', '/measures', 1280, 800, 'light']
];

/** Things done on a page before its picture is taken. */
const ACTS = {
  /** A hat in growing stripes of three yarns. */
  stripes: async (page) => {
    const yarns = page.getByRole('group', { name: 'Yarns of the rule' });
    for (const name of [/Ember/, /Tide/]) await yarns.getByRole('button', { name }).click();
    await page.getByRole('combobox', { name: /^Rule/ }).selectOption('fibonacci');
    await page.getByRole('button', { name: 'Lay', exact: true }).click();
    await page.evaluate(() => scrollTo(0, 0));
  },
  /** Sections from what is left of three yarns, found and proved. */
  leftovers: async (page) => {
    const left = page.getByRole('list', { name: 'Leftovers' });
    for (const [name, grams] of [
      ['Millbarrow, Moss', '60'],
      ['Reedwick, Ember', '50'],
      ['Reedwick, Tide', '40']
    ]) {
      await left.getByRole('checkbox', { name, exact: true }).check();
      await left.getByRole('textbox', { name: `Grams left of ${name}` }).fill(grams);
    }
    await page.getByRole('button', { name: 'Find sections' }).click();
    await page.getByTestId('answers').getByText('proved').waitFor({ timeout: 60_000 });
    await page.getByRole('status').filter({ hasText: 'Looking' }).waitFor({ state: 'detached', timeout: 60_000 });
    await page.getByTestId('answers').scrollIntoViewIfNeeded();
  },
  /** Six small hats from four yarns, drawn up and kept. */
  series: async (page) => {
    await page.getByLabel('What is made').selectOption({ label: 'School hat, small stripes' });
    for (const name of [/Ember, /, /Tide, /, /Oat, /, /Moss, /]) await page.getByRole('checkbox', { name }).check();
    await page.getByRole('textbox', { name: 'Name of the series' }).fill('Hats for the lantern walk');
    await page.getByRole('button', { name: /^Draw up/ }).click();
    await page.getByRole('button', { name: 'Keep the series' }).click();
    await page.getByTestId('ends').waitFor();
  },
  /** A new cardigan with five buttons: its figures, its pieces, and the holes in its band. */
  cardigan: async (page) => {
    await page.getByRole('button', { name: /^V-neck cardigan/ }).click();
    await page.getByTestId('rows').waitFor();
    await page.getByRole('textbox', { name: 'Buttons', exact: true }).fill('5');
    await page.keyboard.press('Tab');
    const narrow = page.locator('[data-finding=band-narrow]').first();
    await narrow.getByRole('button').click();
    await narrow.waitFor({ state: 'detached' });
    // Steps are laid out as they come into sight, and push the others down.
    for (let i = 0; i < 4; i++) {
      await page.getByText(/5 holes: chain/).evaluate((step) => step.scrollIntoView({ block: 'center' }));
      await page.waitForTimeout(300);
    }
  },
  /** The latching of a widened panel: its groups, and the threads its loops hang on. */
  widePanel: async (page) => {
    await page.getByRole('button', { name: /^Panel wider than the ring/ }).click();
    await page.getByTestId('rows').waitFor();
    await page
      .getByText(/^Latch up/)
      .first()
      .scrollIntoViewIfNeeded();
  },
  /** How new things of six kinds fit, one below the other. */
  verdicts: async (page) => {
    const heads = [];
    for (const kind of [/^Lined hat/, /^Band hat/, /^Socks/, /^Tube top/, /^Waistcoat/, /^Headband/]) {
      await page.goto(new URL('/new', page.url()).href);
      await page.getByRole('button', { name: kind }).click();
      const verdict = page.getByTestId('verdict');
      await verdict.waitFor();
      await page.waitForTimeout(600);
      heads.push((await page.locator('.sheet').filter({ has: verdict }).first().screenshot()).toString('base64'));
    }
    const pictures = heads.map((png) => `<img alt="" src="data:image/png;base64,${png}">`).join('');
    // A page of its own: that of the app lets no style in that is not its own.
    const sheet = await page.context().newPage();
    await sheet.setContent(`<style>body{margin:16px;display:grid;grid-template-columns:1fr 1fr;gap:16px;background:#e8f1ee}img{width:100%;height:360px;object-fit:contain;object-position:left top}</style>${pictures}`); // prettier-ignore
    await sheet
      .locator('img')
      .last()
      .evaluate((img) => img.decode());
    return sheet;
  },
  /** The nearest yarns are planned. */
  answered: async (page) => {
    await page.getByTestId('answer').waitFor();
  },
  /** The first half of a back, past its underarm: a decrease, and the loops it moves. */
  panel: async (page) => {
    for (let i = 0; i < 13; i++) await page.keyboard.press('Space');
    await page.keyboard.press('g');
    await page.getByRole('dialog').getByRole('textbox').fill('80');
    await page.keyboard.press('Enter');
    await page.getByTestId('moment').waitFor();
    for (let i = 0; i < 2; i++) await page.keyboard.press('ArrowRight');
  }
};

installPackages();
await buildIfStale();
const executablePath = ensureChromium();
const { chromium } = await import('@playwright/test');
const folder = join(root, 'docs', 'screenshots');
rmSync(folder, { recursive: true, force: true });
mkdirSync(folder, { recursive: true });
const server = await serve({ port: 0, demo: true, quiet: true });
const browser = await chromium.launch({ executablePath, args: CHROMIUM_ARGS });
try {
  for (const [name, path, width, height, colorScheme, act] of VIEWS) {
    const context = await browser.newContext({ viewport: { width, height }, colorScheme });
    const page = await context.newPage();
    await page.goto(server.url + path);
    await page.locator('h1, [data-testid=crank]').first().waitFor();
    await page.evaluate(() => document.fonts.ready);
    const shown = (act && (await ACTS[act](page))) ?? page;
    await shown.waitForTimeout(400);
    await shown.screenshot({ path: join(folder, `${name}.png`) });
    await context.close();
    console.log(`docs/screenshots/${name}.png`);
  }
} finally {
  await browser.close();
  server.stop();
}
