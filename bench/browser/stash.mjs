// How the stash scrolls with 5,000 yarns against 500: frame times of the same run, in the built application.

/**
 * Frame times in ms while the stash scrolls, 100 px with every frame: more than two new rows.
 *
 * @param {import('@playwright/test').Browser} browser
 * @param {string} url
 * @param {number} count yarns in the stash
 */
async function frames(browser, url, count) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  await page.goto(`${url}/yarns`);
  await page.getByRole('grid').waitFor();
  const lines = Array.from({ length: count }, (_, i) => `Tarn ${i},Ash ${i % 9},${150 + (i % 60)},100`);
  const buffer = Buffer.from(['name,colour name,metres,grams', ...lines].join('\n'));
  await page.getByLabel('Yarn file').setInputFiles({ name: 'many.csv', mimeType: 'text/csv', buffer });
  await page.getByRole('button', { name: 'Add them' }).click();
  await page.getByText(new RegExp(`^${count + 3} yarns$`)).waitFor({ timeout: 60_000 });
  const times = await page.getByTestId('stash-scroll').evaluate(async (scroller) => {
    const took = [];
    let last = performance.now();
    for (let i = 1; i <= 120; i++) {
      scroller.scrollTop = 100 * i;
      await new Promise((done) => requestAnimationFrame(done));
      took.push(performance.now() - last);
      last = performance.now();
    }
    return took.slice(5).sort((a, b) => a - b);
  });
  await context.close();
  return { median: times[Math.floor(times.length / 2)] ?? 0, slow: times[Math.floor(times.length * 0.95)] ?? 0 };
}

/**
 * Frame times with many yarns as multiples of those with few.
 *
 * @param {import('@playwright/test').Browser} browser
 * @param {string} url the application as a new knitter finds it
 */
export async function scrolling(browser, url) {
  const few = await frames(browser, url, 500);
  const many = await frames(browser, url, 5000);
  return [
    {
      what: 'a frame of scrolling 5,000 yarns, in frames of scrolling 500 as fast',
      least: many.median / few.median,
      median: many.median / few.median,
      limit: 2
    },
    {
      what: 'the slowest twentieth of those frames, likewise',
      least: many.slow / few.slow,
      median: many.slow / few.slow,
      limit: 3
    }
  ];
}
