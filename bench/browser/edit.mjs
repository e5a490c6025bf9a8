// From a key in a field of a plan to the painted frame, with a large stash and a slow processor.
import { visit } from './open.mjs';
import { of } from './statistics.mjs';
import { put, take, yarns } from './table.mjs';

const FRAME_MS = 1000 / 60;

/** @param {import('@playwright/test').Browser} browser @param {string} url the demo village */
export async function edits(browser, url) {
  const { page, slow, close } = await visit(browser);
  await page.goto(url);
  await page.locator('main article').first().waitFor();
  const [like] = await take(page, 'yarns');
  await put(page, { yarns: yarns(like, 5000) });
  const waistcoat = (await take(page, 'projects')).find((p) => p.brief.kind === 'waistcoat');
  await page.goto(`${url}/project/${waistcoat.id}`);
  await page.getByTestId('rows').waitFor();
  await page.waitForTimeout(1500);
  await slow(4);
  const { edit, empty } = await page.evaluate(async () => {
    const frame = () => new Promise((done) => requestAnimationFrame(done));
    const rows = () => document.querySelector('[data-testid=rows]')?.textContent;
    const field = document.querySelector('#option-lengthMm input, #option-heightMm input, #option-backMm input');
    if (!(field instanceof HTMLInputElement)) throw new Error('no field of length in this plan');
    const start = Number.parseFloat(field.value);
    const took = { edit: [], empty: [] };
    for (let i = 0; i < 60; i++) {
      await new Promise((done) => setTimeout(done, 700 + (i % 7) * 5));
      let from = performance.now();
      await frame();
      await frame();
      took.empty.push(performance.now() - from);
      await new Promise((done) => setTimeout(done, 300));
      const before = rows();
      from = performance.now();
      field.value = String(start + 1 + (i % 2) * 3);
      field.dispatchEvent(new Event('input', { bubbles: true }));
      field.dispatchEvent(new Event('change', { bubbles: true }));
      // The frame in which the other rows stand, and the one after it, by which that one is painted.
      await frame();
      for (let n = 0; rows() === before; n++) {
        if (n > 300) throw new Error('an edit changed nothing');
        await frame();
      }
      await frame();
      took.edit.push(performance.now() - from);
    }
    return took;
  });
  await close();
  const [a, b] = [of(edit), of(empty)];
  return [
    {
      what: 'edit of a waistcoat to the painted frame, 5,000 yarns, processor slowed 4 times, over an empty pair of frames',
      least: (a.least - b.least) / FRAME_MS,
      median: (a.median - b.median) / FRAME_MS,
      limit: 2,
      unit: 'frames'
    }
  ];
}
