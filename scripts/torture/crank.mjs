// The virtual crank turns a long piece in a real browser, with jitter, double and lost signals: the count stays in step.
import { chromium } from '@playwright/test';
import { CHROMIUM_ARGS } from '../browser.mjs';
import { serve } from '../serve.mjs';

/** A frame later than this was seen to be late: a screen of 60 frames a second shows one every 16.7 ms. */
const LATE_MS = 25;

/**
 * @param {number} rows how many rows
 * @returns {Promise<boolean>} whether every turn was a row
 */
export async function crank(rows) {
  const { url, stop } = await serve({ port: 24743, quiet: true });
  const browser = await chromium.launch({ executablePath: process.env.TOMBLE_CHROMIUM, args: CHROMIUM_ARGS });
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto(`${url}/project/demo-first`);
    await page
      .getByRole('navigation', { name: 'Stages of the project' })
      .getByRole('link', { name: /^Crank/ })
      .waitFor();
    // A tube as long as is asked for.
    await page.evaluate(async (most) => {
      const opening = indexedDB.open('tomble');
      const db = await new Promise((done, failed) => ((opening.onsuccess = () => done(opening.result)), (opening.onerror = failed))); // prettier-ignore
      const table = db.transaction('projects', 'readwrite').objectStore('projects');
      const asked = table.get('demo-first');
      await new Promise((done) => (asked.onsuccess = done));
      const project = asked.result;
      project.brief.options = { ...project.brief.options, sizeBy: 'rows', rows: most };
      const put = table.put(project);
      await new Promise((done) => (put.onsuccess = done));
      db.close();
    }, rows + 200);
    await page.reload();
    await page
      .getByRole('navigation', { name: 'Stages of the project' })
      .getByRole('link', { name: /^Crank/ })
      .click();
    const count = async () => Number(/^\d+/.exec((await page.getByTestId('count').textContent()) ?? '')?.[0] ?? 0);
    await page.getByTestId('crank').waitFor();
    for (let i = 0; i < 20 && !(await page.getByTestId('big').isVisible()); i++) await page.keyboard.press('Space');
    const before = await count();
    const [from] = page.url().split('?');
    await page.getByRole('navigation', { name: 'Main' }).getByRole('link', { name: 'Machines' }).click();
    await page.getByRole('link', { name: 'Devices' }).click();
    await page.getByText('How the virtual crank turns').click();
    for (const [label, value] of [
      ['Turns a minute', '300'],
      ['Unevenness', '20'],
      ['Turns that bounce', '5'],
      ['Lines that are lost', '2']
    ])
      await page.getByLabel(String(label)).fill(String(value));
    await page.getByRole('button', { name: 'Start the virtual crank' }).click();
    await page.goBack();
    await page.goBack();
    await page.waitForURL(String(from));
    await page.getByTestId('crank').waitFor();
    const watched = page.evaluate(
      (end) =>
        new Promise((done) => {
          const gaps = /** @type {number[]} */ ([]);
          let last = performance.now();
          const frame = (/** @type {number} */ now) => {
            gaps.push(now - last);
            last = now;
            const shown = Number(
              /^\d+/.exec(document.querySelector('[data-testid=count]')?.textContent ?? '')?.[0] ?? 0
            );
            if (shown < end) requestAnimationFrame(frame);
            else done(gaps);
          };
          requestAnimationFrame(frame);
        }),
      before + rows
    );
    const began = Date.now();
    // A colour that changes, and whatever else a hand has to do, is done as soon as it is asked for.
    const hand = setInterval(() => {
      void page.evaluate(() => {
        if (!document.querySelector('[data-testid=big]')) /** @type {HTMLElement | null} */ (document.querySelector('[data-testid=crank]'))?.click();
      }).catch(() => undefined);
      void count().then((n) => n % 1000 < 6 && console.log(`${n} rows after ${Math.round((Date.now() - began) / 1000)} s`)).catch(() => undefined);
    }, 1000); // prettier-ignore
    const gaps = /** @type {number[]} */ (await watched);
    clearInterval(hand);
    // On to the devices, which say what was heard; then what is kept is counted.
    await page.getByRole('navigation', { name: 'Main' }).getByRole('link', { name: 'Machines' }).click();
    await page.getByRole('link', { name: 'Devices' }).click();
    await page.getByRole('button', { name: 'Let it go' }).click();
    const said = async (/** @type {string} */ id) => Number(await page.getByTestId(id).textContent());
    const heard = { turns: await said('turns'), doubles: await said('doubles'), caughtUp: await said('caught-up'), unheard: await said('unheard') }; // prettier-ignore
    await page.waitForTimeout(2000);
    const kept = await page.evaluate(async () => {
      const opening = indexedDB.open('tomble');
      const db = await new Promise((done) => (opening.onsuccess = () => done(opening.result)));
      const asked = db.transaction('events').objectStore('events').index('projectId').getAll('demo-first');
      await new Promise((done) => (asked.onsuccess = done));
      const events = /** @type {{ what: { do: string } }[]} */ (asked.result);
      db.close();
      return events.filter(({ what }) => what.do === 'row').length;
    });
    const late = gaps.filter((gap) => gap > LATE_MS).length;
    const longest = Math.max(...gaps);
    const seconds = Math.round((Date.now() - began) / 1000);
    console.log(`${heard.turns} turns heard in ${seconds} s: ${kept} rows kept, ${heard.unheard} turned with no piece at the crank`); // prettier-ignore
    console.log(`${heard.doubles} seen twice and dropped, ${heard.caughtUp} lost on the way and caught up`);
    console.log(`frames: ${gaps.length}, late ${late} (${((100 * late) / gaps.length).toFixed(2)} %), longest ${longest.toFixed(0)} ms`); // prettier-ignore
    return kept + heard.unheard === heard.turns && kept >= rows;
  } finally {
    await browser.close();
    stop();
  }
}
