// Finding a yarn among 5,000: from the key to the frame that shows what is found.
import { visit } from './open.mjs';
import { of } from './statistics.mjs';
import { put, take, yarns } from './table.mjs';

/** @param {import('@playwright/test').Browser} browser @param {string} url */
export async function finding(browser, url) {
  const { page, close } = await visit(browser);
  await page.goto(url);
  await page.locator('main').waitFor();
  await page.getByText('Bench').first().waitFor();
  await page.locator('main article, main section').first().waitFor();
  const [like] = await take(page, 'yarns');
  await put(page, { yarns: yarns(like, 5000) });
  await page.goto(`${url}/yarns`);
  await page.getByRole('grid').waitFor();
  await page.waitForTimeout(500);
  const took = await page.evaluate(async () => {
    const field = document.querySelector('input[type=search]');
    if (!(field instanceof HTMLInputElement)) throw new Error('no field to search in');
    const shown = () => document.querySelector('[data-testid=stash-scroll]')?.textContent;
    const times = [];
    for (const text of [
      't',
      'ta',
      'tarn 1',
      'tarn 12',
      'ash 7',
      'ash 71',
      'tarn 49',
      'tarn 4',
      'ash 3',
      'tarn 33',
      'ash 55',
      'tarn 2'
    ]) {
      await new Promise((done) => setTimeout(done, 250));
      const before = shown();
      const from = performance.now();
      field.value = text;
      field.dispatchEvent(new Event('input', { bubbles: true }));
      for (let n = 0; n < 60 && (n === 0 || shown() === before); n++)
        await new Promise((done) => requestAnimationFrame(done));
      if (text.length > 2) times.push(performance.now() - from);
    }
    return times;
  });
  await close();
  const a = of(took);
  return [{ what: 'finding in 5,000 yarns, from the key to the frame', ...a, limit: 50, unit: 'ms' }];
}
