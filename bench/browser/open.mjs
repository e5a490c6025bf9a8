/**
 * A visit of a page: the page, its calm (no long task for so long), and how it is slowed.
 *
 * @param {import('@playwright/test').Browser} browser
 * @param {{ width?: number, height?: number }} [size]
 */
export async function visit(browser, { width = 1280, height = 800 } = {}) {
  const context = await browser.newContext({ viewport: { width, height } });
  const page = await context.newPage();
  const cdp = await context.newCDPSession(page);
  await cdp.send('Performance.enable');
  return {
    page,
    close: () => context.close(),
    /** Slows the processor of this page. @param {number} rate */
    slow: (rate) => cdp.send('Emulation.setCPUThrottlingRate', { rate }),
    /** Seconds the main thread has worked since the page began. */
    worked: async () => {
      const { metrics } = await cdp.send('Performance.getMetrics');
      return metrics.find((m) => m.name === 'TaskDuration')?.value ?? NaN;
    }
  };
}
