import type { Page } from '@playwright/test';

/** What runs out of the window or hides its end sideways, by tag and words. */
export const sideways = (page: Page): Promise<string[]> =>
  page.evaluate(async () => {
    // The frame in which the pictures have taken their new size.
    await new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)));
    const over = document.documentElement.scrollWidth - window.innerWidth;
    const inner = [...document.querySelectorAll('body *')].filter(
      (e) =>
        e.scrollWidth > e.clientWidth + 2 &&
        e.clientWidth > 0 &&
        ['auto', 'scroll'].includes(getComputedStyle(e).overflowX)
    );
    const said = inner.map(
      (e) => `${e.tagName} ${e.scrollWidth - e.clientWidth} px: ${e.textContent.trim().slice(0, 40)}`
    );
    return over > 0 ? [`the page by ${over} px`, ...said] : said;
  });
