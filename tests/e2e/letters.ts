import type { Page } from '@playwright/test';

/** Letters of the usual size in a browser, in px. */
const USUAL = 16;

/**
 * Sets the size of letters as a reader sets it in the browser: pages, and the widths they ask about, follow.
 *
 * @param times 2 for letters twice as large
 */
export async function lettersTimes(page: Page, times: number): Promise<void> {
  const cdp = await page.context().newCDPSession(page);
  await cdp.send('Page.setFontSizes', { fontSizes: { standard: USUAL * times, fixed: 13 * times } });
  await cdp.detach();
}
