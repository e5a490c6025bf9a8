// The browser's process is killed while somebody cranks; afterwards every row that was shown as kept must be there, once.
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { CHROMIUM_ARGS, chromiumPath } from '../browser.mjs';
import { serve } from '../serve.mjs';

/** @param {string} profile */
const open = async (profile) => {
  const server = await chromium.launchPersistentContext(profile, {
    executablePath: chromiumPath,
    args: [...CHROMIUM_ARGS, '--remote-debugging-port=0'],
    viewport: { width: 1280, height: 800 }
  });
  return { context: server, page: server.pages()[0] ?? (await server.newPage()) };
};

/** The process of the browser that uses a profile. @param {string} profile */
function processOf(profile) {
  const list = execFileSync('ps', ['-eo', 'pid,args'], { encoding: 'utf8' });
  const line = list.split('\n').find((l) => l.includes(profile) && !l.includes('--type='));
  if (!line) throw new Error('the browser has no process');
  return Number(line.trim().split(' ')[0]);
}

/** What the page shows at this moment: the count, and whether it is shown as kept. @param {import('@playwright/test').Page} page */
const shown = (page) =>
  page.getByTestId('count').evaluate((el) => ({
    rows: Number.parseInt(el.textContent ?? '', 10),
    kept: el.getAttribute('data-kept') === 'yes'
  }));

/**
 * @param {number} rounds half of them are killed at the instant a row is shown as kept, half at any moment
 * @returns {Promise<boolean>} whether nothing was lost and nothing doubled
 */
export async function kills(rounds) {
  const { url, stop } = await serve({ port: 24741, demo: false, quiet: true });
  const count = { rounds: 0, rows: 0, lost: 0, doubled: 0, unkept: 0 };
  const profile = mkdtempSync(join(tmpdir(), 'tomble-kills-'));
  try {
    const first = await open(profile);
    await first.page.goto(url);
    await first.page.getByRole('button', { name: 'Plan a lined hat' }).click();
    await first.page.getByTestId('rows').waitFor();
    // A long piece, so that no round comes to its end.
    await first.page.getByText('A row count', { exact: true }).click();
    await first.page.getByRole('textbox', { name: 'Rows', exact: true }).fill('4000');
    const address = `${first.page.url()}/crank`;
    await first.page.waitForTimeout(1500);
    await first.context.close();
    let known = 0;
    let pressed = 0;
    for (let i = 0; i < rounds; i++) {
      const { context, page } = await open(profile);
      await page.goto(address);
      await page.getByTestId('count').waitFor();
      const now = await shown(page);
      // What was pressed beyond what was shown as kept may be there or not; nothing may be there twice.
      if (now.rows < known) count.lost += known - now.rows;
      if (i > 0 && now.rows > known + pressed) count.doubled += now.rows - known - pressed;
      const pid = processOf(profile);
      pressed = 0;
      let last = now.rows;
      const most = 3 + (i % 9);
      if (i % 2 === 0) {
        // Some things are confirmed before a row is cranked.
        for (let rows = 0; rows < most && pressed < 60; pressed++) {
          await page.keyboard.press('Space');
          rows = (await shown(page)).rows - now.rows;
        }
        await page.waitForFunction((before) => {
          const el = document.querySelector('[data-testid=count]');
          return el?.getAttribute('data-kept') === 'yes' && Number.parseInt(el.textContent ?? '', 10) > before;
        }, now.rows);
        last = (await shown(page)).rows;
      } else {
        const end = Date.now() + 20 + ((i * 37) % 400);
        while (Date.now() < end) {
          await page.keyboard.press('Space');
          pressed++;
          const seen = await shown(page);
          if (seen.kept) last = seen.rows;
          else count.unkept++;
        }
      }
      process.kill(pid, 'SIGKILL');
      await context.close().catch(() => {});
      known = last;
      count.rounds++;
      count.rows += pressed;
      if (count.rounds % 20 === 0)
        console.log(`${count.rounds} kills, ${count.rows} rows, ${count.lost} lost, ${count.doubled} doubled`);
    }
    console.log(JSON.stringify(count));
    return count.lost === 0 && count.doubled === 0;
  } finally {
    stop();
    rmSync(profile, { recursive: true, force: true });
  }
}
