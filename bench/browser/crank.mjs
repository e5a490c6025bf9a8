// The crank: frames that come late at eight rows a second, and what a row costs after many.
import { visit } from './open.mjs';
import { of } from './statistics.mjs';
import { events, put, take } from './table.mjs';

const LATE_MS = 25;

/** Opens the crank of a striped hat that has seen so much already. */
async function atCrank(browser, url, count) {
  const seen = await visit(browser);
  const { page } = seen;
  await page.goto(url);
  await page.locator('main article').first().waitFor();
  const hat = (await take(page, 'projects')).find((p) => p.brief.kind === 'lined-hat');
  const own = { ...hat, id: 'bench-crank', measured: null, knowledge: null };
  await put(page, { projects: [own], events: events(own.id, count) });
  await page.goto(`${url}/project/${own.id}/crank`);
  await page.getByTestId('crank').waitFor();
  await page.waitForTimeout(1000);
  return seen;
}

const press = (page) =>
  page.evaluate(() => dispatchEvent(new KeyboardEvent('keydown', { key: ' ', code: 'Space', bubbles: true })));

/** @param {import('@playwright/test').Browser} browser @param {string} url the demo village */
export async function cranks(browser, url) {
  const turning = await atCrank(browser, url, 100);
  await turning.slow(4);
  const late = await turning.page.evaluate(async (lateMs) => {
    const frames = [];
    const until = performance.now() + 8000;
    let last = performance.now();
    const hand = setInterval(() => dispatchEvent(new KeyboardEvent('keydown', { key: ' ', code: 'Space' })), 125);
    while (performance.now() < until) {
      await new Promise((done) => requestAnimationFrame(done));
      frames.push(performance.now() - last);
      last = performance.now();
    }
    clearInterval(hand);
    return frames.filter((ms) => ms > lateMs).length / frames.length;
  }, LATE_MS);
  await turning.close();

  const few = await atCrank(browser, url, 100);
  const many = await atCrank(browser, url, 10_000);
  const cost = { few: /** @type {number[]} */ ([]), many: /** @type {number[]} */ ([]) };
  for (let turn = 0; turn < 40; turn++) {
    for (const [name, at] of /** @type {const} */ ([
      ['few', few],
      ['many', many]
    ])) {
      const before = await at.worked();
      await press(at.page);
      await at.page.waitForTimeout(60);
      cost[name].push((await at.worked()) - before);
    }
  }
  await few.close();
  await many.close();
  const [a, b] = [of(cost.few), of(cost.many)];
  return [
    {
      what: 'late frames at the crank, 8 rows a second, processor slowed 4 times',
      least: 100 * late,
      median: 100 * late,
      limit: 5,
      unit: '%'
    },
    {
      what: 'work of a row after 10,000 events, in rows after 100',
      least: b.least / a.least,
      median: b.median / a.median,
      limit: 1.1
    }
  ];
}
