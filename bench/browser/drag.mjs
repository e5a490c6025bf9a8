// Colour: frames that come late while a border of a piece of 450 rows is dragged, as it is and at a quarter of the speed.
import { visit } from './open.mjs';
import { put, take } from './table.mjs';

const LATE_MS = 25;
const ROWS = 450;

/** @param {import('@playwright/test').Browser} browser @param {string} url the demo village */
export async function drags(browser, url) {
  const seen = await visit(browser);
  const { page } = seen;
  await page.goto(url);
  await page.locator('main article').first().waitFor();
  const projects = await take(page, 'projects');
  const hat = projects.find((p) => p.brief.kind === 'lined-hat');
  const scarf = projects.find((p) => p.brief.kind === 'scarf');
  const stripes = Array.from({ length: ROWS / 10 }, (_, i) => ({ yarn: i % 2 ? 'y-tide' : 'y-ember', rows: 10, locked: false })); // prettier-ignore
  const options = { ...scarf.brief.options, sizeBy: 'rows', rows: ROWS };
  const brief = { ...scarf.brief, machineId: hat.brief.machineId, options, colours: [{ piece: 0, sections: stripes }] };
  await put(page, { projects: [{ ...scarf, id: 'bench-drag', measured: null, knowledge: null, brief }] });
  await page.goto(`${url}/project/bench-drag/colour`);
  await page.getByRole('slider').nth(20).waitFor({ state: 'attached' });
  await page.waitForTimeout(1500);
  const measures = [];
  for (const slow of [1, 4]) {
    await seen.slow(slow);
    const box = await page.getByRole('slider').nth(20).boundingBox();
    if (!box) throw new Error('there is no border');
    await page.mouse.move(box.x + 20, box.y);
    await page.mouse.down();
    const frames = page.evaluate(async () => {
      const gaps = [];
      const until = performance.now() + 4000;
      let last = performance.now();
      while (performance.now() < until) {
        await new Promise((done) => requestAnimationFrame(done));
        gaps.push(performance.now() - last);
        last = performance.now();
      }
      return gaps;
    });
    for (let i = 0; i < 120; i++) {
      await page.mouse.move(box.x + 20, box.y + 40 * Math.sin(i / 6));
      await page.waitForTimeout(30);
    }
    const gaps = await frames;
    await page.mouse.up();
    const late = (100 * gaps.filter((ms) => ms > LATE_MS).length) / gaps.length;
    measures.push({
      what: `late frames while a border is dragged, 450 rows in 45 stripes${slow > 1 ? `, processor slowed ${slow} times` : ''}`,
      least: late,
      median: late,
      limit: null,
      unit: '%'
    });
  }
  await seen.close();
  return measures;
}
