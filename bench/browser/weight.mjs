// What a first visit loads, as served, against a page with nothing on it in the same framework.
import { take } from './table.mjs';

/**
 * Bytes of body and headers that a visit takes until nothing is asked for any more; what is kept for days without a
 * network comes later and is not part of it.
 *
 * @param {import('@playwright/test').Browser} browser
 * @param {string} url
 * @param {string} ready a selector that is there when the page is
 * @param {(page: import('@playwright/test').Page) => Promise<string>} [find] the address to visit, found by another visit
 */
async function weigh(browser, url, ready, find) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' });
  const page = await context.newPage();
  let address = url;
  if (find) {
    await page.goto(url);
    await page.locator('main article').first().waitFor();
    address = await find(page);
  }
  const cdp = await context.newCDPSession(page);
  await cdp.send('Network.enable');
  await cdp.send('Network.setCacheDisabled', { cacheDisabled: true });
  let bytes = 0;
  cdp.on('Network.loadingFinished', ({ encodedDataLength }) => (bytes += encodedDataLength));
  await page.goto(address);
  await page.locator(ready).first().waitFor();
  await page.waitForLoadState('networkidle');
  await context.close();
  return bytes;
}

/**
 * @param {import('@playwright/test').Browser} browser
 * @param {string} fresh the application as a new knitter finds it
 * @param {string} village the same with the demo village: eight projects are planned and drawn
 * @param {string} blank a page with nothing on it
 */
export async function weights(browser, fresh, village, blank) {
  const nothing = await weigh(browser, blank, 'p');
  const bench = await weigh(browser, fresh, 'main aside');
  const full = await weigh(browser, village, 'main article svg[role=img]');
  const plan = await weigh(browser, village, '[data-testid=rows]', async (page) => {
    const hat = (await take(page, 'projects')).find((p) => p.brief.kind === 'lined-hat');
    return `${village}/project/${hat.id}`;
  });
  return [
    { what: 'first visit of the bench, bytes as served, in blank pages', ratio: bench / nothing, limit: 5 },
    { what: 'first visit of the bench of the demo village, likewise', ratio: full / nothing, limit: null },
    { what: 'first visit of a project, likewise', ratio: plan / nothing, limit: 7 }
  ].map(({ what, ratio, limit }) => ({ what, least: ratio, median: ratio, limit }));
}
