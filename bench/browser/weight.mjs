// What a first visit loads, as served, against a page with nothing on it in the same framework.
import { visit } from './open.mjs';
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

/** @param {import('@playwright/test').Browser} browser @param {string} url the demo village @param {string} blank */
export async function weights(browser, url, blank) {
  const nothing = await weigh(browser, blank, 'p');
  const bench = await weigh(browser, url, 'main article svg[role=img]');
  const plan = await weigh(browser, url, '[data-testid=rows]', async (page) => {
    const hat = (await take(page, 'projects')).find((p) => p.brief.kind === 'lined-hat');
    return `${url}/project/${hat.id}`;
  });
  return [
    { what: 'first visit of the bench, bytes as served, in blank pages', ratio: bench / nothing, limit: 5 },
    { what: 'first visit of a project, bytes as served, in blank pages', ratio: plan / nothing, limit: 7 }
  ].map(({ what, ratio, limit }) => ({ what, least: ratio, median: ratio, limit }));
}
